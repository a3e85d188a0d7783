import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readdirSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';

/** A backup, and back from it, as whoever runs the server does it. No page is opened. */

const ROOT = join(import.meta.dirname, '..', '..');

/** Runs one of the commands to its end. */
async function command(script: string, ...args: readonly string[]) {
  const child = spawn(process.execPath, [join(ROOT, 'scripts', script), ...args], { cwd: ROOT });
  let output = '';
  child.stdout.on('data', (chunk) => (output += chunk));
  child.stderr.on('data', (chunk) => (output += chunk));
  const [code] = (await once(child, 'exit')) as [number | null];
  return { code, output };
}

async function started(data: string) {
  const child = spawn(process.execPath, [join(ROOT, 'scripts/start.mjs'), '--data', data, '--no-demo'], { cwd: ROOT });
  let output = '';
  child.stdout.on('data', (chunk) => (output += chunk));
  child.stderr.on('data', (chunk) => (output += chunk));
  await expect.poll(() => output, { timeout: 90_000 }).toMatch(/is ready after/);
  const base = `http://127.0.0.1:${/localhost:(\d+)/.exec(output)?.[1]}/api/accounts`;
  const post = async (path: string, body: object) =>
    (
      await fetch(`${base}/${path}`, {
        method: 'POST',
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json' },
      })
    ).status;
  const stop = async () => {
    const ended = once(child, 'exit');
    child.kill('SIGINT');
    await ended;
  };
  return { post, stop };
}

const account = (name: string) => ({
  name,
  email: `${name.toLowerCase()}@example.test`,
  password: 'salt and sugar and water',
});

test('what was written before a backup is there again after a restore, and what came after it is not', async () => {
  test.setTimeout(240_000);
  const data = mkdtempSync(join(tmpdir(), 'wellhydra-backup-'));
  await once(spawn('chmod', ['755', data]), 'exit');
  try {
    const first = await started(data);
    expect(await first.post('register', { ...account('Ines'), kitchenName: 'Galley' })).toBe(201);
    // While it runs.
    expect(await command('backup.mjs', '--data', data, '--keep', '2')).toMatchObject({ code: 0 });
    const backups = () => readdirSync(join(data, 'backups')).sort();
    const file = join(data, 'backups', backups()[0]!);
    expect(statSync(file).mode & 0o777).toBe(0o600);
    expect(await first.post('register', { ...account('Wilf'), kitchenName: 'Galley' })).toBe(201);
    expect(await command('restore.mjs', file, '--data', data)).toMatchObject({
      code: 1,
      output: expect.stringContaining('Stop it first'),
    });
    await first.stop();

    const half = join(data, 'half.dump');
    writeFileSync(half, 'PGDMP');
    truncateSync(half, 5);
    expect(await command('restore.mjs', half, '--data', data)).toMatchObject({
      code: 1,
      output: expect.stringContaining('Nothing was changed'),
    });
    expect(await command('restore.mjs', file, '--data', data)).toMatchObject({ code: 0 });
    // While it does not run; of three the oldest goes.
    for (const _ of [1, 2]) {
      expect(await command('backup.mjs', '--data', data, '--keep', '2')).toMatchObject({ code: 0 });
      await new Promise((resolve) => setTimeout(resolve, 1100));
    }
    expect(backups()).toHaveLength(2);
    expect(backups().some((name) => file.endsWith(name))).toBe(false);

    const second = await started(data);
    const { name: _, ...ines } = account('Ines');
    const { name: __, ...wilf } = account('Wilf');
    expect([await second.post('sign-in', ines), await second.post('sign-in', wilf)]).toEqual([200, 401]);
    await second.stop();
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
});
