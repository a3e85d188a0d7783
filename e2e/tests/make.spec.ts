import { expect, fromMenu, newDrink, register, saved, stepButton, test, typeSteps } from '../cook';
import type { Page } from '@playwright/test';

const TONIC = [
  '100 g dried elderberries',
  '1 L water',
  'simmer 40 min, lid ajar',
  'strain through cloth',
  'cool to 40 °C',
  '400 g honey',
  'store in the fridge',
];

/** A tonic of one's own, at the first step of its making. */
async function begun(page: Page, name = 'Ines'): Promise<void> {
  await register(page, name);
  await newDrink(page, 'Tonic', 'Harbour elder tonic');
  await typeSteps(page, TONIC);
  await saved(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'Have these ready' })).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(heading(page)).toHaveText('100 g dried elderberries');
}

const heading = (page: Page) => page.getByRole('heading', { level: 1 });
const next = (page: Page) => page.getByRole('button', { name: /^(?:Done, next step|Next step)$/ }).click();
async function goTo(page: Page, title: string): Promise<void> {
  while ((await heading(page).textContent()) !== title) {
    const before = await heading(page).textContent();
    await next(page);
    await expect(heading(page)).not.toHaveText(before!);
  }
}
async function read(page: Page, label: string, value: string): Promise<void> {
  const box = page.getByLabel(label);
  await box.fill(value);
  await box.press('Enter');
}

/** What the probe shows once it has settled. */
async function probed(page: Page): Promise<number> {
  const shown = page.getByText(/^probe · [\d.]+ °C · settled/);
  await expect(shown).toBeVisible({ timeout: 30_000 });
  return Number(/([\d.]+) °C/.exec((await shown.textContent())!)![1]);
}

test('a whole brew, from what is got ready to the bottles, with a clock that is moved', async ({ page }) => {
  await page.clock.install();
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Harbour elder tonic');
  await typeSteps(page, TONIC);
  await saved(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByText(/Apron on: elderberries, dried/i)).toBeVisible();
  await expect(page.getByText(/saucepan: holds 3 L/)).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goTo(page, 'Simmer 40 min');
  await page.getByRole('button', { name: 'Start timer' }).click();
  await page.clock.fastForward('30:00');
  await expect(page.getByRole('timer')).toHaveText(/^(?:10:00|9:5\d)$/);
  // It runs on wherever one is, and after a reload.
  await page.goto('/drinks');
  await expect(page.getByRole('navigation', { name: 'Timers' })).toContainText(/Simmer 40 min/);
  await page.clock.fastForward('11:00');
  await expect(page).toHaveTitle(/Time is up: Simmer 40 min/);
  await page.getByRole('navigation', { name: 'Timers' }).getByRole('link').click();
  await expect(page.getByText('Time is up')).toBeVisible();
  await next(page);
  await expect(page.getByText(/expected .* mL to .* mL/)).toBeVisible();
  await read(page, 'Volume, mL', '500');
  await expect(page.getByText(/mL short\. To hold the same strength honey becomes/)).toBeVisible();
  await page.getByRole('button', { name: /^Use \d+ g$/ }).click();
  // The scale stands under the pot, the probe in it, and both go by the same clock.
  await page.clock.fastForward('02:00');
  await page.getByRole('radio', { name: 'Weight' }).click();
  await expect(page.getByText(/scale · \d+ g · settled/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Take it from the scale' }).click();
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText(/Weight \d/);
  await page.getByRole('button', { name: 'Take back weight' }).click();
  await next(page);
  await page.getByRole('button', { name: 'Start timer' }).click();
  const hot = await probed(page);
  await read(page, 'Temperature, °C', '55');
  await expect(page.getByText(/15 °C more than expected\. At this pace about/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on as it is' }).click();
  await page.clock.fastForward('20:00');
  await expect.poll(() => probed(page), { timeout: 30_000 }).toBeLessThan(hot - 5);
  await page.getByRole('button', { name: 'Take it from the probe' }).click();
  await next(page);
  await expect(heading(page)).toHaveText(/^\d+ g honey$/);
  await expect(page.getByText('written: 400 g honey')).toBeVisible();
  await page.getByLabel('Add to taste').fill('1 tbsp honey');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Added to taste' })).toContainText(/1 tbsp honey · then .* °Brix/);
  await next(page);
  await expect(heading(page)).toHaveText('Taste it');
  await page.getByRole('radio', { name: 'Good', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText('Taste Good');
  await next(page);
  await expect(heading(page)).toHaveText('Store in the fridge');
  await next(page);
  await expect(heading(page)).toHaveText('Fill the bottles');
  await expect(page.getByText(/By what was read there is \d+ mL/)).toBeVisible();
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await expect(page.getByText('Harbour elder tonic').first()).toBeVisible();
  await page.goto('/today');
  await expect(page.getByText('nothing is being made')).toBeVisible();
});

test('what was done is opened again, a reading taken back, a step left out, a brew paused and given up', async ({
  page,
}) => {
  await begun(page);
  await goTo(page, 'Strain through cloth');
  await read(page, 'Volume, mL', 'a lot');
  await expect(page.getByText('A number from 1 to 50000 mL.')).toBeVisible();
  await read(page, 'Volume, mL', '500');
  await page.getByRole('button', { name: 'Take back volume' }).click();
  await expect(page.getByRole('list', { name: 'Read here' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByText('Done', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Do it again' }).click();
  await expect(page.getByText('step 3 of 8')).toBeVisible();
  await next(page);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Leave this step out' }).click();
  await expect(heading(page)).toHaveText('Cool to 40 °C');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText(/^Paused\./)).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Give it up', exact: true }).click();
  await page.getByLabel('What becomes of what is in the pot?').fill('Poured away');
  await page.getByRole('button', { name: 'Give this brew up' }).click();
  await expect(page.getByText('Poured away')).toBeVisible();
});

test('a brew is made by keyboard alone', async ({ page }) => {
  await begun(page);
  await page.locator('body').press('Enter');
  await expect(heading(page)).toHaveText('1 L water');
  await page.locator('body').press('ArrowLeft');
  await expect(heading(page)).toHaveText('100 g dried elderberries');
  await page.locator('body').press('ArrowRight');
  await page.locator('body').press('Enter');
  await expect(heading(page)).toHaveText('Simmer 40 min');
});

test('scale and probe show their value beside the box, it is taken with one press, and an unplugged one is gone', async ({
  page,
}) => {
  await begun(page);
  await goTo(page, '1 L water');
  await expect(page.getByText(/scale · \d+ g · settled/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Take it from the scale' }).click();
  // Berries and water: what stands in the pot, the vessel not counted.
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText(/Weight 1\.\d+ kg|Weight 1,?\d{3} g/);
  await goTo(page, 'Cool to 40 °C');
  // The probe lags behind what has just happened: hot from the simmer, it settles while the pot cools.
  await expect(page.getByText(/probe · [6-9]\d(?:\.\d)? °C · settled/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Take it from the probe' }).click();
  await expect(page.getByText(/°C more than expected/)).toBeVisible();
  const address = page.url();
  await page.goto('/kitchen');
  await page.getByRole('checkbox', { name: /^Probe thermometer/ }).click();
  await page.goto(address);
  await expect(heading(page)).toHaveText('Cool to 40 °C');
  await expect(page.getByLabel('Temperature, °C')).toBeVisible();
  await expect(page.getByText(/^probe · /)).toHaveCount(0);
});

test('two phones make one brew: each sees the other, and neither undoes it unseen', async ({
  page,
  browser,
  baseURL,
}) => {
  await register(page, 'Ines');
  await page.goto('/kitchen');
  const invitation = (await page.getByText(/^[A-Z2-9]{10}$/).textContent())!;
  const context = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
  const other = await context.newPage();
  await register(other, 'Tam', invitation);
  await page.goto('/drinks');
  await newDrink(page, 'Tonic', 'Harbour elder tonic');
  await typeSteps(page, TONIC);
  await saved(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText(/batch HE-01/)).toBeVisible();
  await other.goto('/today');
  await other.getByRole('button', { name: 'Go on with Harbour elder tonic' }).click();
  await expect(heading(other)).toHaveText('100 g dried elderberries');
  await next(page);
  await expect(heading(other)).toHaveText('1 L water', { timeout: 3000 });
  await next(other);
  await expect(heading(page)).toHaveText('Simmer 40 min', { timeout: 3000 });
  // Both press at once: one step is done twice, not two steps.
  await Promise.all([next(page), next(other)]);
  await expect(heading(page)).toHaveText('Strain through cloth');
  await expect(heading(other)).toHaveText('Strain through cloth');
  await read(other, 'Volume, mL', '520');
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText('520 mL', { timeout: 3000 });
  await context.close();
});

test.describe('a dead network', () => {
  test.use({ serviceWorkers: 'allow' });

  test('in the middle of a brew, with a reload: it goes on, and everything arrives once and in order', async ({
    page,
    context,
  }) => {
    await begun(page);
    // The application itself is on the device once its worker has it.
    await page.evaluate(async () => {
      const { active } = await navigator.serviceWorker.ready;
      return active?.state;
    });
    await expect
      .poll(() => page.evaluate(async () => (await (await caches.open('wellhydra-shell-1')).keys()).length), {
        timeout: 30_000,
      })
      .toBeGreaterThan(8);
    await page.reload();
    await next(page);
    await expect(heading(page)).toHaveText('1 L water');
    const address = page.url();
    await context.setOffline(true);
    await next(page);
    await expect(heading(page)).toHaveText('Simmer 40 min');
    await expect(page.getByText(/No connection\. .* kept on this device/)).toBeVisible();
    await next(page);
    await page.reload();
    await expect(heading(page)).toHaveText('Strain through cloth');
    await read(page, 'Volume, mL', '500');
    await page.getByRole('button', { name: /^Use \d+ g$/ }).click();
    await next(page);
    await goTo(page, 'Store in the fridge');
    await context.setOffline(false);
    await expect(page.getByText(/No connection/)).toHaveCount(0, { timeout: 20_000 });
    const id = address.split('/').at(-1)!;
    const { events } = await (await page.request.get(`/api/brews/${id}/run`)).json();
    expect(events.map(({ number }: { number: number }) => number)).toEqual(
      events.map((_event: unknown, index: number) => index + 1),
    );
    expect(events.map(({ kind }: { kind: string }) => kind)).toEqual([
      'step-done',
      'step-done',
      'step-done',
      'reading',
      'amount-changed',
      'amount-kept',
      'step-done',
      'step-done',
      'step-done',
      'step-done',
    ]);
    await next(page);
    await page.getByRole('button', { name: 'Put on the shelf' }).click();
    await expect(page.getByText('Harbour elder tonic').first()).toBeVisible();
  });
});

test('a drink that is under way is on Today, and the formula can still be opened', async ({ page }) => {
  await begun(page);
  await next(page);
  await page.goto('/today');
  await expect(page.getByRole('list', { name: 'Under way' })).toContainText('Harbour elder tonic');
  await page.goto('/drinks');
  await page.getByText('Harbour elder tonic').first().click();
  await expect(stepButton(page, 1)).toBeVisible();
  await fromMenu(page, 'Made it');
  await expect(page.getByRole('heading', { name: 'Made it' })).toBeVisible();
});
