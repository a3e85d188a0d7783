import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keptOnDevice } from '../brewing';
import { register } from '../cook';
import { expect, test } from '../own-server';
import { serverEnv } from '../server-env';

test.use({ serviceWorkers: 'allow' });

const WORKER = new URL('../../scripts/lib/service-worker.mjs', import.meta.url).href;

/** A later build: its page differs, and it has lost a file that the build before it fetches only when it is needed. */
function laterBuild(folder: string): void {
  cpSync(serverEnv.APP_FOLDER!, folder, { recursive: true });
  const page = join(folder, 'index.html');
  writeFileSync(page, readFileSync(page, 'utf8').replace('</head>', '<meta name="build" content="later" /></head>'));
  const scripts = join(folder, '_expo/static/js/web');
  const gone = readdirSync(scripts).filter((name) => name.startsWith('check-'));
  expect(gone.length).toBeGreaterThan(0);
  for (const name of gone) rmSync(join(scripts, name));
  for (const name of ['index.html', 'sw.js']) for (const end of ['br', 'gz']) rmSync(join(folder, `${name}.${end}`));
  const write = `import(${JSON.stringify(WORKER)}).then((it) => it.writeServiceWorker(${JSON.stringify(folder)}))`;
  execFileSync(process.execPath, ['--input-type=module', '-e', write]);
}

test('a newer build waits until it is taken: until then a page has every file of its own build', async ({
  page,
  server,
}) => {
  const folder = mkdtempSync(join(tmpdir(), 'wellhydra-later-'));
  try {
    laterBuild(folder);
    await register(page, 'Ines');
    await keptOnDevice(page);
    const later = page.locator('meta[name=build]');
    await server.kill();
    await server.start({ APP_FOLDER: folder });

    await page.goto('/check');
    await expect(page.getByText('A newer version is here. What you typed is kept.')).toBeVisible();
    await expect(later).toHaveCount(0);
    // This is worked out by the file that the newer build has not: it is on the device.
    await page.getByLabel('The recipe').fill('Tea\n\n1 L water\n5 g dried mint\nSteep 5 min. Strain.');
    await expect(page.getByRole('heading', { name: 'As it runs' })).toBeVisible();

    await page.reload();
    await expect(later).toHaveCount(0);
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(later).toHaveCount(1);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
