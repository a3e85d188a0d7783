import type { Page } from '@playwright/test';
import { addresses } from '../addresses';
import { keptOnDevice, seenIsKept } from '../brewing';
import { bottledGlass, expect, openDemo, register, signIn, test, type Cook } from '../cook';

/** Without a network: what was last seen opens, and what is done waits where it can be seen and taken back. */
test.use({ serviceWorkers: 'allow' });

/** A kitchen that is on the device, with a litre of Gull glass on the shelf that is looked at. */
async function glassOnTheShelf(page: Page): Promise<Cook> {
  const cook = await register(page, 'Ines');
  await keptOnDevice(page);
  await bottledGlass(page);
  await page.goto('/shelf');
  return cook;
}

/** Takes the batch of Gull glass back without a network; it is off the shelf. */
async function takesBackOffline(page: Page): Promise<void> {
  await page
    .getByRole('link', { name: /Gull glass/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Take the batch back/ })).toBeVisible();
  await page.context().setOffline(true);
  await page.getByRole('button', { name: /^Take the batch back/ }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('link', { name: /Gull glass/ })).toHaveCount(0);
}

test('every place that was seen opens without a network, and says of when it is', async ({ page, context }) => {
  test.slow();
  await openDemo(page);
  await keptOnDevice(page);
  const places = (await addresses(page)).filter(([, heading]) => !/^No/.test(heading));
  for (const [address, heading] of places) {
    await page.goto(address);
    await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
    await seenIsKept(page);
  }
  // What it asks for last is on its way to the device yet.
  await page.waitForLoadState('networkidle');
  await context.setOffline(true);
  for (const [address, heading] of places) {
    await page.goto(address);
    await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
    await expect(page.getByText(/^No connection\./)).toBeVisible();
  }
  await page.goto('/shelf');
  await expect(page.getByText(/What you see is of [A-Z][a-z]{2} \d\d:\d\d\./)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/^No connection\./)).toBeHidden();
});

test('what is done without a network is shown after a reload, can be looked at, taken back, and sent after all', async ({
  page,
  context,
}) => {
  await glassOnTheShelf(page);
  await page.getByRole('radio', { name: 'Use first' }).click();
  await expect(page.getByText(/^1 L left/)).toBeVisible();
  await context.setOffline(true);
  const pour = page.getByRole('button', { name: 'Pour 250 mL of Gull glass' });
  await pour.click();
  await expect(page.getByText(/^750 mL left/)).toBeVisible();
  await pour.click();
  await expect(page.getByText(/^500 mL left/)).toBeVisible();
  await page.reload();
  await page.getByRole('radio', { name: 'Use first' }).click();
  await expect(page.getByText(/^500 mL left/)).toBeVisible();

  await page.getByRole('button', { name: 'Look at what is not sent yet' }).click();
  const waits = page.getByRole('list', { name: 'What waits' });
  await expect(waits.getByRole('listitem')).toHaveCount(2);
  await waits
    .getByRole('button', { name: /^Undo Gull glass: 250 mL poured/ })
    .first()
    .click();
  await expect(waits.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(/^750 mL left/)).toBeVisible();
  await page.getByRole('button', { name: 'Send it after all' }).click();
  await expect(page.getByText(/^500 mL left/)).toBeVisible();

  await context.setOffline(false);
  await expect
    .poll(async () => (await (await page.request.get('/api/bottles')).json()).bottles[0].remaining_mL)
    .toBe(500);
  await expect(page.getByText(/kept on this device/)).toBeHidden();
  await expect(page.getByText(/^500 mL left/)).toBeVisible();
});

test('a batch that is taken back without a network is off the shelf, and gone for everybody once there is one', async ({
  page,
  context,
}) => {
  await glassOnTheShelf(page);
  await takesBackOffline(page);
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await page.getByRole('button', { name: 'Look at what is not sent yet' }).click();
  await expect(page.getByRole('list', { name: 'What waits' })).toContainText(/Gull glass.*Batch .* taken back/);
  await page.getByRole('button', { name: 'Close' }).click();
  await context.setOffline(false);
  await expect(page.getByText(/^No connection\./)).toBeHidden();
  await expect.poll(async () => (await (await page.request.get('/api/bottles')).json()).bottles.length).toBe(0);
});

test('a batch of which somebody else has poured meanwhile stays, and whoever took it back is told why', async ({
  page,
  context,
  browser,
}) => {
  const cook = await glassOnTheShelf(page);
  await takesBackOffline(page);

  const elsewhere = await browser.newContext();
  const other = await elsewhere.newPage();
  await signIn(other, cook);
  await other.goto('/shelf');
  await other.getByRole('radio', { name: 'Use first' }).click();
  await other.getByRole('button', { name: 'Pour 250 mL of Gull glass' }).click();
  await expect
    .poll(async () => (await (await other.request.get('/api/bottles')).json()).bottles[0].remaining_mL)
    .toBe(750);
  await elsewhere.close();

  await context.setOffline(false);
  await expect(page.getByText(/^Gull glass: .*poured/).first()).toBeVisible();
  await expect(page.getByRole('link', { name: /Gull glass/ }).first()).toBeVisible();
});

test('a label is sent to the printer and a member taken out without a network: both happen once there is one', async ({
  page,
  context,
  browser,
}) => {
  await glassOnTheShelf(page);
  expect((await page.request.put('/api/devices/printer', { data: { plugged: true } })).ok()).toBe(true);
  const { invitation } = await (await page.request.get('/api/kitchen')).json();
  const elsewhere = await browser.newContext();
  const other = await elsewhere.newPage();
  await register(other, 'Tam', invitation);
  await page.goto('/kitchen');
  await expect(page.getByRole('button', { name: 'Change Tam' })).toBeVisible();
  await page.goto('/shelf');
  await page
    .getByRole('link', { name: /Gull glass/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: 'Label', exact: true })).toBeVisible();
  await context.setOffline(true);

  await page.getByRole('button', { name: 'Label', exact: true }).click();
  await page.getByRole('button', { name: 'To the label printer' }).click();
  await expect(page.getByText('It is printed as soon as the server answers.')).toBeVisible();
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Change Tam' }).click();
  await page.getByRole('button', { name: 'Take out of the kitchen' }).click();
  await page.getByRole('button', { name: 'Yes, take Tam out' }).click();
  await expect(page.getByText(/^is taken out as soon as that is sent/)).toBeVisible();
  expect((await other.request.get('/api/drinks')).status()).toBe(200);
  await page.getByRole('button', { name: 'Look at what is not sent yet' }).click();
  await expect(page.getByRole('list', { name: 'What waits' }).getByRole('listitem')).toHaveText([
    /A label.*To the label printer/,
    /Tam.*Taken out of the kitchen/,
  ]);
  await page.getByRole('button', { name: 'Close' }).click();

  await context.setOffline(false);
  await expect.poll(async () => (await other.request.get('/api/drinks')).status()).toBe(401);
  await expect
    .poll(async () => (await (await page.request.get('/api/bottles')).json()).bottles[0].label)
    .not.toBeNull();
  await expect(page.getByRole('button', { name: 'Change Tam' })).toBeHidden();
  await elsewhere.close();
});
