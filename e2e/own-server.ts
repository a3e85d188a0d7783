import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { test as base } from './cook';
import { SERVER, serverEnv } from './server-env';

const READY_WITHIN_ms = 30_000;

/** A server that a test may kill: on the database of the run, at an address of its own. */
export interface OwnServer {
  readonly url: string;
  /** @param told what it is told besides what every server of the run is */
  readonly start: (told?: Readonly<Record<string, string>>) => Promise<void>;
  /** Ends it at once, as a power cut does. */
  readonly kill: () => Promise<void>;
  /** Ends it as whoever runs it does. Returns how long that took, ms. */
  readonly stop: () => Promise<number>;
}

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, 'localhost');
  await once(probe, 'listening');
  const { port } = probe.address() as AddressInfo;
  probe.close();
  await once(probe, 'close');
  return port;
}

function ownServer(port: number): OwnServer {
  const url = `http://localhost:${port}`;
  let running: ChildProcess | null = null;
  const isReady = () =>
    fetch(`${url}/api/ready`).then(
      ({ ok }) => ok,
      () => false,
    );
  const end = async (signal: 'SIGKILL' | 'SIGTERM'): Promise<number> => {
    const ending = running;
    running = null;
    if (!ending || ending.exitCode !== null) return 0;
    const from = Date.now();
    ending.kill(signal);
    await once(ending, 'exit');
    return Date.now() - from;
  };
  return {
    url,
    start: async (told = {}) => {
      // With a line to this process: it ends when this one is ended, however that comes about.
      running = fork(SERVER, [], {
        env: { ...process.env, ...serverEnv, ...told, PORT: String(port) },
        stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      });
      const until = Date.now() + READY_WITHIN_ms;
      while (!(await isReady())) {
        if (Date.now() > until) throw new Error(`no server at ${url} within ${READY_WITHIN_ms} ms`);
        await new Promise((resolve) => setTimeout(resolve, 100));
      }
    },
    kill: async () => void (await end('SIGKILL')),
    stop: () => end('SIGTERM'),
  };
}

/** Tests at a server that they may kill and start again. */
export const test = base.extend<{ server: OwnServer; second: OwnServer }>({
  server: async ({ browserName: _any }, use) => {
    const server = ownServer(await freePort());
    await server.start();
    await use(server);
    await server.kill();
  },
  /** One more on the same database. */
  second: async ({ browserName: _any }, use) => {
    const server = ownServer(await freePort());
    await server.start();
    await use(server);
    await server.kill();
  },
  baseURL: async ({ server }, use) => use(server.url),
});

export { expect } from './cook';
