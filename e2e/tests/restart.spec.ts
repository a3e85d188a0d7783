import { newDrink, register, saved, typeSteps } from '../cook';
import { expect, test } from '../own-server';

test('a server that is killed in a steep: the timer runs on, what is done meanwhile arrives once it is back', async ({
  page,
  server,
}) => {
  const heading = page.getByRole('heading', { level: 1 });
  const done = page.getByRole('button', { name: 'Done, next step' });
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Night steep');
  await typeSteps(page, [
    '100 g dried elderberries',
    '1 L water',
    'simmer 30 min',
    'steep 8 h',
    'strain through cloth',
  ]);
  await saved(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  for (const next of ['1 L water', 'Simmer 30 min', 'Steep 8 h']) {
    await done.click();
    await expect(heading).toHaveText(next);
  }
  await page.getByRole('button', { name: 'Start timer' }).click();
  await expect(page.getByRole('timer')).toHaveText(/^7:59:\d\d$/);
  const address = page.url();
  const run = `/api/brews/${address.split('/').at(-1)}/run`;
  await expect.poll(async () => (await (await page.request.get(run)).json()).events.length).toBe(4);

  await server.kill();
  await page.getByRole('radio', { name: 'Taste' }).click();
  await page.getByRole('radio', { name: 'Good', exact: true }).click();
  await expect(page.getByText(/No connection\. .* kept on this device/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('timer')).toHaveText(/^7:5\d:\d\d$/);

  await server.start();
  await expect(page.getByText(/No connection/)).toHaveCount(0, { timeout: 30_000 });
  const { events } = await (await page.request.get(run)).json();
  expect(events.map(({ number, kind }: { number: number; kind: string }) => [number, kind])).toEqual([
    [1, 'step-done'],
    [2, 'step-done'],
    [3, 'step-done'],
    [4, 'timer-started'],
    [5, 'reading'],
  ]);
  // Another device, which has only what the server kept.
  await page.evaluate(() => localStorage.clear());
  await page.goto(address);
  await expect(heading).toHaveText('Steep 8 h');
  await expect(page.getByRole('timer')).toHaveText(/^7:5\d:\d\d$/);
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText('Taste Good');
});
