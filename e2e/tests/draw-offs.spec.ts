import { expect, fromMenu, goTo, newDrink, register, saved, test, typeSteps } from '../cook';

test('a pan is drawn off at two thicknesses, a glass of it is drunk on the spot, and each ends where it should', async ({
  page,
}) => {
  await register(page, 'Ines');
  await goTo(page, 'People');
  await page.getByRole('button', { name: 'Add someone' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Juno');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByRole('heading', { name: 'Juno', exact: true })).toBeVisible();
  await goTo(page, 'Drinks');
  await newDrink(page, 'Syrup', 'Hedge hips', true);
  await typeSteps(page, [
    '1 L water',
    '500 g white sugar',
    'simmer 10 min',
    'draw off 250 mL',
    'simmer 40 min lid off',
  ]);
  await saved(page);
  await fromMenu(page, 'Made it');
  const sheet = page.getByRole('dialog', { name: 'Made it' });
  const thin = sheet.getByRole('group', { name: 'Hedge hips, thin' });
  await expect(thin.getByLabel('Filled with, each')).toHaveValue('250 mL');
  await thin.getByRole('checkbox', { name: 'Re-used' }).click();
  await expect(thin.getByText(/scalded with its lid/)).toBeVisible();
  await expect(thin.getByText(/not all of this glass is said to be heat-safe/)).toBeVisible();
  await thin.getByRole('checkbox', { name: 'Heat-safe' }).click();
  await expect(thin.getByText(/not all of this glass is said to be heat-safe/)).toHaveCount(0);

  const thick = sheet.getByRole('group', { name: 'Hedge hips', exact: true });
  await thick.getByRole('button', { name: 'Leave these out' }).click();
  await expect(thick.getByText(/in no bottle. What becomes of it\?/)).toBeVisible();
  await expect(sheet.getByRole('button', { name: 'Put on the shelf' })).toBeDisabled();
  await thick.getByRole('button', { name: 'A bottle' }).click();
  await thick.getByLabel('Bottles').fill('1');
  await thick.getByLabel('Filled with, each').fill('100 mL');
  await thick.getByRole('radio', { name: 'Drunk now' }).click();
  await thick.getByRole('checkbox', { name: 'Juno' }).click();
  await sheet.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await expect(page.getByText('Hedge hips, thin').first()).toBeVisible();
  // What she drank counts for her day.
  await goTo(page, 'People');
  await expect(page.getByText(/1 glass or spoons? today: Hedge hips|1 glass today: Hedge hips/)).toBeVisible();
});

test('a dry mix goes into the kitchen’s jars by what it weighs there, or into single scoops', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Dry mix', 'Rope-walk salts', true);
  await typeSteps(page, ['100 g glucose', '20 g table salt', 'shake 2 min']);
  await saved(page);
  await fromMenu(page, 'Made it');
  const sheet = page.getByRole('dialog', { name: 'Made it' });
  await sheet.getByRole('button', { name: 'Fill single scoops' }).click();
  await expect(sheet.getByText(/^\d+ × \d(\.\d+)? g$/)).toBeVisible();
  await expect(sheet.getByRole('checkbox', { name: 'Heat-safe' })).toHaveCount(0);
  await sheet.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  const { bottles } = await (await page.request.get('/api/bottles')).json();
  expect(bottles.length).toBeGreaterThan(10);
  expect(bottles[0].vessel.name).toBe('Single scoop');
});

test('a jar that stands for weeks is labelled with when it is strained', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Vinegar and honey', 'Fire cider', true);
  await typeSteps(page, ['500 mL cider vinegar', 'steep 4 weeks', 'strain cloth', '150 g honey']);
  await saved(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Done, next step' }).click();
  await expect(page.getByText(/^Strain by \w{3} \d+ \w{3}/)).toBeVisible();
  await page.getByRole('button', { name: 'Label the jar' }).click();
  const label = page.getByRole('img', { name: 'The first label, as it is printed' });
  await expect(label.getByText(/^Strain by \d+ \w+ \d{4}$/)).toBeVisible();
  await expect(label.getByText(/Still being made/)).toBeVisible();
});
