import { begun, goTo, heading, noConnection, storedEvents } from '../brewing';
import { forgetDevice } from '../cook';
import { expect, test } from '../own-server';

test('a server that is killed in a steep: the timer runs on, what is done meanwhile arrives once it is back', async ({
  page,
  server,
}) => {
  await begun(page, ['100 g dried elderberries', '1 L water', 'simmer 30 min', 'steep 8 h', 'strain through cloth']);
  await goTo(page, 'Steep 8 h');
  await page.getByRole('button', { name: 'Start timer' }).click();
  await expect(page.getByRole('timer')).toHaveText(/^7:59:\d\d$/);
  const address = page.url();
  await expect.poll(() => storedEvents(page)).toHaveLength(4);

  await server.kill();
  await page.getByRole('radio', { name: 'Taste' }).click();
  await page.getByRole('radio', { name: 'Good', exact: true }).click();
  await expect(noConnection(page)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('timer')).toHaveText(/^7:5\d:\d\d$/);

  await server.start();
  await expect(noConnection(page)).toHaveCount(0, { timeout: 30_000 });
  expect(await storedEvents(page)).toEqual([
    [1, 'step-done'],
    [2, 'step-done'],
    [3, 'step-done'],
    [4, 'timer-started'],
    [5, 'reading'],
  ]);
  // Another device, which has only what the server kept.
  await forgetDevice(page);
  await page.goto(address);
  await expect(heading(page)).toHaveText('Steep 8 h');
  await expect(page.getByRole('timer')).toHaveText(/^7:5\d:\d\d$/);
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText('Taste Good');
});
