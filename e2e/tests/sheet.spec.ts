import type { Page } from '@playwright/test';
import { expect, fromMenu, newDrink, register, saved, stepButton, test, typeSteps, forgetDevice } from '../cook';

test('a reload in the middle of a word loses nothing', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Half a wo');
  // One line after the other by keyboard alone: Enter takes a step and leaves the keys where they are.
  await page.getByLabel('Next step').click();
  for (const line of ['1 tbsp honey', '50 g sugar']) {
    await page.keyboard.type(`${line}\n`);
    await expect(page.getByRole('button', { name: new RegExp(`^${line}`) })).toBeVisible();
  }
  await page.keyboard.type('200 mL wat');
  await page.reload();
  await expect(page.getByLabel('Next step')).toHaveValue('200 mL wat');
  await expect(page.getByLabel('Name of the drink')).toHaveValue('Half a wo');
  await expect(page.getByRole('button', { name: /^1 tbsp honey/ })).toBeVisible();
});

test('everyday words are read, several steps in a line; what is not sure is asked', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'In my own words');
  const box = page.getByLabel('Next step');
  await box.fill('ginger 40 g, then bubble gently a quarter of an hour');
  await expect(page.getByRole('status').filter({ hasText: 'Simmer 15 min' })).toBeVisible();
  await box.press('Enter');
  await expect(box).toHaveValue('');
  const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(steps).toHaveCount(2);
  await expect(steps.first()).toContainText('40 g ginger');
  await expect(steps.last()).toContainText('Simmer 15 min');
  // Which of two is meant is asked, and the answer is a line that keeps what was written.
  await box.fill('2 tbsp honey or agave syrup');
  await expect(page.getByRole('status').filter({ hasText: 'or' })).toContainText('2 tbsp honey, or');
  await page.getByRole('button', { name: 'Use "2 tbsp honey"' }).click();
  await expect(box).toHaveValue('2 tbsp honey');
});

test('a whole recipe that is pasted becomes its steps, and is taken back with one press', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Pasted');
  const recipe = [
    'Ingredients',
    '1 L water',
    '40 g fresh ginger, sliced',
    'a splash of vinegar',
    'Method',
    'Put the water and ginger in a pot and simmer 20 minutes with the lid on. Strain through a cloth.',
    'Stir in the vinegar.',
  ].join('\n');
  await page.getByLabel('Next step').evaluate((box, text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', text);
    box.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, recipe);
  const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(steps).toHaveCount(6);
  await expect(steps.nth(2)).toContainText('Simmer 20 min');
  await expect(steps.nth(3)).toContainText('Strain');
  await expect(page.getByText(/^Pasted as 6 steps\. a splash of vinegar: Which vinegar\?/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(steps).toHaveCount(0);
});

const order = (page: Page) => page.getByRole('listitem').allTextContents();

test('steps move by button, by drag and by keyboard, and come back after removal', async ({ page }) => {
  await register(page, 'Wilf');
  await newDrink(page, 'Tonic', 'Order');
  await typeSteps(page, ['1 g table salt', '20 g white sugar', '300 mL water']);
  await stepButton(page, 3).click();
  await page.getByRole('button', { name: 'Move up' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect.poll(async () => (await order(page)).map((text) => text.slice(0, 4))).toEqual(['1 g ', '300 ', '20 g']);

  const grip = page.getByLabel('Drag step 1 to move it');
  const from = (await grip.boundingBox())!;
  const to = (await page.getByLabel('Drag step 3 to move it').boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2, from.y + 40, { steps: 5 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2 + 8, { steps: 10 });
  await page.mouse.up();
  await expect.poll(async () => (await order(page)).map((text) => text.slice(0, 4))).toEqual(['300 ', '20 g', '1 g ']);

  await stepButton(page, 2).click();
  await page.getByRole('button', { name: 'Remove step' }).click();
  await expect(page.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await order(page)).map((text) => text.slice(0, 4))).toEqual(['300 ', '20 g', '1 g ']);
  await saved(page);
});

test('the total and the serving are set on the sheet', async ({ page }) => {
  await register(page, 'Tam');
  await newDrink(page, 'Sports drink', 'Sizes', false);
  await fromMenu(page, 'Size and kind');
  await page.getByLabel('Fill up to').fill('2 L');
  await page.getByLabel('Serving').fill('400 mL');
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: /^Water to 2 L/ })).toBeVisible();
  await expect(page.getByText('2 L', { exact: true }).first()).toBeVisible();
  await expect(page.getByText('5', { exact: true })).toBeVisible();
});

test('two people edit one drink and neither loses a change unseen', async ({ page, browser, baseURL }) => {
  await register(page, 'Ines');
  await page.goto('/kitchen');
  const invitation = (await page
    .getByText(/^[A-Z2-9]{10}$/)
    .first()
    .textContent())!;
  const otherContext = await browser.newContext({ baseURL: baseURL! });
  const other = await otherContext.newPage();
  await register(other, 'Wilf', invitation);
  await page.goto('/drinks');
  await newDrink(page, 'Tonic', 'Shared');
  await typeSteps(page, ['1 g table salt', '20 g white sugar', '1 L water']);
  await saved(page);
  await other.goto(page.url());
  await expect(other.getByRole('listitem')).toHaveCount(3);

  // Different steps, at once: both stay.
  await Promise.all([
    (async () => {
      await stepButton(page, 1).click();
      await page.getByLabel('Step 1', { exact: true }).fill('2 g table salt');
    })(),
    (async () => {
      await stepButton(other, 2).click();
      await other.getByLabel('Step 2', { exact: true }).fill('30 g white sugar');
    })(),
  ]);
  for (const each of [page, other]) {
    await each.getByRole('button', { name: 'Done' }).click();
    await expect(each.getByRole('button', { name: /^2 g table salt/ })).toBeVisible();
    await expect(each.getByRole('button', { name: /^30 g white sugar/ })).toBeVisible();
    await saved(each);
  }

  // The same step while one is cut off: the late one keeps theirs and is shown the other's.
  await other.context().setOffline(true);
  await stepButton(other, 3).click();
  await other.getByLabel('Step 3', { exact: true }).fill('1.5 L water');
  await expect(other.getByText(/No connection/).first()).toBeVisible();
  await stepButton(page, 3).click();
  await page.getByLabel('Step 3', { exact: true }).fill('2 L water');
  await saved(page);
  await other.context().setOffline(false);
  await expect(other.getByText('Ines wrote “2 L water” here meanwhile.')).toBeVisible();
  await other.getByRole('button', { name: 'Take theirs' }).click();
  await other.getByRole('button', { name: 'Done' }).click();
  await expect(other.getByRole('button', { name: /^2 L water/ })).toBeVisible();
  await saved(other);
  await otherContext.close();
});

test('typed without a network, it is sent when the network is back, even after a reload', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Cut off');
  await typeSteps(page, ['1 g table salt']);
  await saved(page);
  await page.context().setOffline(true);
  await typeSteps(page, ['500 mL water']);
  await expect(page.getByText(/kept on this device/i).first()).toBeVisible();
  await page.context().setOffline(false);
  await page.reload();
  await saved(page);
  await forgetDevice(page);
  await page.reload();
  await expect(page.getByRole('listitem')).toHaveCount(2);
});

test('a drink of 48 steps has places to jump to, and folds by its phases', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Syrup', 'The long one', true);
  const added = (count: number, each: string) => Array.from({ length: count }, (_, at) => `${10 + at} ${each}`);
  const lines = [
    '2 L water',
    ...added(14, 'g dried elderberries'),
    'soak overnight',
    ...added(10, 'g cinnamon'),
    'simmer 30 min',
    'strain through cloth',
    ...added(19, 'g white sugar'),
    'bottle in 250 mL dark bottle',
  ];
  await page.getByLabel('Next step').evaluate((box, text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    box.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  }, lines.join('\n'));
  const rows = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(rows).toHaveCount(lines.length);
  const phases = page.getByRole('group', { name: 'Phases' });
  await phases.getByRole('button', { name: /^To Sweeten/ }).click();
  await expect(page.getByRole('button', { name: 'Sweeten 19 steps' })).toBeInViewport();
  await phases.getByRole('button', { name: 'Fold all' }).click();
  await expect(rows).toHaveCount(5);
  await expect(page.getByRole('button', { name: 'Soak 16 steps' })).toHaveAttribute('aria-expanded', 'false');
  // The stream goes on beside what is folded, to its end.
  const stream = page.getByRole('slider', { name: /^Stream/ });
  await expect(stream).toHaveAttribute('aria-valuemax', String(lines.length));
  const [drawn, list] = await Promise.all([
    stream.boundingBox(),
    page.getByRole('list', { name: 'Steps' }).boundingBox(),
  ]);
  expect(Math.abs(drawn!.height - list!.height)).toBeLessThan(2);
  await phases.getByRole('button', { name: /^To Strain/ }).click();
  await expect(page.getByRole('button', { name: /^Strain through cloth/ })).toBeVisible();
});
