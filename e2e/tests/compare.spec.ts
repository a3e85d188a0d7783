import { expect, fromMenu, openDemo, test } from '../cook';

test('versions are named, compared and gone back to; another drink is pasted beside', async ({ page }) => {
  await openDemo(page);
  await page
    .getByRole('main')
    .getByRole('link', { name: /Fogbank/ })
    .click();
  await fromMenu(page, 'Versions');
  const versions = page.getByRole('list', { name: 'Versions' });
  await expect(versions.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Compare with version 1' }).click();
  await expect(page.getByRole('list', { name: 'Steps side by side' })).toContainText('Steep 8 h');
  // What is in a pot at a place is said where it covers none of the steps beside it.
  const pot = page
    .getByRole('dialog')
    .getByRole('slider', { name: /^Stream: what is in the pot/ })
    .first();
  const row = page.getByRole('list', { name: 'Steps side by side' }).getByRole('listitem').nth(3);
  await row.scrollIntoViewIfNeeded();
  const [lying, standing] = [await row.boundingBox(), await pot.boundingBox()];
  await page.mouse.move(standing!.x + standing!.width / 2, lying!.y + 20);
  await page.mouse.down();
  await page.mouse.up();
  const said = page.getByRole('dialog').getByText(/^After step 4,/);
  await expect(said).toBeVisible();
  const card = await said.locator('..').boundingBox();
  expect(
    card!.y >= lying!.y + lying!.height || card!.x >= lying!.x + lying!.width || card!.x + card!.width <= lying!.x,
  ).toBe(true);
  await page.getByRole('button', { name: 'Compare with another' }).click();
  await page
    .getByLabel('Or with one you paste, a step a line')
    .fill('Quay syrup\n100 g dried elderberries\n1 L water\nboil 20 min\nstrain through mesh\n200 g honey');
  await page.getByRole('button', { name: 'Compare with this' }).click();
  await expect(page.getByRole('heading', { name: 'Quay syrup' })).toBeVisible();
  await expect(page.getByRole('list', { name: 'What that does' })).toContainText('Sugars');
  // One difference of the two is taken over, and given back.
  const each = page.getByRole('list', { name: 'Each by itself' });
  const honey = each.getByRole('button', { name: /^Take this over: 200 g honey instead of/ });
  await expect(honey).toBeVisible();
  const differences = await each.getByRole('listitem').count();
  await honey.click();
  await expect(each.getByRole('listitem')).toHaveCount(differences - 1);
  // The row that was pressed is gone: the keys are on the one beside it.
  await expect(each.locator(':focus')).toHaveText('Take this over');
  await page.getByRole('dialog').getByRole('button', { name: 'Undo' }).click();
  await expect(each.getByRole('listitem')).toHaveCount(differences);
  await expect(honey).toBeVisible();
});
