// @ts-check
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { onEnd } from './ending.mjs';

/** Commands that run at this moment, each the leader of a group with what it starts itself. */
/** @type {Set<import('node:child_process').ChildProcess>} */
const running = new Set();
/** A command that has not ended by itself by then is ended, ms: longer than a test runner gives its own server. */
const GRACE_ms = 12_000;

/**
 * Sends a signal to a command and to everything it has started.
 * @param {import('node:child_process').ChildProcess} child
 * @param {NodeJS.Signals} signal
 */
function signalGroup(child, signal) {
  try {
    if (child.pid) process.kill(-child.pid, signal);
  } catch {
    // It has ended meanwhile.
  }
}

/** Ends every command that was started by {@link run} and still runs, with its own children. */
export async function endAll() {
  await Promise.all(
    [...running].map(async (child) => {
      const gone = once(child, 'exit');
      signalGroup(child, 'SIGTERM');
      const hard = setTimeout(() => signalGroup(child, 'SIGKILL'), GRACE_ms);
      await gone;
      clearTimeout(hard);
      // What it left behind in its group.
      signalGroup(child, 'SIGKILL');
    }),
  );
}

/** For a command that has nothing else to put away: when it is asked to end, so is everything it runs. */
export function endWithWhatRuns() {
  onEnd(async (code) => {
    await endAll();
    process.exit(code);
  });
}

/**
 * Runs a command to its end and passes its output through.
 *
 * @param {string} command
 * @param {readonly string[]} args
 * @param {import('node:child_process').SpawnOptions} [options]
 * @returns {Promise<number>} its exit code
 */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, [...args], { stdio: 'inherit', detached: true, ...options });
    running.add(child);
    child.on('error', reject);
    child.on('exit', (code, signal) => {
      running.delete(child);
      resolve(signal ? 1 : (code ?? 1));
    });
  });
}

/**
 * Runs a command and returns what it printed; its errors are shown only when it fails.
 *
 * @param {string} command
 * @param {readonly string[]} args
 * @param {import('node:child_process').SpawnOptions} [options]
 * @returns {Promise<string>}
 */
export function capture(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, [...args], { stdio: ['ignore', 'pipe', 'pipe'], detached: true, ...options });
    running.add(child);
    let out = '';
    let errors = '';
    child.stdout?.on('data', (chunk) => (out += chunk));
    child.stderr?.on('data', (chunk) => (errors += chunk));
    child.on('error', reject);
    child.on('exit', (code) => {
      running.delete(child);
      if (code === 0) resolve(out);
      else reject(new Error(`${command} ${args.join(' ')} failed (${code}):\n${errors || out}`));
    });
  });
}
