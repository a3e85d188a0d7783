import type { Locator, Page } from '@playwright/test';
import { expect, newDrink, openDemo, register, saved, stepButton, test, typeSteps } from '../cook';

/** What a keyboard leaves of a phone's screen. */
const WITH_KEYBOARD = { width: 390, height: 480 };

const keysOf = (page: Page): Locator => page.getByRole('toolbar', { name: 'This line' });
const figuresOf = (page: Page): Locator => page.getByRole('complementary', { name: 'Figures' });

/** Where something lies on the screen: nothing of it is outside. */
async function isWithin(page: Page, part: Locator): Promise<void> {
  await expect(part).toBeInViewport({ ratio: 1 });
  const { height } = page.viewportSize()!;
  const box = (await part.boundingBox())!;
  expect(box.y + box.height).toBeLessThanOrEqual(height);
}

test('with a keyboard up there is the line, what is made of it, what it changed, and the keys', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: /Sea-room rehydration/ }).click();
  await stepButton(page, 1).click();
  await page.setViewportSize(WITH_KEYBOARD);
  const box = page.getByRole('textbox', { name: 'Step 1' });
  await expect(box).toBeFocused();
  await box.fill('5.2 g table salt');
  // The sodium of 2.6 g and of 5.2 g of salt, with 2.9 g of trisodium citrate beside it: 1.02 g and 2.05 g, and 0.68 g, in four.
  const sodium = figuresOf(page).getByRole('group', { name: /^Sodium 68\d mg.*before 42\d/ });
  await expect(sodium).toBeVisible();
  await expect(figuresOf(page)).toContainText('over the line');
  for (const part of [box, sodium, keysOf(page), page.getByRole('status').filter({ hasText: '5.2 g table salt' })])
    await isWithin(page, part);
  for (const gone of ['Make it', 'Resize']) await expect(page.getByRole('button', { name: gone })).toHaveCount(0);
  await expect(page.getByRole('navigation', { name: 'Places' })).toHaveCount(0);
  // A press on the keys leaves the letters where they are.
  await keysOf(page).getByRole('button', { name: 'Move down' }).click();
  await expect(page.getByRole('textbox', { name: 'Step 2' })).toBeFocused();
  await expect(page.getByRole('status').filter({ hasText: 'Moved to place 2 of 6' })).toHaveCount(1);
  await keysOf(page).getByRole('button', { name: 'Done' }).click();
  await expect(stepButton(page, 2)).toBeFocused();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
  // And with letters twice as large.
  await page.evaluate(() => (document.documentElement.style.fontSize = '200%'));
  await stepButton(page, 2).click();
  await isWithin(page, page.getByRole('textbox', { name: 'Step 2' }));
  await isWithin(page, keysOf(page).getByRole('button', { name: 'Done' }));
});

test('the figures open with a pull and fold with another, and a button does the same', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: /Sea-room rehydration/ }).click();
  await stepButton(page, 1).click();
  const potassium = figuresOf(page).getByRole('group', { name: /^Potassium/ });
  await expect(potassium).toHaveCount(0);
  const pull = async (by: number) => {
    const { x, y, width } = (await figuresOf(page).boundingBox())!;
    await page.mouse.move(x + width / 2, y + 10);
    await page.mouse.down();
    await page.mouse.move(x + width / 2, y + 10 + by, { steps: 5 });
    await page.mouse.up();
  };
  await pull(-80);
  await expect(potassium).toBeVisible();
  await pull(80);
  await expect(potassium).toHaveCount(0);
  await figuresOf(page).getByRole('button', { name: 'All' }).click();
  await expect(potassium).toBeVisible();
});

test('the next line that asks is one touch away, and a button that cannot be pressed says why', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Two that ask');
  await typeSteps(page, ['500 mL water', '2 g slat', '1 tbsp honey', 'a glug of wotter']);
  await saved(page);
  const make = page.getByRole('button', { name: 'Make it' });
  await expect(make).toHaveAccessibleDescription('First, a line that asks something');
  await make.click({ force: true });
  await expect(page.getByRole('status').filter({ hasText: 'First, a line that asks something' })).toBeVisible();
  await page.getByRole('button', { name: 'without 2 lines: to the first of them' }).click();
  await expect(page.getByRole('textbox', { name: 'Step 2' })).toBeFocused();
  await expect(page.getByText('4 lines · 2 ask')).toBeVisible();
  await keysOf(page).getByRole('button', { name: 'Next line that asks' }).click();
  await expect(page.getByRole('textbox', { name: 'Step 4' })).toBeFocused();
  await page.getByRole('textbox', { name: 'Step 4' }).fill('50 mL water');
  await keysOf(page).getByRole('button', { name: 'Next line that asks' }).click();
  await page.getByRole('button', { name: 'Use "2 g salt"' }).click();
  await expect(page.getByText(/^4 lines · (Saving|Version)/)).toBeVisible();
  // No line asks any more: the next is the one below.
  await keysOf(page).getByRole('button', { name: 'Next line' }).click();
  await expect(page.getByRole('textbox', { name: 'Step 3' })).toBeFocused();
  await keysOf(page).getByRole('button', { name: 'Remove step' }).click();
  await expect(stepButton(page, 3)).toBeFocused();
  await expect(make).toBeEnabled();
});
