import type { Page } from '@playwright/test';
import { allFigures, expect, fromMenu, goTo, newDrink, register, saved, stepButton, test, typeSteps } from '../cook';

const ELDER = [
  '100 g dried elderberries',
  '950 mL water',
  'simmer 45 min lid ajar',
  'strain through cloth',
  'cool to 40 °C',
  '340 g honey',
];

async function elder(page: Page): Promise<void> {
  await register(page, 'Ines');
  await newDrink(page, 'Syrup', 'Fog syrup', true);
  await typeSteps(page, ELDER);
}

test('lines become steps, and the stream says what is in the pot at each', async ({ page }) => {
  await elder(page);
  await expect(page.getByRole('button', { name: /^Simmer 45 min .*leaves as steam/ })).toBeVisible();
  const stream = page.getByRole('slider', { name: /^Stream/ });
  await stream.focus();
  await page.keyboard.press('Home');
  await expect(stream).toHaveAttribute('aria-valuetext', /After step 1, .*100 g/);
  await page.keyboard.press('End');
  await expect(stream).toHaveAttribute('aria-valuetext', /After step 6, .*sugars/);
  await page.keyboard.press('ArrowUp');
  await expect(stream).toHaveAttribute('aria-valuetext', /After step 5, .*40 °C/);
  // A finger on it asks the same.
  await stream.click({ position: { x: 20, y: 20 } });
  const told = page.getByText(/^After step 1,/);
  await expect(told).toBeVisible();
  // It covers no step: on a phone the panel says it, on a wide screen it has room over the stream.
  if (test.info().project.name === 'phone')
    await expect(page.getByRole('complementary', { name: 'Figures' }).getByText(/^After step 1,/)).toBeVisible();
  else {
    const [words, list] = await Promise.all([
      told.boundingBox(),
      page.getByRole('list', { name: 'Steps' }).boundingBox(),
    ]);
    expect(words!.x + words!.width).toBeLessThanOrEqual(list!.x);
  }
  // What the colours are is said once.
  const legend = page.getByRole('group', { name: 'Colours of the stream' });
  await expect(legend).toHaveCount(1);
  await expect(legend).toContainText('sugars');
  await expect(legend).toContainText('plants and pieces');
  await fromMenu(page, 'The pot, step by step');
  await expect(page.getByRole('list', { name: 'The pot after each step' }).getByRole('listitem')).toHaveCount(6);
});

test('a step by its sheet: lid, note, optional, into each glass', async ({ page }) => {
  await elder(page);
  await stepButton(page, 3).click();
  await page.getByRole('button', { name: 'More about this step' }).click();
  await page.getByRole('radiogroup', { name: 'Lid' }).getByRole('radio', { name: 'off' }).click();
  await page.getByRole('radio', { name: '20 min' }).click();
  await page.getByLabel('Note').fill('Do not leave it');
  await page.getByRole('checkbox', { name: 'Optional' }).click();
  await page.getByRole('button', { name: 'Done' }).last().click();
  await expect(page.getByRole('listitem').nth(2)).toContainText('Do not leave it');
  // What is picked, not typed, goes in the same way.
  await page.getByRole('button', { name: 'Pick a step' }).click();
  await page.getByLabel('Find an ingredient, or a drink of yours').fill('lemon juice');
  await page.getByRole('button', { name: /^Lemon juice/ }).click();
  await page.getByRole('radio', { name: '1 tbsp' }).click();
  await page.getByRole('checkbox', { name: /^Into each glass/ }).click();
  await page.getByRole('button', { name: 'Done' }).last().click();
  const glass = page.getByRole('list', { name: 'Into each glass' });
  await expect(glass.getByRole('listitem')).toContainText('1 tbsp lemon juice');
  await saved(page);
  await page.reload();
  await expect(glass.getByRole('listitem')).toContainText('1 tbsp lemon juice');
});

test('ways to strain are compared before one is taken, and honey is swapped for something as sweet', async ({
  page,
}) => {
  await elder(page);
  await stepButton(page, 4).click();
  await page.getByRole('button', { name: 'More about this step' }).click();
  await page.getByRole('button', { name: 'Compare ways' }).click();
  await page.getByRole('button', { name: 'Do this: Left to drain' }).click();
  await expect(page.getByRole('list', { name: 'Steps' }).getByRole('listitem').nth(3)).toContainText(/^Strain/);
  await stepButton(page, 6).click();
  await page.getByRole('button', { name: 'More about this step' }).click();
  await page.getByRole('button', { name: 'Swap it' }).click();
  await page.getByRole('radio', { name: 'Vegan' }).click();
  await page.getByRole('button', { name: /^Use .* maple syrup/ }).click();
  await page.getByRole('button', { name: 'Done' }).last().click();
  await expect(page.getByRole('button', { name: /maple syrup/ })).toBeVisible();
});

test('resized by servings, with what does not grow said first, and back again', async ({ page }) => {
  await elder(page);
  await page.getByRole('button', { name: 'Resize' }).click();
  await page.getByRole('radio', { name: 'Volume' }).click();
  await page.getByLabel('To make').fill('2 L');
  await expect(page.getByText(/Steam does not grow with the batch/)).toBeVisible();
  await page.getByRole('button', { name: 'Use this size' }).click();
  await expect(page.getByText(/^(2|1\.99|2\.01) L$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^100 g dried elderberries/ })).toBeVisible();
});

test('a target becomes doses that can be weighed, one locked, and they become the steps', async ({ page }) => {
  await register(page, 'Wilf');
  await newDrink(page, 'Rehydration', 'Sick bay');
  await fromMenu(page, 'Aim the doses');
  await page.getByRole('radio', { name: 'Reduced-osmolarity rehydration' }).click();
  const doses = page.getByRole('list', { name: 'Doses' });
  await expect(doses.getByText('13.5 g', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Lock glucose' }).click();
  await expect(page.getByRole('button', { name: 'Unlock glucose' })).toBeVisible();
  await page.getByRole('button', { name: 'Do without potassium chloride' }).click();
  await expect(page.getByText(/There is no source of potassium/).first()).toBeVisible();
  await page.getByLabel('Something else').fill('potassium chloride');
  await page.getByRole('button', { name: 'Use "Potassium chloride"' }).click();
  await expect(page.getByText(/There is no source of potassium/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Use these doses' }).click();
  await expect(page.getByRole('button', { name: /^13\.5 g glucose/ })).toBeVisible();
  const figures = await allFigures(page);
  await figures.getByRole('radio', { name: 'Litre' }).click();
  await expect(figures.getByRole('group', { name: /^Sodium 7[3-7] mmol\/L, within/ })).toBeVisible();
});

test('a jug too small for a coarse scale: what would do is offered, and taken with one touch', async ({ page }) => {
  await register(page, 'Wilf');
  await newDrink(page, 'Rehydration', 'Small jug');
  await fromMenu(page, 'Aim the doses');
  await page.getByRole('radio', { name: 'Reduced-osmolarity rehydration' }).click();
  await page.getByRole('radio', { name: '1 g scale', exact: true }).click();
  await page.getByLabel('To make').fill('250 mL');
  const would = page.getByRole('group', { name: 'What would do' });
  await expect(would.getByRole('button', { name: /^Make / })).toBeVisible();
  await would.getByRole('button', { name: 'Measure with a 0.1 g scale' }).click();
  await expect(page.getByRole('radio', { name: '0.1 g scale', exact: true })).toBeChecked();
  await expect(page.getByText('Every figure is inside its band.')).toBeVisible();
  await expect(would).toHaveCount(0);
});

test('a figure can be asked where it comes from', async ({ page }) => {
  await elder(page);
  const figures = await allFigures(page);
  await figures.getByRole('button', { name: 'Where sugars comes from' }).click();
  const parts = page.getByRole('list', { name: 'Comes from' });
  await expect(parts.getByRole('listitem').first()).toContainText('Honey');
  await expect(parts.getByRole('listitem').first()).toContainText('step 6');
  await page.getByRole('button', { name: 'Done' }).click();
  // What the figure means is beside it, with the way to all words.
  await figures.getByRole('button', { name: /^Where Elderberries, dry weight comes from/i }).click();
  await expect(page.getByText(/^How much dried plant a spoon or a glass stands for/)).toBeVisible();
  await page.getByRole('link', { name: 'All words' }).click();
  await expect(page.getByRole('heading', { name: 'Words', exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: '°Brix' })).toBeVisible();
});

test('a copy begins like the drink and goes its own way', async ({ page }) => {
  await elder(page);
  await saved(page);
  const before = page.url();
  await fromMenu(page, 'Copy it');
  await expect(page.getByLabel('Name of the drink')).toHaveValue('Fog syrup, another way');
  expect(page.url()).not.toBe(before);
  await expect(page.getByRole('list', { name: 'Steps' }).getByRole('listitem')).toHaveCount(ELDER.length);
});

test('slots become variants, tasted blind, and the winner is kept', async ({ page }) => {
  await register(page, 'Tam');
  await newDrink(page, 'Sports drink', 'Deck bottle', false);
  await fromMenu(page, 'Variants');
  await page.getByRole('radio', { name: '60 g white sugar' }).click();
  await page.getByLabel('Choice 2').fill('75 g honey');
  await page.getByRole('button', { name: 'Make all' }).click();
  const variants = page.getByRole('list', { name: 'Variants' });
  await expect(variants.getByRole('listitem')).toHaveCount(2);
  await expect(variants.getByRole('listitem').first()).toContainText('tsp sugar');
  await expect(variants.getByRole('listitem').first()).toContainText('pinches of salt');
  await page.getByRole('button', { name: 'Taste' }).click();
  // Whoever pours sees the order; nothing is scored meanwhile.
  await page.getByRole('button', { name: 'I pour: show me the order' }).click();
  await expect(page.getByRole('list', { name: 'Order to pour in' }).getByRole('listitem')).toHaveText([
    /^Glass 1: [AB]/,
    /^Glass 2: [AB]/,
  ]);
  await expect(page.getByRole('list', { name: 'Order to pour in' })).toContainText('75 g honey');
  await expect(page.getByRole('list', { name: 'Glasses' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Hide the order' }).click();
  for (const [glass, points] of [
    ['Glass 1', '2'],
    ['Glass 2', '5'],
  ] as const) {
    await page
      .getByRole('radiogroup', { name: `Points for ${glass}` })
      .getByRole('radio', { name: points })
      .click();
    await page.getByRole('button', { name: `Give score to ${glass}` }).click();
  }
  await page.getByRole('button', { name: 'Done' }).last().click();
  await expect(page.getByLabel('Liked best')).toBeVisible();
  const winner = variants.getByRole('listitem').filter({ has: page.getByLabel('Liked best') });
  await winner.getByRole('button', { name: /^Keep this one/ }).click();
  await expect(page.getByText(/^Variant . is the drink now$/)).toBeVisible();
});

test('what the kitchen has changes what a drink comes to', async ({ page }) => {
  await elder(page);
  const simmer = page.getByRole('list', { name: 'Steps' }).getByRole('listitem').nth(2);
  await expect(simmer).toContainText('leaves as steam');
  const before = await simmer.textContent();
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Change stove, pots and blender' }).click();
  await page.getByRole('radiogroup', { name: 'The usual pot' }).getByRole('radio', { name: 'wide pan' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^wide pan on/)).toBeVisible();
  await page.goBack();
  await expect(page.getByText(/Worked out for your kitchen: wide pan/)).toBeVisible();
  await expect.poll(async () => simmer.textContent()).not.toBe(before);
});

test('a drink of yours goes into another as an ingredient', async ({ page }) => {
  await elder(page);
  await saved(page);
  await page.getByRole('link', { name: 'Drinks' }).first().click();
  await newDrink(page, 'Tonic', 'Evening glass');
  await typeSteps(page, ['use 30 mL Fog syrup', '170 mL sparkling water']);
  await expect(page.getByRole('button', { name: /^Use 30 mL Fog syrup/ })).toContainText('g');
  const figures = await allFigures(page);
  await expect(figures.getByRole('group', { name: /^Sugars [1-9]/ })).toBeVisible();
});

test('a kitchen that reads ounces is shown ounces, whatever was typed', async ({ page }) => {
  await elder(page);
  await saved(page);
  const total = page.getByText(/^\d[\d.,]* (?:mL|L)$/).first();
  await expect(total).toBeVisible();
  await goTo(page, 'Kitchen');
  await page.getByRole('button', { name: 'Change measures' }).click();
  await page.getByRole('radio', { name: 'fl oz, oz, °F' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto('/drinks');
  await page.getByText('Fog syrup').first().click();
  await expect(page.getByText(/^\d[\d.,]* fl oz$/).first()).toBeVisible();
  await expect(page.getByText('950 mL water').first()).toBeVisible();
});
