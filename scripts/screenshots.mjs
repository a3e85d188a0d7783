// @ts-check
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FLAGS } from './lib/chromium-flags.mjs';
import { ROOT, ensureChromium, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { say } from './lib/say.mjs';

/** Makes every picture in docs/screenshots from the demo kitchen, on a throwaway database. */

const FOLDER = join(ROOT, 'docs', 'screenshots');
/** So long a page is left alone before it is taken, ms. */
const SETTLED_ms = 2500;
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

/** The hour at which they are taken, whenever that is: people have had something by then, and more is to come. */
const HOUR = 15;
const ahead = ((HOUR - new Date().getUTCHours() + 36) % 24) - 12;
/** A zone in which it is that hour now; names of these zones have their sign turned round. */
const ZONE = `Etc/GMT${ahead > 0 ? '-' : '+'}${Math.abs(ahead)}`;
process.env.TZ = ZONE;

/**
 * @typedef {import('@playwright/test').Page} Page
 * @typedef {{ name: string, size?: typeof PHONE, night?: boolean, path: string, then?: (page: Page) => Promise<void> }} Picture
 */

/** @param {string} name */
const open = (name) => async (/** @type {Page} */ page) => {
  await page.getByRole('main').getByRole('link', { name }).first().click();
  await page.getByLabel('Name of the drink').waitFor();
};

/** @param {string} name @param {string} item @param {(page: Page) => Promise<void>} [then] */
const sheet = (name, item, then) => async (/** @type {Page} */ page) => {
  await open(name)(page);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: item, exact: true }).click();
  await then?.(page);
};

/** A recipe with slips in it. */
const RECIPE = `Keeper’s long-watch bottle
Makes 6 mugs
1 litre water
the juice of 2 oranges
3 tbsp golden syrup
1 tsp salt
a knob of ginger, grated

Warm half the water with the ginger to 170°C for ten minutes, don’t let it boil. Strain through a cloth.
Stir in two tablespoons of syrup and the salt, top up with the rest of the water and the juice, and chill.
Add the sliced lemon. Good for the little one, too.`;

/** @type {readonly Picture[]} */
const PICTURES = [
  {
    name: 'people',
    path: '/people',
    then: (page) => page.getByRole('list', { name: 'Doses today' }).first().waitFor(),
  },
  { name: 'drinks', path: '/drinks' },
  { name: 'drink', path: '/drinks', then: open('Fogbank') },
  {
    name: 'drink-wide',
    path: '/drinks',
    size: WIDE,
    then: async (page) => {
      await open('Fogbank')(page);
      await page.getByRole('slider').hover({ position: { x: 60, y: 330 } });
    },
  },
  { name: 'stores', path: '/stores', then: (page) => page.getByRole('list', { name: 'In the house' }).waitFor() },
  {
    name: 'check-wide',
    path: '/check',
    size: WIDE,
    then: async (page) => {
      await page.getByLabel('The recipe').fill(RECIPE);
      await page.getByRole('button', { name: 'Read it' }).click();
      await page.getByRole('list', { name: 'As it runs' }).waitFor();
    },
  },
  { name: 'aim', path: '/drinks', then: sheet('Sea-room', 'Aim the doses') },
  {
    name: 'logbook-wide',
    path: '/logbook',
    size: WIDE,
    then: (page) => page.getByRole('table', { name: 'By month' }).waitFor(),
  },
  {
    name: 'compare-wide',
    path: '/drinks',
    size: WIDE,
    then: sheet('Fogbank', 'Versions', async (page) => {
      await page.getByRole('button', { name: 'Compare with version 1' }).click();
    }),
  },
  {
    name: 'salt-caution',
    path: '/drinks',
    then: async (page) => {
      await open('Landing-stage')(page);
      await page.getByRole('button', { name: /^1\/2 level tsp table salt/ }).click();
      await page.getByLabel('Step 2', { exact: true }).fill('1 level tsp table salt');
    },
  },
  { name: 'today', path: '/today', then: (page) => page.getByRole('heading', { name: 'Under way' }).waitFor() },
  {
    name: 'new-drink',
    path: '/drinks',
    then: async (page) => {
      await page.getByRole('button', { name: 'New drink' }).click();
      await page.getByLabel('What you have in mind, or a recipe you paste').fill('something for a sore throat');
      await page.getByRole('checkbox', { name: 'From what is in the house' }).click();
      await page
        .getByText(/in the house$/)
        .nth(1)
        .waitFor();
    },
  },
  {
    name: 'paper-wide',
    size: WIDE,
    path: '/drinks',
    then: sheet('Fogbank', 'On paper', (page) =>
      page.locator('iframe').contentFrame().getByRole('heading', { name: 'Steps' }).waitFor(),
    ),
  },
  {
    name: 'make',
    path: '/drinks',
    then: async (page) => {
      await open('Fogbank')(page);
      await page.getByRole('button', { name: 'Make it' }).click();
      await page.getByRole('button', { name: 'Begin' }).click();
      await page.getByRole('button', { name: /^Step 8,/ }).click();
      await page.getByLabel('Volume, mL').fill('580');
      await page.getByLabel('Volume, mL').press('Enter');
    },
  },
  {
    name: 'plan',
    path: '/plan',
    then: async (page) => {
      for (const name of ['Fogbank elderberry syrup', 'Night-watch hibiscus', 'Slipway root tea', 'Kelp-line gel']) {
        await page.getByRole('button', { name: 'Add a drink' }).click();
        await page.getByRole('button', { name: `Plan ${name}` }).click();
      }
      await page.getByRole('list', { name: 'Hands needed' }).waitFor();
    },
  },
  { name: 'shelf', path: '/shelf' },
  { name: 'shelf-wide-night', path: '/shelf', size: WIDE, night: true },
  {
    name: 'bottle',
    path: '/shelf',
    then: (page) =>
      page
        .getByRole('link', { name: /Cherry-ink/ })
        .first()
        .click(),
  },
  {
    name: 'labels',
    path: '/shelf',
    then: async (page) => {
      await page
        .getByRole('main')
        .getByRole('link', { name: /Fogbank/ })
        .first()
        .click();
      await page.getByRole('button', { name: 'Label', exact: true }).click();
      await page.getByRole('radio', { name: 'A4, 8' }).click();
      await page.getByRole('img', { name: /^Page 1/ }).waitFor();
    },
  },
];

ensureNode();
await ensurePackages();
await ensurePostgres();
const { quick: executablePath } = await ensureChromium();
const { ensureBuild } = await import('./lib/build.mjs');
const { startCluster } = await import('./lib/postgres.mjs');
const { serve } = await import('./lib/serve.mjs');
const { appFolder } = await ensureBuild();
const dataFolder = mkdtempSync(join(tmpdir(), 'wellhydra-pictures-'));
chmodSync(dataFolder, 0o755);
const cluster = await startCluster({ dataFolder, throwaway: true, wantedPort: 56870 });
try {
  await cluster.ensureDatabase('pictures');
  const server = await serve({ databaseUrl: cluster.url('pictures'), appFolder, port: 0, demo: true });
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({ executablePath, args: FLAGS });
  mkdirSync(FOLDER, { recursive: true });
  for (const { name, size = PHONE, night = false, path, then } of PICTURES) {
    const context = await browser.newContext({
      viewport: size,
      colorScheme: night ? 'dark' : 'light',
      timezoneId: ZONE,
      baseURL: `http://localhost:${server.port}`,
    });
    const page = await context.newPage();
    await page.goto('/welcome');
    await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
    await page.getByRole('heading', { name: 'Drinks', exact: true }).waitFor();
    await page.goto(path);
    await page.getByRole('main').first().waitFor();
    await then?.(page);
    // What is drawn by a worker, and fonts: no address says that they are there.
    await page.waitForTimeout(SETTLED_ms);
    await page.screenshot({ path: join(FOLDER, `${name}.png`) });
    await context.close();
    say(`docs/screenshots/${name}.png`);
  }
  await browser.close();
  await server.stop();
  const wanted = new Set(PICTURES.map(({ name }) => `${name}.png`));
  for (const file of readdirSync(FOLDER)) if (!wanted.has(file)) rmSync(join(FOLDER, file));
} finally {
  await cluster.stop();
  rmSync(dataFolder, { recursive: true, force: true });
}
