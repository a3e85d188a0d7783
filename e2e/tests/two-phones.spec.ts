import { begun, goTo, heading, next, read, secondPhone, storedEvents } from '../brewing';
import { expect, newDrink, register, saved, test, typeSteps } from '../cook';
import type { Page } from '@playwright/test';

/** Opens the brew that is under way. */
async function goOn(page: Page): Promise<void> {
  await page.goto('/today');
  await page.getByRole('button', { name: 'Go on with Harbour elder tonic' }).click();
}

/** A person sees that the page has changed before pressing what is on it; what comes sooner is not taken for it. */
const seen = (page: Page): Promise<void> => page.waitForTimeout(1000);

test('two phones make one brew: each sees the other, and neither undoes it unseen', async ({ page, browser }) => {
  await begun(page);
  await expect(page.getByText(/batch HE-01/)).toBeVisible();
  const other = await secondPhone(page, browser);
  await goOn(other);
  await expect(heading(other)).toHaveText('100 g dried elderberries');
  await next(page);
  await expect(heading(other)).toHaveText('1 L water', { timeout: 3000 });
  await seen(other);
  await next(other);
  await expect(heading(page)).toHaveText('Simmer 40 min', { timeout: 3000 });
  await seen(page);
  // Both press at once, before either has heard of the other: one step is done twice, not two steps.
  await other.context().setOffline(true);
  await Promise.all([next(page), next(other)]);
  await other.context().setOffline(false);
  await expect(heading(page)).toHaveText('Strain through cloth');
  await expect(heading(other)).toHaveText('Strain through cloth');
  await read(other, 'Volume, mL', '520');
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText('520 mL');
  await other.context().close();
});

test('a timer that was started on one phone counts on every page of another', async ({ page, browser }) => {
  await begun(page);
  const other = await secondPhone(page, browser);
  await goTo(page, 'Simmer 40 min');
  await page.getByRole('button', { name: 'Start timer' }).click();
  // Other pages than Today ask only now and then: it looks once the timer is there to be seen.
  await expect.poll(async () => (await storedEvents(page)).at(-1)?.[1]).toBe('timer-started');
  await other.reload();
  await expect(other.getByRole('navigation', { name: 'Timers' })).toContainText(
    /Simmer 40 min · Harbour elder tonic(?:40:00|39:\d\d)/,
  );
  await other.context().close();
});

test('a brew that two phones bottle is bottled once, and the one that came second is told on Today', async ({
  page,
  browser,
}) => {
  await begun(page);
  await goTo(page, 'Fill the bottles');
  const other = await secondPhone(page, browser);
  await goOn(other);
  await expect(heading(other)).toHaveText('Fill the bottles');
  // Out of reach until it has filled its own.
  await other.context().setOffline(true);
  await other.route('**/api/**', (route) => route.abort());
  await other.getByRole('button', { name: 'Put on the shelf' }).click();
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await other.unroute('**/api/**');
  await other.context().setOffline(false);
  await other.getByRole('link', { name: 'Today' }).click();
  const told = other.getByRole('alert').filter({ hasText: 'Something of a brew could not be stored' });
  await expect(told).toContainText('Harbour elder tonic', { timeout: 20_000 });
  await expect(told).toContainText(/bottled/);
  await told.getByRole('button', { name: 'I have read it' }).click();
  await expect(told).toHaveCount(0);
  const bottles = await (await page.request.get('/api/bottles')).json();
  await expect(other.getByText('nothing is being made')).toBeVisible();
  expect((await (await other.request.get('/api/bottles')).json()).bottles).toHaveLength(bottles.bottles.length);
  await other.context().close();
});

test('what is planned on one phone is planned on another, and both may add to it', async ({ page, browser }) => {
  await register(page, 'Ines');
  for (const name of ['Root tea', 'Harbour tea']) {
    await page.goto('/drinks');
    await newDrink(page, 'Tea', name);
    await typeSteps(page, ['500 mL boiling water', '5 g dried peppermint', 'steep 10 min']);
    await saved(page);
  }
  const other = await secondPhone(page, browser);
  const plan = async (phone: Page, name: string) => {
    await phone.getByRole('button', { name: 'Add a drink' }).click();
    await phone.getByRole('button', { name: `Plan ${name}` }).click();
  };
  const planned = (phone: Page) => phone.getByRole('list', { name: 'Planned drinks' }).getByRole('listitem');
  const stored = async () => (await (await page.request.get('/api/kitchen/plan')).json()).plan?.requests.length;
  await page.goto('/plan');
  await plan(page, 'Root tea');
  await expect.poll(stored).toBe(1);
  await other.goto('/plan');
  await expect(planned(other)).toHaveCount(1);
  await plan(other, 'Harbour tea');
  await expect.poll(stored).toBe(2);
  await page.reload();
  await expect(planned(page)).toHaveCount(2);
  await expect(planned(page).filter({ hasText: 'Harbour tea' })).toHaveCount(1);
  await other.context().close();
});

test('a brew that is begun in one zone and bottled in another took as long as it took, and keeps to the same moment', async ({
  page,
  browser,
}) => {
  await begun(page);
  const other = await secondPhone(page, browser, { timezoneId: 'Pacific/Auckland' });
  await goOn(other);
  await goTo(other, 'Fill the bottles');
  await other.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(other.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  const { drinks } = await (await page.request.get('/api/logbook/charts')).json();
  expect(drinks[0].minutes).toBeLessThan(10);
  const { bottles } = await (await page.request.get('/api/bottles')).json();
  expect(Math.abs(Date.parse(bottles[0].madeAt) - Date.now())).toBeLessThan(600_000);
  const { madeAt, useBy, keeping } = bottles[0];
  expect((Date.parse(useBy) - Date.parse(madeAt)) / 86_400_000).toBeCloseTo(keeping.days, 3);
  await other.context().close();
});
