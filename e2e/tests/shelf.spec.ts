import { expect, fromMenu, newDrink, openDemo, openDemoByHand, register, saved, test, typeSteps } from '../cook';

test('made, bottled, labelled, poured, taken back', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Sports drink', 'Dawn bottle');
  await saved(page);
  await fromMenu(page, 'Made it');
  await page.getByLabel('Filled with, each').fill('500 mL');
  await page.getByLabel('Bottles').fill('3');
  await expect(page.getByText('2 × 500 mL; one stays empty')).toBeVisible();
  await page.getByLabel('Bottles').fill('1');
  await expect(page.getByText('500 mL does not fit in. What becomes of it?')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Put on the shelf' })).toBeDisabled();
  await page.getByRole('button', { name: 'Another bottle' }).click();
  await expect(page.getByText(/^Use by .* About 2 days in the fridge/)).toBeVisible();
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByText(/Batch DB-01 is on the shelf/)).toBeVisible();
  await expect(page.getByRole('listitem')).toHaveCount(2);
  await expect(page.getByText('2 bottles · 1 L')).toBeVisible();

  await page.getByRole('radio', { name: 'Use first' }).click();
  await page.getByRole('button', { name: 'Pour 500 mL of Dawn bottle' }).first().click();
  await expect(page.getByText('1 bottle · 500 mL')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('2 bottles · 1 L')).toBeVisible();

  await page
    .getByRole('link', { name: /^Dawn bottle/ })
    .first()
    .click();
  await expect(page.getByText(/^Use by /)).toBeVisible();
  await expect(page.getByText(/About 2 days in the fridge: there is little in it to feed germs/)).toBeVisible();
  const label = await page.request.get(`/api/documents${new URL(page.url()).pathname}/label.pdf`);
  expect(label.headers()['content-type']).toBe('application/pdf');
  expect((await label.body()).length).toBeGreaterThan(5000);
});

test('the demo kitchen opens with one tap and has bottles to use up', async ({ page }) => {
  await openDemoByHand(page);
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByRole('listitem').first()).toBeVisible();
  expect(await page.getByRole('listitem').count()).toBeGreaterThan(10);
});

test('drinks are found by what is in them', async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press('/');
  await page.keyboard.type('grapefruit');
  await expect(page.getByRole('link', { name: /Pilot-boat citrus/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Sea-room/ })).toHaveCount(0);
  await page.getByLabel('Search drinks').fill('no such thing');
  await expect(page.getByText('Nothing found')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(page.getByRole('link', { name: /Slack-tide/ })).toBeVisible();
});

test('a drink is deleted and brought back', async ({ page }) => {
  await register(page, 'Wilf');
  await newDrink(page, 'Tonic', 'Short-lived');
  await typeSteps(page, ['1 L water']);
  await saved(page);
  await fromMenu(page, 'Size and kind');
  await page.getByRole('button', { name: 'Delete drink' }).click();
  await expect(page.getByText('No drinks yet')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /Short-lived/ })).toBeVisible();
});
