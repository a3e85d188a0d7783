import { expect, newDrink, openDemo, register, test, typeSteps } from '../cook';

test('a tool stands beside the sheet on a wide screen: both stay in use, and Escape gives the keys back', async ({
  page,
}) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Rope-walk water');
  await typeSteps(page, ['20 g honey', '1 L water']);
  const tools = page.getByRole('toolbar', { name: 'Tools' });
  const cost = tools.getByRole('button', { name: 'What it costs' });
  await cost.focus();
  await page.keyboard.press('Enter');
  const panel = page.getByRole('dialog', { name: 'What it costs' });
  await expect(panel).toBeFocused();
  await expect(cost).toHaveAttribute('aria-pressed', 'true');
  // The sheet is in use: a step that is typed is in what the tool says.
  await expect(panel.getByText(/honey/i).first()).toBeVisible();
  await typeSteps(page, ['5 g table salt']);
  await expect(panel.getByText(/table salt/i).first()).toBeVisible();
  await tools.getByRole('button', { name: 'Versions' }).click();
  await expect(panel).toHaveCount(0);
  const versions = page.getByRole('dialog', { name: 'Versions' });
  await expect(versions).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(versions).toHaveCount(0);
  await expect(tools.getByRole('button', { name: 'Versions' })).toBeFocused();
});

test('where there is room the other drinks stand beside a sheet, and give way to a tool', async ({ page }) => {
  await page.setViewportSize({ width: 1600, height: 900 });
  await openDemo(page);
  const others = page.getByRole('navigation', { name: 'Other drinks' });
  await expect(others).toHaveCount(0);
  await page
    .getByRole('main')
    .getByRole('link', { name: /Fogbank/ })
    .click();
  await expect(others.getByRole('link', { name: /Fogbank/ })).toHaveAttribute('aria-current', 'page');
  // Found by its name from the keys, and opened.
  await page.keyboard.press('/');
  await page.keyboard.type('cherry');
  await expect(others.getByRole('link')).toHaveCount(1);
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the drink')).toHaveValue(/Cherry/);
  // What was searched for stays: the list is still there.
  await expect(others.getByLabel('Search drinks')).toHaveValue('cherry');
  await page.getByRole('toolbar', { name: 'Tools' }).getByRole('button', { name: 'What it costs' }).click();
  await expect(others).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(others).toBeVisible();
});
