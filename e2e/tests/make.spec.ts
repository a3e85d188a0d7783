import { begun, goTo, heading, next, plugDevices, probed, read, readyToMake, storedEvents, takeFrom } from '../brewing';
import { expect, fromMenu, register, stepButton, test } from '../cook';

test('a whole brew, from what is got ready to the bottles, with a clock that is moved', async ({ page }) => {
  await page.clock.install();
  await register(page, 'Ines');
  await plugDevices(page);
  await readyToMake(page);
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
  await expect(page.getByText(/simulated scale · \d+ g · settled/)).toBeVisible({ timeout: 30_000 });
  await takeFrom(page, 'scale', /Weight \d/);
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

test('what was read wrong is put right after the bottles are full, and their figures follow', async ({ page }) => {
  await begun(page);
  await goTo(page, 'Strain through cloth');
  await read(page, 'Volume, mL', '500');
  await page.getByRole('button', { name: /^Keep / }).click();
  await goTo(page, 'Fill the bottles');
  const brew = page.url().split('/').at(-1);
  const volume = async () => (await (await page.request.get(`/api/brews/${brew}`)).json()).volume_mL;
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await page
    .getByRole('link', { name: /Harbour elder tonic/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'How it went, and what was read off' }).click();
  await expect(heading(page)).toHaveText('It is bottled');
  const before = await volume();
  await page.getByRole('button', { name: 'Look at step 4' }).click();
  await read(page, 'Volume, mL', '560');
  await expect(page.getByRole('list', { name: 'Read here' })).toHaveText('Volume 560 mL');
  // 60 mL more, less what more of it loses as steam while it cools.
  const more = async () => (await volume()) - before;
  await expect.poll(more).toBeGreaterThan(52);
  expect(await more()).toBeLessThanOrEqual(60);
  await page.reload();
  await page.getByRole('button', { name: 'Look at step 4' }).click();
  await expect(page.getByRole('list', { name: 'Read here' })).toHaveText('Volume 560 mL');
});

test('two quick taps on Done are one step done', async ({ page }) => {
  await begun(page);
  await page.getByRole('button', { name: 'Done, next step' }).dblclick();
  await expect(heading(page)).toHaveText('1 L water');
  await expect.poll(() => storedEvents(page)).toEqual([[1, 'step-done']]);
  // Held down on a keyboard, Enter is one step as well.
  await page.keyboard.down('Enter');
  for (let repeat = 0; repeat < 5; repeat += 1) await page.keyboard.down('Enter');
  await page.keyboard.up('Enter');
  await expect(heading(page)).toHaveText('Simmer 40 min');
});

test('signed out in the middle, it says so and keeps what is done until one is in again', async ({ page }) => {
  const cook = await register(page, 'Ines');
  await readyToMake(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText(/batch HE-01/)).toBeVisible();
  await page.request.post('/api/accounts/sign-out');
  await next(page);
  await expect(heading(page)).toHaveText('1 L water');
  await expect(page.getByText(/You are signed out here\. 1 thing you did is kept on this device/)).toBeVisible();
  const address = page.url();
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByLabel('E-mail').fill(cook.email);
  await page.getByLabel('Password').fill(cook.password);
  await page.getByRole('button', { name: 'Sign in' }).last().click();
  await expect(page.getByRole('heading', { name: 'Drinks', exact: true })).toBeVisible();
  await expect(page.getByText(/You are signed out here/)).toHaveCount(0);
  await page.goto(address);
  await expect(heading(page)).toHaveText('1 L water');
  await expect.poll(() => storedEvents(page)).toEqual([[1, 'step-done']]);
});

test('scale and probe show their value beside the box, it is taken with one press, and an unplugged one is gone', async ({
  page,
}) => {
  await begun(page);
  await expect(page.getByText(/^simulated/)).toHaveCount(0);
  await plugDevices(page);
  await goTo(page, '1 L water');
  await expect(page.getByText(/simulated scale · \d+ g · settled/)).toBeVisible({ timeout: 60_000 });
  // Berries and water: what stands in the pot, the vessel not counted.
  await takeFrom(page, 'scale', /Weight 1\.\d+ kg|Weight 1,?\d{3} g/);
  await goTo(page, 'Cool to 40 °C');
  // The probe lags behind what has just happened: hot from the simmer, it settles while the pot cools.
  await expect(page.getByText(/simulated probe · [6-9]\d(?:\.\d)? °C · settled/)).toBeVisible({ timeout: 60_000 });
  await takeFrom(page, 'probe', /Temperature \d/);
  await expect(page.getByText(/°C more than expected/)).toBeVisible();
  const address = page.url();
  await page.goto('/kitchen');
  const probe = page.getByRole('checkbox', { name: /^Probe thermometer/ });
  await probe.click();
  // It is off once the server has said so.
  await expect(probe).not.toBeChecked();
  await page.goto(address);
  await expect(heading(page)).toHaveText('Cool to 40 °C');
  await expect(page.getByLabel('Temperature, °C')).toBeVisible();
  await expect(page.getByText(/^simulated probe · /)).toHaveCount(0);
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
