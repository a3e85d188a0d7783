import { expect, register, test } from '../cook';
import type { Page } from '@playwright/test';

/**
 * The ways of docs/journeys.md without a pointer. What is pressed counts, and a line that is typed counts as one; more
 * than twice the touches of the same way is too many.
 */
function keyboard(page: Page) {
  let pressed = 0;
  const press = async (...keys: readonly string[]) => {
    for (const key of keys) await page.keyboard.press(key);
    pressed += keys.length;
  };
  /** A line with the Enter that ends it. */
  const line = async (text: string) => {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    pressed += 1;
  };
  return {
    press,
    line,
    /** A kind by its name, begun: the keys are where its next step is typed. */
    begin: async (kind: string) => {
      await press('n');
      await expect(mind(page)).toBeFocused();
      await line(kind);
      await expect(page.getByLabel('Next step')).toBeFocused();
    },
    pressed: () => pressed,
  };
}

const steps = (page: Page) => page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
const mind = (page: Page) => page.getByLabel('What you have in mind, or a recipe you paste');

/** Waits until the keys are in a sheet or a panel. */
async function inDialog(page: Page, name: string): Promise<void> {
  const dialog = page.getByRole('dialog', { name });
  await expect
    .poll(() => dialog.evaluate((element) => element.contains(document.activeElement)).catch(() => false))
    .toBe(true);
}

test.beforeEach(async ({ page }) => {
  await register(page, 'Ines');
  // A letter goes nowhere before what hears it has loaded.
  await page.waitForLoadState('networkidle');
});

test('infused water, by its letter', async ({ page }) => {
  const { press, pressed } = keyboard(page);
  await press('n');
  await expect(mind(page)).toBeFocused();
  await press('ArrowDown');
  await expect(page.getByRole('button', { name: /^Infused water/ })).toBeFocused();
  await press('Enter');
  await expect(steps(page)).toHaveCount(6);
  await expect(page.getByLabel('Next step')).toBeFocused();
  expect(pressed()).toBeLessThanOrEqual(2 * 2);
});

test('on a device that is busy with a box it has just drawn, what is typed into it stays', async ({ page }) => {
  const { press } = keyboard(page);
  const stands = page.waitForEvent('console', (message) => message.text() === 'The box stands');
  // Everything that React does after it has drawn something waits for this.
  await page.evaluate(() => {
    const watch = new MutationObserver(() => {
      if (!document.querySelector('[aria-label^="What you have in mind"]')) return;
      watch.disconnect();
      console.log('The box stands');
      const until = performance.now() + 1500;
      while (performance.now() < until);
    });
    watch.observe(document.body, { childList: true, subtree: true });
  });
  await press('n');
  await stands;
  // As quick as somebody types who does not look.
  await Promise.all([...'tonic', 'Enter'].map((key) => press(key)));
  await expect(steps(page).filter({ hasText: 'dried elderberries' })).toBeVisible();
});

test('a dried-berry tonic with a long steep', async ({ page }) => {
  const { press, begin, pressed } = keyboard(page);
  await begin('tonic');
  await press('Escape');
  await expect(page.getByRole('button', { name: /^40 g dried elderberries/ })).toBeFocused();
  await press('s');
  await expect(page.getByRole('button', { name: /^Simmer 35 min/ })).toBeFocused();
  await press('Alt+Enter');
  await inDialog(page, 'Step 3');
  await press('c', 'o', 'm');
  await expect(page.getByRole('button', { name: 'Compare ways' })).toBeFocused();
  await press('Enter');
  await expect(page.getByRole('button', { name: /^Do this: / }).first()).toBeFocused();
  await press('Tab');
  await expect(page.getByRole('button', { name: 'Do this: Simmer 15 min, steep 8 h' })).toBeFocused();
  await press('Enter');
  await expect(steps(page).filter({ hasText: 'Steep 8 h' })).toBeVisible();
  expect(pressed()).toBeLessThanOrEqual(2 * 6);
});

test('rehydration in a hurry, and a doubled salt is caught at the key', async ({ page }) => {
  const { press, begin, pressed } = keyboard(page);
  await begin('rehydration');
  await expect(page.getByText('Too salty to give')).toHaveCount(0);
  expect(pressed()).toBeLessThanOrEqual(2 * 2);
  await press('ArrowUp', 'ArrowUp', 'ArrowUp');
  await expect(page.getByLabel('Step 2')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('1 level tsp table salt');
  await expect(page.getByRole('alert').filter({ hasText: 'Too salty to give' })).toBeVisible();
  // With the line that is typed over it, which is one of the way by touch as well.
  expect(pressed() + 1).toBeLessThanOrEqual(2 * 4);
  // Down again to the last line, and out of it to the one that is typed next.
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('Step 3')).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('Next step')).toBeFocused();
});

test('a sports drink with sugar or honey, side by side', async ({ page }) => {
  const { press, line, begin, pressed } = keyboard(page);
  await begin('sports drink');
  await press('Escape', '.');
  await inDialog(page, 'More');
  await press('v');
  await expect(page.getByRole('menuitem', { name: 'Variants' })).toBeFocused();
  await press('Enter');
  await inDialog(page, 'Variants');
  await press('6');
  await expect(page.getByRole('radio', { name: '60 g white sugar' })).toBeFocused();
  await press('Space');
  await expect(page.getByLabel('Choice 2')).toBeFocused();
  await line('75 g honey');
  await expect(page.getByRole('list', { name: 'Variants' }).getByRole('listitem')).toHaveCount(2);
  // A touch more for the line of the same way.
  expect(pressed()).toBeLessThanOrEqual(2 * 7);
  // Nothing of it has left the keys on the page.
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(await page.evaluate(() => document.activeElement?.tagName)).not.toBe('BODY');
});

test('a syrup for keeping in jars', async ({ page }) => {
  const { line, begin, pressed } = keyboard(page);
  await begin('syrup');
  await line('process 10 min in a hot-water bath at 300 m');
  await line('store in the cool room');
  await expect(steps(page).filter({ hasText: 'Process jars 10 min' })).toBeVisible();
  expect(pressed()).toBeLessThanOrEqual(2 * 5);
});

test('keys are on the page after each way to another, and shortcuts stay out of sheets', async ({ page }) => {
  const places = page.getByRole('navigation', { name: 'Places', exact: true });
  await places.getByRole('link', { name: 'Shelf' }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/shelf$/);
  await page.goto('/drinks');
  await expect(page.getByRole('main')).toBeFocused();
  await page.keyboard.press('n');
  await expect(mind(page)).toBeFocused();
  await page.keyboard.press('Shift+Tab');
  // Signs and letters in a sheet are not for the page below it.
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(0);
  await page.keyboard.press('d');
  await expect(page.getByRole('button', { name: /^Dry mix/ })).toBeFocused();
  await page.keyboard.press('d');
  await expect(page.getByRole('button', { name: /^Daily hydration/ })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('group', { name: 'Kinds' }).getByRole('button', { name: /^Sports drink/ })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('out of the box of a drink without steps Escape leaves the keys in it', async ({ page }) => {
  await page.keyboard.press('n');
  await expect(mind(page)).toBeFocused();
  await page.getByRole('checkbox', { name: 'Begin with the usual steps' }).press('Space');
  await mind(page).focus();
  await page.keyboard.type('tonic');
  await page.keyboard.press('Enter');
  const next = page.getByLabel('Next step');
  await expect(next).toBeFocused();
  for (const key of ['Escape', 'ArrowUp']) await page.keyboard.press(key);
  await expect(next).toBeFocused();
});
