import type { Locator, Page } from '@playwright/test';
import { expect, register, test } from '../cook';

/** Counts touches and typed lines, as docs/journeys.md reports them. */
function counter(page: Page) {
  let touches = 0;
  let lines = 0;
  const touch = async (what: Locator) => {
    await what.click();
    touches += 1;
  };
  return {
    touch,
    button: (name: string | RegExp, exact = true) => touch(page.getByRole('button', { name, exact }).first()),
    radio: (name: string) => touch(page.getByRole('radio', { name, exact: true }).first()),
    /** A line typed where the next step goes: a touch on the box the first time, Enter after each. */
    type: async (text: string) => {
      const next = page.getByLabel('Next step');
      await next.fill(text);
      await next.press('Enter');
      lines += 1;
    },
    fill: async (label: string, text: string) => {
      await page.getByLabel(label, { exact: true }).last().fill(text);
      lines += 1;
    },
    counted: () => ({ touches, lines }),
  };
}

const steps = (page: Page) => page.getByRole('list', { name: 'Steps' }).getByRole('listitem');

test.beforeEach(async ({ page }) => {
  await register(page, 'Ines');
});

test('infused water: 2 touches to a formula with steps', async ({ page }) => {
  const { button, counted } = counter(page);
  await button('New drink');
  await button(/^Infused water/, false);
  await expect(steps(page)).toHaveCount(6);
  await expect(page.getByText(/^1\.5\d? L$/).first()).toBeVisible();
  expect(counted()).toEqual({ touches: 2, lines: 0 });
});

test('a dried-berry tonic with a long steep: 6 touches', async ({ page }) => {
  const { button, counted } = counter(page);
  await button('New drink');
  await button(/^Tonic/, false);
  await button(/^Simmer 35 min/, false);
  await button('More about this step');
  await button('Compare ways');
  await button('Do this: Simmer 15 min, steep 8 h');
  await expect(steps(page).filter({ hasText: 'Steep 8 h' })).toBeVisible();
  expect(counted().touches).toBe(6);
});

test('rehydration in a hurry: 2 touches, and a doubled salt is caught at the key', async ({ page }) => {
  const { button, fill, counted } = counter(page);
  await button('New drink');
  await button(/^Rehydration/, false);
  await expect(page.getByText('Too salty to give')).toHaveCount(0);
  expect(counted().touches).toBe(2);
  await button(/^1\/2 level tsp table salt/, false);
  await fill('Step 2', '1 level tsp table salt');
  await expect(page.getByRole('alert').filter({ hasText: 'Too salty to give' })).toBeVisible();
  expect(counted()).toEqual({ touches: 3, lines: 1 });
});

test('a sports drink with sugar or honey, side by side: 6 touches and a line', async ({ page }) => {
  const { button, radio, touch, fill, counted } = counter(page);
  await button('New drink');
  await button(/^Sports drink/, false);
  await button('More');
  await touch(page.getByRole('menuitem', { name: 'Variants' }));
  await radio('60 g white sugar');
  await fill('Choice 2', '75 g honey');
  await button('Make all');
  await expect(page.getByRole('list', { name: 'Variants' }).getByRole('listitem')).toHaveCount(2);
  expect(counted()).toEqual({ touches: 6, lines: 1 });
});

test('a syrup for keeping in jars: 3 touches and two lines', async ({ page }) => {
  const { button, touch, type, counted } = counter(page);
  await button('New drink');
  await button(/^Syrup/, false);
  await touch(page.getByLabel('Next step'));
  await type('process 10 min in a hot-water bath at 300 m');
  await type('store in the cool room');
  await expect(steps(page).filter({ hasText: 'Process jars 10 min' })).toBeVisible();
  expect(counted()).toEqual({ touches: 3, lines: 2 });
});
