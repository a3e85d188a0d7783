import { fileURLToPath } from 'node:url';
import { forgetEndedSessions } from './accounts/session-store';
import { forgetKeptKitchens } from './archive/kept-kitchen';
import { buildApp } from './build-app';
import { configFromEnvironment, type ServerConfig } from './config';
import { keepDemoAlive } from './demo/keep-demo-alive';
import { endVisitorKitchens } from './demo/visitor-kitchen';

/** Pause between attempts to reach the database at start, ms. */
const RETRY_ms = 2000;

/** The configuration; one that cannot be used is told in a sentence. */
function configOrEnd(): ServerConfig {
  try {
    return configFromEnvironment(process.env);
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : error}\n`);
    return process.exit(1);
  }
}

const config = configOrEnd();
const runWorker = fileURLToPath(new URL('./run-worker.mjs', import.meta.url));
const app = await buildApp({ ...config, runWorker });

async function prepareDatabase(): Promise<void> {
  await app.migrated();
  await forgetEndedSessions(app.sequelize);
  await endVisitorKitchens(app.sequelize);
  await forgetKeptKitchens(app.sequelize);
  if (config.demo) await keepDemoAlive(app.context, new Date());
}

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  await app.close();
  process.exit(0);
}
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
// Started by a script that was killed: nobody is left to stop this process.
process.on('disconnect', () => void stop());

// Requests wait for nothing: until the database answers they get a 503 that says so.
async function prepareUntilDone(): Promise<void> {
  while (!stopping) {
    try {
      await prepareDatabase();
      return;
    } catch (error) {
      app.log.warn({ err: error }, 'the database does not answer yet');
      await new Promise((resolve) => setTimeout(resolve, RETRY_ms));
    }
  }
}

await app.listen({ host: config.host, port: config.port });
const address = app.server.address();
process.send?.({ kind: 'listening', port: typeof address === 'object' && address ? address.port : config.port });
await prepareUntilDone();
