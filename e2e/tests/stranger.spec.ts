import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { expect, test } from '@playwright/test';
import { registerByHand } from '../cook';
import { bringsItIn, givesAGlass, keepsRecipe, looksBack, makesIt, savesKitchen } from '../stranger';

const ROOT = join(import.meta.dirname, '..', '..');

/** Where packages lie; they are what `npm ci` has put there, once for all copies. */
const PACKAGES = [
  'node_modules',
  ...['app', 'core', 'contract', 'cli', 'server', 'e2e'].map((of) => `${of}/node_modules`),
];

/** Says which packages are installed, and what is built. */
const STAMPS = '.build/stamps.json';

/**
 * The sources alone, as a clone of them has them, with the packages that are installed already: nothing is built, and
 * there is no data.
 */
function freshClone(): string {
  const folder = mkdtempSync(join(tmpdir(), 'wellhydra-stranger-'));
  // The database's own user has to get through when this runs as root.
  chmodSync(folder, 0o755);
  const listed = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '-z'], { cwd: ROOT, encoding: 'utf8' });
  for (const file of listed.split('\0').filter((name) => name && existsSync(join(ROOT, name)))) {
    mkdirSync(dirname(join(folder, file)), { recursive: true });
    cpSync(join(ROOT, file), join(folder, file));
  }
  for (const name of PACKAGES.filter((each) => existsSync(join(ROOT, each)))) {
    try {
      execFileSync('cp', ['-al', join(ROOT, name), join(folder, name)], { stdio: 'ignore' });
    } catch {
      // On another disk there are no hard links.
      rmSync(join(folder, name), { recursive: true, force: true });
      execFileSync('cp', ['-a', join(ROOT, name), join(folder, name)]);
    }
  }
  const { packages } = JSON.parse(readFileSync(join(ROOT, STAMPS), 'utf8'));
  mkdirSync(join(folder, '.build'));
  writeFileSync(join(folder, STAMPS), JSON.stringify({ packages }));
  return folder;
}

test('a stranger: from a fresh clone to a glass, and on to another kitchen', async ({
  page,
  browser,
  baseURL,
}, info) => {
  test.setTimeout(600_000);
  const clone = freshClone();
  let started: ChildProcess | undefined;
  try {
    started = spawn('npm', ['start'], { cwd: clone, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [started.stdout, started.stderr]) stream!.on('data', (chunk) => (output += chunk));
    await expect.poll(() => output, { timeout: 400_000 }).toMatch(/is ready after|could not start/);
    const [address] = /http:\/\/localhost:\d+/.exec(output) ?? [];
    expect(address, output).toBeDefined();

    const theirs = await browser.newContext({ baseURL: address!, viewport: page.viewportSize() });
    const stranger = await theirs.newPage();
    await registerByHand(stranger, 'Runa');
    await keepsRecipe(stranger);
    await makesIt(stranger);
    await givesAGlass(stranger);
    await looksBack(stranger);
    const file = info.outputPath('kitchen.jsonl');
    await savesKitchen(stranger, file);
    await theirs.close();

    // Elsewhere: the server of this run.
    expect(baseURL).not.toBe(address);
    await registerByHand(page, 'Sunniva');
    await bringsItIn(page, file);
  } finally {
    const ended = started && new Promise((resolve) => started!.once('exit', resolve));
    // As Ctrl-C does, which npm itself leaves to what it runs.
    const pid = join(clone, '.data/start.pid');
    if (existsSync(pid)) process.kill(Number(readFileSync(pid, 'utf8')), 'SIGINT');
    else started?.kill('SIGTERM');
    await ended;
    rmSync(clone, { recursive: true, force: true });
  }
});
