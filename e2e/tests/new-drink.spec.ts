import { expect, newDrink, openDemo, register, saved, test } from '../cook';

test('a drink begins with words, which give kinds and no cures, or with what is in the house', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'New drink' }).click();
  const sheet = page.getByRole('dialog', { name: 'What will it be?' });
  const kinds = sheet.getByRole('group', { name: 'Kinds' }).getByRole('button');
  await sheet.getByLabel('What you have in mind, or a recipe you paste').fill('something for a sore throat');
  await expect(sheet.getByRole('status')).toHaveText('People make these then. They are drinks, not cures.');
  await expect(kinds.first()).toContainText('Leaves or roots in hot water');
  await sheet.getByLabel('What you have in mind, or a recipe you paste').fill('');
  await sheet.getByRole('checkbox', { name: 'From what is in the house' }).click();
  await expect(kinds.first()).toContainText('All of it is in the house');
  await kinds.first().click();
  await expect(page.getByRole('list', { name: 'Steps' }).getByRole('listitem').first()).toBeVisible();
});

test('a recipe that is pasted becomes a new drink, and one that is none stays where it was typed', async ({ page }) => {
  await register(page, 'Ines');
  await page.getByRole('button', { name: 'New drink' }).first().click();
  const box = page.getByLabel('What you have in mind, or a recipe you paste');
  await box.fill(
    'Elder syrup\n\n100 g dried elderberries\n1 litre of water\nSimmer for 45 minutes, then strain.\n300 g honey',
  );
  await page.getByRole('button', { name: 'Begin with this recipe' }).click();
  const rows = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(rows.filter({ hasText: 'Simmer 45 min' })).toBeVisible();
  await expect(rows.filter({ hasText: '300 g honey' })).toBeVisible();
  await expect(page.getByText(/^Syrup · /)).toBeVisible();
  await page.goto('/drinks');
  await page.getByRole('button', { name: 'New drink' }).first().click();
  await box.fill('la la la\nla la');
  await page.getByRole('button', { name: 'Begin with this recipe' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'No step was found in it' })).toBeVisible();
  await expect(box).toHaveValue('la la la\nla la');
  // Nor is it lost when the sheet is closed, or the page.
  await page.getByRole('button', { name: 'Close' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'New drink' }).first().click();
  await expect(box).toHaveValue('la la la\nla la');
});

test('a target opens its doses, and they become the steps', async ({ page }) => {
  await register(page, 'Ines');
  await page.getByRole('button', { name: 'New drink' }).first().click();
  await page.getByRole('button', { name: 'Sports drink, 6 %' }).click();
  await page.getByRole('button', { name: 'Use these doses' }).click();
  await expect(page.getByRole('list', { name: 'Steps' }).getByRole('listitem').first()).toBeVisible();
  await expect(page.getByText(/^Sports drink · /)).toBeVisible();
});

test('a kind begins with its usual steps, or with none', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Gel', 'Empty gel', true);
  await saved(page);
  await expect(page.getByRole('list', { name: 'Steps' }).getByRole('listitem')).toHaveCount(0);
});
