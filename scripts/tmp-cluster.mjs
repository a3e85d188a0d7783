import { startCluster } from './lib/postgres.mjs';
import { mkdtempSync, chmodSync, writeFileSync } from 'node:fs';
const folder = mkdtempSync('/tmp/wh-dev-');
chmodSync(folder, 0o755);
const c = await startCluster({ dataFolder: folder, throwaway: true, wantedPort: 55990 });
writeFileSync('/tmp/dev-db-url', c.url('postgres'));
process.on('SIGTERM', async () => {
  await c.stop();
  process.exit(0);
});
setInterval(() => {}, 1e6);
