// @ts-check
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib/prepare.mjs';
import { say } from './lib/say.mjs';

/** Says under which licences the packages stand, and fails where one is not among those that are known: `npm run licences`. */

/** May be used in whatever is made of them, as long as they are named; MPL and LGPL as packages that stay as they are. */
const KNOWN =
  /^(?:MIT|MIT-0|ISC|0BSD|BSD-[23]-Clause|Apache-2\.0|BlueOak-1\.0\.0|CC0-1\.0|CC-BY-4\.0|Unlicense|Python-2\.0|OFL-1\.1|MPL-2\.0|LGPL-3\.0-or-later)$/;
/** Packages whose licence stands in their files alone: as it was read there. */
const READ_BY_HAND = { 'node_modules/exit': 'MIT', 'node_modules/png-js': 'MIT' };

/** @type {{ packages: Record<string, { license?: string, link?: boolean }> }} */
const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
/** @type {Map<string, string[]>} */
const found = new Map();
for (const [place, { license, link }] of Object.entries(packages)) {
  if (link || !place.includes('node_modules/')) continue;
  const of = license ?? /** @type {Record<string, string>} */ (READ_BY_HAND)[place] ?? 'not said';
  found.set(of, [...(found.get(of) ?? []), place.replace(/^.*node_modules\//, '')]);
}

/** One of those that are offered, and all of those that hold together. @param {string} licence */
const isKnown = (licence) => {
  const words = licence.replace(/[()]/g, '').split(' OR ');
  return words.some((each) => each.split(' AND ').every((one) => KNOWN.test(one)));
};
for (const [licence, names] of [...found].sort((a, b) => b[1].length - a[1].length))
  say(`${String(names.length).padStart(5)}  ${licence}`);
const unknown = [...found].filter(([licence]) => !isKnown(licence));
for (const [licence, names] of unknown) say(`\nNot among the known ones: ${licence}: ${names.join(', ')}`);
process.exitCode = unknown.length > 0 ? 1 : 0;
