// @ts-check
import { spawn } from 'node:child_process';

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
    const child = spawn(command, [...args], { stdio: 'inherit', ...options });
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(signal ? 1 : (code ?? 1)));
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
    const child = spawn(command, [...args], { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let out = '';
    let errors = '';
    child.stdout?.on('data', (chunk) => (out += chunk));
    child.stderr?.on('data', (chunk) => (errors += chunk));
    child.on('error', reject);
    child.on('exit', (code) =>
      code === 0 ? resolve(out) : reject(new Error(`${command} ${args.join(' ')} failed (${code}):\n${errors || out}`)),
    );
  });
}
