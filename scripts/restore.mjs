// @ts-check
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { checkDump, dataFolderOf, isStarted, readDump, withDatabase } from './lib/dumps.mjs';
import { ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endWithWhatRuns } from './lib/run.mjs';
import { giveUp, say } from './lib/say.mjs';

/** Puts a dump in the place of the database: `npm run restore -- FILE [--data DIR]`. */

const { values, positionals } = parseArgs({ options: { data: { type: 'string' } }, allowPositionals: true });
const [path, extra] = positionals;
if (!path || extra) giveUp('Say which backup: npm run restore -- FILE [--data DIR].');
const file = resolve(/** @type {string} */ (path));
if (!existsSync(file)) giveUp(`There is no file ${file}.`);

endWithWhatRuns();
ensureNode();
await ensurePackages();
await ensurePostgres();
const dataFolder = dataFolderOf(values.data);
if (isStarted(dataFolder)) giveUp('Wellhydra is running with this data. Stop it first.');
try {
  await checkDump(file);
} catch {
  giveUp(`${file} is no whole backup. Nothing was changed.`);
}
try {
  const before = await withDatabase(dataFolder, (address) => readDump(address, { file, now: new Date() }));
  say(`Restored from ${file}. How it was before is kept in the database ${before}, until the next one is restored.`);
} catch (error) {
  giveUp(`Not restored, and nothing was changed: ${error instanceof Error ? error.message : error}`);
}
