// @ts-check
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { findPostgres } from './postgres.mjs';
import { capture, run } from './run.mjs';
import { giveUp, say } from './say.mjs';

/** What a machine needs before anything can run: each step looks first and does only what is missing. */

export const ROOT = join(import.meta.dirname, '..', '..');
const STAMPS = join(ROOT, '.build', 'stamps.json');
/** @type {readonly [number, number]} */
const LEAST_NODE = [20, 11];
/** Debian's Chromium, and the same without windows, which drives pages for two thirds of the work. */
const CHROMIUM = '/usr/bin/chromium';
const WITHOUT_WINDOWS = '/usr/bin/chromium-headless-shell';
const asRoot = process.getuid?.() === 0;

/** @returns {Record<string, string>} */
function readStamps() {
  try {
    return JSON.parse(readFileSync(STAMPS, 'utf8'));
  } catch {
    return {};
  }
}

/**
 * @param {string} name
 * @param {string} value
 */
export function stamp(name, value) {
  mkdirSync(join(ROOT, '.build'), { recursive: true });
  writeFileSync(STAMPS, JSON.stringify({ ...readStamps(), [name]: value }, null, 2));
}

/**
 * @param {string} name
 * @param {string} value
 */
export const isStamped = (name, value) => readStamps()[name] === value;

const SKIPPED = new Set(['node_modules', '.build', '.expo', 'dist', '.data', 'test', 'test-results']);

/**
 * One hash over the contents of files and folders, by name.
 * @param {readonly string[]} paths relative to the root
 */
export function hashOf(paths) {
  const hash = createHash('sha256');
  /** @param {string} path */
  const add = (path) => {
    hash.update(relative(ROOT, path));
    hash.update(readFileSync(path));
  };
  /** @param {string} folder */
  const walk = (folder) => {
    for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) => a.name.localeCompare(b.name))) {
      if (SKIPPED.has(entry.name)) continue;
      if (entry.isDirectory()) walk(join(folder, entry.name));
      else add(join(folder, entry.name));
    }
  };
  for (const path of paths) {
    const whole = join(ROOT, path);
    if (existsSync(join(whole, '.')) && !path.includes('.')) walk(whole);
    else add(whole);
  }
  return hash.digest('hex');
}

export function ensureNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < LEAST_NODE[0] || (major === LEAST_NODE[0] && minor < LEAST_NODE[1]))
    giveUp(`Node ${LEAST_NODE.join('.')} or newer is needed; this is ${process.versions.node}.`);
}

export async function ensurePackages() {
  const wanted = hashOf(['package-lock.json']);
  if (isStamped('packages', wanted) && existsSync(join(ROOT, 'node_modules', '.package-lock.json'))) return;
  say('Installing packages (one to two minutes the first time) …');
  const code = await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: ROOT });
  if (code !== 0)
    giveUp(
      'npm could not install the packages. Its message above says why; check the connection to the registry and start again.',
    );
  stamp('packages', wanted);
}

/** @param {string} name of a Debian package */
async function aptInstall(name) {
  say(`Installing Debian's ${name} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  await capture('apt-get', ['update'], { env });
  await capture('apt-get', ['install', '-y', '--no-install-recommends', name], { env });
}

/**
 * Installs a Debian package, or says the one command that does.
 * @param {string} name
 * @param {string} what it is for
 */
async function installDebian(name, what) {
  if (!asRoot)
    giveUp(
      `${what} is missing, and installing it takes root. Run this once, then start again:\n\n  sudo apt-get install ${name}\n`,
    );
  try {
    await aptInstall(name);
  } catch (error) {
    giveUp(`apt-get could not install ${name}:\n${error instanceof Error ? error.message : error}`);
  }
}

export async function ensurePostgres() {
  if (findPostgres()) return;
  if (asRoot) {
    // Debian's package would make and start a cluster of its own beside ours.
    mkdirSync('/etc/postgresql-common', { recursive: true });
    if (!existsSync('/etc/postgresql-common/createcluster.conf'))
      writeFileSync('/etc/postgresql-common/createcluster.conf', 'create_main_cluster = false\n');
  }
  await installDebian('postgresql', 'PostgreSQL');
  if (!findPostgres()) giveUp('PostgreSQL was installed, but its server programs are not in /usr/lib/postgresql.');
}

/**
 * The programs that drive pages: the quick one for nearly everything, and the whole one for what only it can do, such as
 * notifications. Where one of them cannot be had, the other does its work.
 * @returns {Promise<{ quick: string, whole: string }>}
 */
export async function ensureChromium() {
  if (!existsSync(CHROMIUM)) await installDebian('chromium', 'Chromium, which the browser tests drive,');
  if (!existsSync(WITHOUT_WINDOWS) && asRoot) await aptInstall('chromium-headless-shell').catch(() => undefined);
  return { quick: existsSync(WITHOUT_WINDOWS) ? WITHOUT_WINDOWS : CHROMIUM, whole: CHROMIUM };
}
