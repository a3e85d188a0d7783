// @ts-check
import { createServer } from 'node:net';

/**
 * Whether a port on loopback is free.
 * @param {number} port
 * @returns {Promise<boolean>}
 */
export function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

/**
 * A free port on loopback: the wanted one, one of the twenty after it, or any.
 * @param {number} wanted
 * @returns {Promise<number>}
 */
export async function freePort(wanted) {
  for (let port = wanted; port < wanted + 20; port += 1) if (await isFree(port)) return port;
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address ? address.port : 0;
      probe.close(() => resolve(port));
    });
  });
}
