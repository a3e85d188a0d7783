import type { Page } from '@playwright/test';
import { goTo, heading, next, readyToMake, storedEvents } from '../brewing';
import { expect, newDrink, register, registerByHand, saved, signIn, test, typeSteps } from '../cook';

/** Nothing of the kind reaches the server until it is let through again; all else does. */
const HELD = ['**/api/brews/*/events', '**/api/drinks/*'] as const;

test('what one account has not sent waits on the device while another one uses it, and is sent when they are back', async ({
  page,
}) => {
  const ines = await register(page, 'Ines');
  await readyToMake(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText(/batch HE-01/)).toBeVisible();
  const address = page.url();
  for (const url of HELD) await page.route(url, (route) => route.abort());
  await next(page);
  await next(page);
  await expect(heading(page)).toHaveText('Simmer 40 min');
  await page.goto('/drinks');
  await newDrink(page, 'Tonic', 'Never sent');
  await expect(page.getByText(/No connection\./).first()).toBeVisible();
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Open the demo kitchen' })).toBeVisible();

  // Somebody else on the same device sees none of it, and none of it reaches their kitchen.
  for (const url of HELD) await page.unroute(url);
  await registerByHand(page, 'Wilf');
  await expect(page.getByText('No drinks yet')).toBeVisible();
  await newDrink(page, 'Tonic', 'Of Wilf');
  await typeSteps(page, ['1 g table salt']);
  await saved(page);
  await page.goto('/today');
  await expect(page.getByText('nothing is being made')).toBeVisible();
  const { drinks } = await (await page.request.get('/api/drinks')).json();
  expect(drinks.map(({ document }: { document: { name: string } }) => document.name)).toEqual(['Of Wilf']);

  await signIn(page, ines);
  await expect(page.getByText('Never sent').first()).toBeVisible();
  await page.goto(address);
  await expect(heading(page)).toHaveText('Simmer 40 min');
  await expect
    .poll(() => storedEvents(page))
    .toEqual([
      [1, 'step-done'],
      [2, 'step-done'],
    ]);
});

test('a second tab of somebody else keeps what is done there for its owner, and says why it waits', async ({
  page,
  context,
}) => {
  await register(page, 'Ines');
  await readyToMake(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText(/batch HE-01/)).toBeVisible();
  const second = await context.newPage();
  await registerByHand(second, 'Wilf');
  await goTo(page, '1 L water');
  await expect(page.getByText(/Somebody else is signed in on this device\. .*kept on this device/)).toBeVisible();
  await expect(heading(page)).toHaveText('1 L water');
  expect((await (await second.request.get('/api/brews/under-way')).json()).brews).toEqual([]);
});

test('what is typed in one tab stands in the other, and the last that was typed is what is stored', async ({
  page,
  context,
}) => {
  await register(page, 'Ines');
  await page.goto('/drinks');
  await newDrink(page, 'Tonic', 'In two tabs');
  await typeSteps(page, ['1 g table salt', '20 g white sugar', '1 L water']);
  await saved(page);
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(second.getByRole('listitem')).toHaveCount(3);
  const line = (each: Page) => each.getByLabel('Step 1', { exact: true });
  await page.getByRole('button', { name: /^1 g table salt/ }).click();
  for (const grams of [2, 25]) {
    await line(page).fill(`${grams} g table salt`);
    await expect(second.getByRole('button', { name: new RegExp(`^${grams} g table salt`) })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Done' }).click();
  await saved(page);
  await second.getByRole('button', { name: /^25 g table salt/ }).click();
  for (const grams of [3, 35]) await line(second).fill(`${grams} g table salt`);
  await second.getByRole('button', { name: 'Done' }).click();
  await saved(second);
  // So long a tab waits for another to send what it has typed.
  await page.waitForTimeout(9000);
  for (const each of [page, second]) {
    await expect(each.getByRole('button', { name: /^35 g table salt/ })).toBeVisible();
    await expect(each.getByText(/meanwhile/)).toHaveCount(0);
    await saved(each);
  }
  const { document } = await (await page.request.get(`/api${new URL(page.url()).pathname}`)).json();
  expect(document.steps[0].text).toBe('35 g table salt');
});

test('two phones that change different settings both keep theirs', async ({ page, browser, baseURL }) => {
  await register(page, 'Ines');
  await page.goto('/kitchen');
  const invitation = (await page
    .getByText(/^[A-Z2-9]{10}$/)
    .first()
    .textContent())!;
  const context = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
  const other = await context.newPage();
  await registerByHand(other, 'Wilf', invitation);
  await other.goto('/kitchen');
  for (const each of [page, other])
    await each.getByRole('button', { name: 'Change altitude and temperatures' }).click();
  await page.getByLabel('Altitude, m').fill('640');
  await expect
    .poll(async () => (await (await page.request.get('/api/kitchen/settings')).json()).settings?.altitude_m)
    .toBe(640);
  await other.getByLabel('Room, °C', { exact: true }).fill('17');
  await expect
    .poll(async () => (await (await page.request.get('/api/kitchen/settings')).json()).settings)
    .toMatchObject({ altitude_m: 640, room_C: 17 });
  await context.close();
});
