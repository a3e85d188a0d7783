import { allFigures, clearSteps, expect, fromMenu, newDrink, register, saved, test, typeSteps } from '../cook';

const SACHET = [
  '2.6 g table salt',
  '13.5 g glucose',
  '1.5 g potassium chloride',
  '2.9 g trisodium citrate dihydrate',
  'water to 1 L',
];

test('typing the sachet shows what is in each litre, and a reload finds it again', async ({ page }) => {
  await register(page, 'Ines');
  await newDrink(page, 'Rehydration', 'Sick bay');
  await clearSteps(page);
  await typeSteps(page, SACHET);
  const figures = await allFigures(page);
  await figures.getByRole('radio', { name: 'Litre' }).click();
  // Within 2 % of Na 75, Cl 65, glucose 75, K 20, citrate 10 mmol/L, 245 mOsm/L. The home target shows three of them.
  await fromMenu(page, 'Size and kind');
  await page.getByRole('radio', { name: 'Reduced-osmolarity rehydration' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  for (const figure of [
    /^Sodium 74 mmol\/L, within/,
    /^Glucose, sucrose counted 75 mmol\/L, within/,
    /^Potassium 20 mmol\/L, within/,
    /^Chloride 65 mmol\/L, within/,
    /^Citrate 9\.9 mmol\/L, within/,
    /^Dissolved particles 243 mOsm\/L, within/,
  ])
    await expect(figures.getByRole('group', { name: figure })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Name of the drink')).toHaveValue('Sick bay');
  await expect(page.getByRole('listitem')).toHaveCount(SACHET.length);
});

test('doubling the salt brings the caution at once, with the water that mends it', async ({ page }) => {
  await register(page, 'Wilf');
  await newDrink(page, 'Rehydration', 'Stop-gap');
  await expect(page.getByRole('listitem')).toHaveCount(4);
  await expect(page.getByText('Too salty to give')).toHaveCount(0);
  await page.getByRole('button', { name: /^1\/2 level tsp table salt/ }).click();
  await page.getByLabel('Step 2', { exact: true }).fill('1 level tsp table salt');
  const alert = page.getByRole('alert').filter({ hasText: 'Too salty to give' });
  await expect(alert).toContainText('Stir 370 mL more clean water into the 1 L');
  await expect(alert).toContainText('does not taste too salty');
  await page.getByLabel('Step 2', { exact: true }).fill('1/2 level tsp table salt');
  await expect(alert).toHaveCount(0);
  const figures = await allFigures(page);
  await expect(figures.getByText('When to get medical help now')).toBeVisible();
  await expect(figures.getByText('No potassium in it')).toBeVisible();
  await expect(figures.getByText('Is the water safe?')).toBeVisible();
});

test('what is not understood is shown where it stands, kept, and mended with one tap', async ({ page }) => {
  await register(page, 'Tam');
  await newDrink(page, 'Tonic', 'Odd one');
  await page.getByLabel('Next step').fill('2 g slat');
  await expect(page.getByText('"slat" is not in the catalogue')).toBeVisible();
  await page.getByLabel('Next step').press('Enter');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /^2 g slat/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make it' })).toBeDisabled();
  await page.getByRole('button', { name: 'Use "2 g salt"' }).click();
  await expect(page.getByRole('button', { name: /^2 g salt/ })).toBeVisible();
});
