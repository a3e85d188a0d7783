// @ts-check
import { fork } from 'node:child_process';
import { setTimeout as pause } from 'node:timers/promises';
import { SERVER_BUNDLE } from './build.mjs';

/** A question whether it is ready that is not answered by then is asked once more, ms. */
const ASKED_AGAIN_AFTER_ms = 2000;
/** A server that has not put everything away by then is ended, ms. */
const STOPS_WITHIN_ms = 5000;

/**
 * @typedef {object} RunningServer
 * @property {number} port
 * @property {number | undefined} pid
 * @property {Promise<number | null>} ended its exit code, once it has ended
 * @property {() => Promise<void>} stop
 */

/**
 * Starts the built server and waits until it listens and its database is ready.
 *
 * @param {object} options
 * @param {string} options.databaseUrl
 * @param {string} options.appFolder the built application
 * @param {number} options.port 0 for any
 * @param {boolean} options.demo
 * @param {string} [options.logFile]
 * @param {NodeJS.ProcessEnv} [options.env]
 * @param {number} [options.within_s] how long it may take to be ready
 * @param {(stop: () => Promise<void>) => void} [options.onStarted] told how to stop it as soon as there is something to stop
 * @returns {Promise<RunningServer>}
 */
export async function serve({ databaseUrl, appFolder, port, demo, logFile, env = {}, within_s = 60, onStarted }) {
  const { openSync } = await import('node:fs');
  const log = logFile ? openSync(logFile, 'a') : 'ignore';
  const child = fork(SERVER_BUNDLE, [], {
    stdio: ['ignore', log, log, 'ipc'],
    env: {
      ...process.env,
      ...env,
      NODE_ENV: 'production',
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      APP_FOLDER: appFolder,
      DEMO: demo ? '1' : '0',
    },
  });
  /** @type {Promise<number | null>} */
  const ended = new Promise((resolve) => child.once('exit', (code) => resolve(code)));
  const stop = async () => {
    if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
    const hard = setTimeout(() => child.kill('SIGKILL'), STOPS_WITHIN_ms);
    await ended;
    clearTimeout(hard);
  };
  onStarted?.(stop);
  /** @type {Promise<number>} */
  const listening = new Promise((resolve, reject) => {
    child.on('message', (message) => resolve(/** @type {{ port: number }} */ (message).port));
    void ended.then((code) =>
      reject(new Error(`the server ended at once (${code})${logFile ? `; its log is ${logFile}` : ''}`)),
    );
  });
  const deadline = Date.now() + within_s * 1000;
  const tooLate = new AbortController();
  const actual = await Promise.race([
    listening,
    pause(within_s * 1000, undefined, { signal: tooLate.signal }).catch(() => undefined),
  ]).finally(() => tooLate.abort());
  while (actual !== undefined && Date.now() < deadline) {
    const signal = AbortSignal.timeout(ASKED_AGAIN_AFTER_ms);
    const answer = await fetch(`http://127.0.0.1:${actual}/api/ready`, { signal }).catch(() => undefined);
    if (answer?.ok && (!demo || (await demoIsThere(actual)))) return { port: actual, pid: child.pid, ended, stop };
    await pause(100);
  }
  await stop();
  throw new Error(`the server was not ready within ${within_s} s${logFile ? `; its log is ${logFile}` : ''}`);
}

/** @param {number} port */
async function demoIsThere(port) {
  const answer = await fetch(`http://127.0.0.1:${port}/api/accounts/demo`, { method: 'POST' }).catch(() => undefined);
  return answer?.ok ?? false;
}
