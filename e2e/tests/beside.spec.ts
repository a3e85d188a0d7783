import { expect, newDrink, register, test, typeSteps } from '../cook';

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
