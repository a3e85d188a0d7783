// @ts-check
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages } from './lib/prepare.mjs';
import { say } from './lib/say.mjs';

/** Writes a reading copy of all that the product can say, place by place: `npm run words`. */

ensureNode();
await ensurePackages();
const { saidIn, SPEAKING } = await import('./lib/said-words.mjs');
const places = await saidIn(SPEAKING);
const pages = places.map(({ file, said }) => `## ${file}\n\n${said.map((each) => `- ${each}`).join('\n')}\n`);
const target = join(ROOT, '.build', 'words.md');
mkdirSync(join(ROOT, '.build'), { recursive: true });
writeFileSync(target, `# What is said, place by place\n\n${pages.join('\n')}`);
say(`${places.reduce((sum, { said }) => sum + said.length, 0)} texts of ${places.length} files: ${target}`);
