import { randomUUID } from 'node:crypto';
import type { APIRequestContext, Page } from '@playwright/test';
import { balance } from '../balancer';
import { goTo, heading, next, plugDevices, probed, read, readyToMake, secondPhone, storedEvents } from '../brewing';
import { bottledGlass, register } from '../cook';
import { expect, test as base } from '../own-server';

/** Two servers on one database behind a balancer that sends every request to the other one than the last. */
const test = base.extend<{ answered: () => readonly number[] }>({
  answered: async ({ server, second }, use) => {
    const balancer = await balance([server.url, second.url]);
    balancers.set(server.url, balancer.url);
    await use(balancer.answered);
    await balancer.close();
  },
  baseURL: async ({ server, answered: _behind }, use) => use(balancers.get(server.url)!),
});
const balancers = new Map<string, string>();

async function begunWithDevices(page: Page): Promise<void> {
  await register(page, 'Ines');
  await plugDevices(page);
  await readyToMake(page, ['100 g dried elderberries', '1 L water', 'simmer 40 min', 'cool to 40 °C', '400 g honey']);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(heading(page)).toHaveText('100 g dried elderberries');
}

test('sessions, news, timers and devices are the same on both', async ({ page, browser, answered }) => {
  await begunWithDevices(page);
  const other = await secondPhone(page, browser);
  await other.goto('/today');
  await other.getByRole('button', { name: 'Go on with Harbour elder tonic' }).click();
  await expect(heading(other)).toHaveText('100 g dried elderberries');
  // Whichever server holds the question for news, and whichever hears what happens.
  for (const step of ['1 L water', 'Simmer 40 min']) {
    await next(page);
    await expect(heading(other)).toHaveText(step, { timeout: 5000 });
    await other.waitForTimeout(1000);
  }
  await page.getByRole('button', { name: 'Start timer' }).click();
  await expect(other.getByRole('timer')).toHaveText(/^(?:40:00|39:\d\d)$/, { timeout: 5000 });
  await goTo(page, 'Cool to 40 °C');
  await expect(heading(other)).toHaveText('Cool to 40 °C', { timeout: 5000 });
  // One probe in one pot that cools, whichever server reads it, once both have read it at this step.
  const apart = async () => {
    const [here, there] = await Promise.all([probed(page), probed(other)]);
    return Math.abs(here - there);
  };
  await expect.poll(apart, { timeout: 30_000 }).toBeLessThan(5);
  await read(page, 'Temperature, °C', '41');
  await expect(other.getByRole('list', { name: 'Read here' })).toContainText('41 °C', { timeout: 10_000 });
  for (const count of answered()) expect(count).toBeGreaterThan(20);
  await other.context().close();
});

/** Sends something until it is answered, as the queue of a device does: once more with the same id does no harm. */
async function sendUntilDone(request: APIRequestContext, url: string, data: object): Promise<void> {
  for (let tries = 0; tries < 50; tries += 1) {
    const answer = await request.put(url, { data }).catch(() => undefined);
    if (answer?.ok()) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${url} was never answered`);
}

test('one is killed amid writes: everything arrives once, and the other goes on', async ({
  page,
  server,
  answered: _behind,
}) => {
  await register(page, 'Ines');
  const bottle = await bottledGlass(page);
  const pouredAt = new Date().toISOString();
  const pours = Array.from({ length: 60 }, () => `/api/bottles/${bottle}/pours/${randomUUID()}`);
  const sending = Promise.all(pours.map((url) => sendUntilDone(page.request, url, { volume_mL: 10, pouredAt })));
  const bottleNow = async () => (await page.request.get(`/api/bottles/${bottle}`)).json();
  await expect.poll(async () => (await bottleNow()).remaining_mL).toBeLessThan(1000);
  await server.kill();
  await sending;
  const { remaining_mL } = await bottleNow();
  expect(remaining_mL).toBeCloseTo(400, 6);
  const { pours: stored } = await (await page.request.get(`/api/bottles/${bottle}/pours?limit=500`)).json();
  expect(stored).toHaveLength(60);
});

test('one is stopped while streams are open and news are waited for: it ends within seconds, and nothing is lost', async ({
  page,
  server,
  second,
  answered: _behind,
}) => {
  await begunWithDevices(page);
  await goTo(page, 'Cool to 40 °C');
  await page.getByRole('button', { name: 'Start timer' }).click();
  await probed(page);
  await expect.poll(() => storedEvents(page)).toHaveLength(4);
  expect(await server.stop()).toBeLessThan(5000);
  await read(page, 'Temperature, °C', '60');
  await expect.poll(() => storedEvents(page)).toHaveLength(5);
  // The probe is read by the other one from then on.
  await probed(page);
  await server.start();
  expect(await second.stop()).toBeLessThan(5000);
  await probed(page);
  expect((await storedEvents(page)).map(([, kind]) => kind)).toEqual([
    'step-done',
    'step-done',
    'step-done',
    'timer-started',
    'reading',
  ]);
});
