import {
  goTo,
  heading,
  keptOnDevice,
  next,
  noConnection,
  plugDevices,
  probed,
  read,
  readyToMake,
  storedEvents,
  takeFrom,
} from '../brewing';
import { expect, register, test } from '../cook';

test.describe('a dead network', () => {
  test.use({ serviceWorkers: 'allow' });

  test('for the middle third of a brew with scale, probe and a clock that is moved: it goes on, and everything arrives once and in order', async ({
    page,
    context,
  }) => {
    await page.clock.install();
    await register(page, 'Ines');
    await plugDevices(page);
    await readyToMake(page);
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByText(/batch HE-01/)).toBeVisible();
    await keptOnDevice(page);
    await goTo(page, '1 L water');
    await expect(page.getByText(/simulated scale · \d+ g · settled/)).toBeVisible({ timeout: 30_000 });
    await takeFrom(page, 'scale', /Weight \d/);
    await next(page);
    await expect(heading(page)).toHaveText('Simmer 40 min');
    await expect.poll(() => storedEvents(page)).toHaveLength(3);

    await context.setOffline(true);
    await page.getByRole('button', { name: 'Start timer' }).click();
    await expect(noConnection(page)).toBeVisible();
    await page.clock.fastForward('20:00');
    await page.reload();
    await expect(page.getByRole('timer')).toHaveText(/^(?:20:00|19:\d\d)$/);
    await page.clock.fastForward('21:00');
    await expect(page).toHaveTitle(/Time is up: Simmer 40 min/);
    await next(page);
    await expect(heading(page)).toHaveText('Strain through cloth');
    await expect(page.getByText(/^simulated (?:scale|probe) · /)).toHaveCount(0);
    await read(page, 'Volume, mL', '500');
    await page.getByRole('button', { name: /^Use \d+ g$/ }).click();
    await next(page);
    await expect(heading(page)).toHaveText('Cool to 40 °C');
    await page.reload();
    await expect(noConnection(page)).toBeVisible();
    await page.getByRole('button', { name: 'Start timer' }).click();

    await context.setOffline(false);
    await expect(noConnection(page)).toHaveCount(0, { timeout: 20_000 });
    const hot = await probed(page);
    await page.clock.fastForward('20:00');
    await expect.poll(() => probed(page), { timeout: 30_000 }).toBeLessThan(hot - 5);
    await takeFrom(page, 'probe', /Temperature \d/);
    await next(page);
    await expect(heading(page)).toHaveText(/^\d+ g honey$/);
    await goTo(page, 'Fill the bottles');
    const kinds = [
      'step-done',
      'reading',
      'step-done',
      'timer-started',
      'step-done',
      'reading',
      'amount-changed',
      'amount-kept',
      'step-done',
      'timer-started',
      'reading',
      'step-done',
      'step-done',
      'step-done',
      'step-done',
    ];
    await expect.poll(() => storedEvents(page)).toEqual(kinds.map((kind, index) => [index + 1, kind]));
    await page.getByRole('button', { name: 'Put on the shelf' }).click();
    await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
    await expect(page.getByText('Harbour elder tonic').first()).toBeVisible();
  });
});

test('a brew is begun and made to the bottles without a network, and stands on the shelf when it is back', async ({
  page,
  context,
}) => {
  await register(page, 'Ines');
  await readyToMake(page);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(heading(page)).toHaveText('100 g dried elderberries');
  await expect(noConnection(page)).toBeVisible();
  await goTo(page, 'Fill the bottles');
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByText(/The brew is kept on this device/)).toBeVisible();
  await context.setOffline(false);
  await expect(noConnection(page)).toHaveCount(0, { timeout: 20_000 });
  await page.goto('/shelf');
  await expect(page.getByText('Harbour elder tonic').first()).toBeVisible();
});
