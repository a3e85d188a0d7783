// @ts-check
import { statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { dataFolderOf, withDatabase, writeDump } from './lib/dumps.mjs';
import { ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endWithWhatRuns } from './lib/run.mjs';
import { giveUp, say } from './lib/say.mjs';

/** Writes a dump of the database: `npm run backup -- [--data DIR] [--to DIR] [--keep N]`. */

const KEPT = 14;
const { values } = parseArgs({
  options: { data: { type: 'string' }, to: { type: 'string' }, keep: { type: 'string' } },
});
const keep = Number(values.keep ?? KEPT);
if (!Number.isInteger(keep) || keep < 1) giveUp(`--keep takes a whole number from 1 on, not "${values.keep}".`);

endWithWhatRuns();
ensureNode();
await ensurePackages();
await ensurePostgres();
const dataFolder = dataFolderOf(values.data);
const folder = values.to ? resolve(values.to) : join(dataFolder, 'backups');
try {
  const { file, removed } = await withDatabase(dataFolder, (address) =>
    writeDump(address, { folder, keep, now: new Date() }),
  );
  say(`${file}: ${(statSync(file).size / 1024 / 1024).toFixed(1)} MB.`);
  if (removed.length > 0) say(`Removed, of more than ${keep}: ${removed.join(', ')}`);
} catch (error) {
  giveUp(`No backup was made: ${error instanceof Error ? error.message : error}`);
}
