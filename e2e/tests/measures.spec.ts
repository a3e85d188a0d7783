import { expect, goTo, newDrink, register, saved, test, typeSteps } from '../cook';

test('my handful is weighed, the drinks are made with it, and only mine is nobody else’s', async ({
  page,
  browser,
}) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Handful');
  await typeSteps(page, ['1 handful dried elderberries', '2 pinches table salt', '500 mL water', 'serve 250 mL']);
  await saved(page);
  const address = page.url();
  // What matters most here is asked for.
  await expect(
    page.getByText(/^How much is your (?:pinch of table salt|handful of elderberries, dried)\?$/),
  ).toBeVisible();

  await goTo(page, 'Stores');
  await page.getByRole('button', { name: 'My measures' }).click();
  await expect(page.getByRole('heading', { name: 'Worth weighing' })).toBeVisible();
  await page.getByRole('button', { name: 'Weigh a measure' }).click();
  const sheet = page.getByRole('dialog', { name: 'Weigh a measure of yours' });
  await sheet.getByRole('button', { name: 'Note it' }).click();
  await expect(sheet.getByRole('alert').first()).toBeVisible();
  await sheet.getByRole('radio', { name: 'handful' }).click();
  await sheet.getByLabel('Filled with what').fill('dried elderberries');
  for (const grams of ['50', '46', '54,0']) {
    await sheet.getByLabel('The scale shows').fill(grams);
    await sheet.getByRole('button', { name: 'Note it' }).click();
  }
  await expect(sheet.getByText(/^50 g, mostly .* weighed 3 times/)).toBeVisible();
  await expect(sheet.getByText('Used for every drink of the kitchen')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('img', { name: /handful of elderberries, dried: 50 g, 46 g, 54 g/ })).toBeVisible();
  await expect
    .poll(async () => (await (await page.request.get('/api/kitchen/settings')).json()).settings?.measures?.length)
    .toBe(1);

  await page.goto(address);
  await expect(page.getByText(/50 g/).first()).toBeVisible();

  // Only for what Ines makes: whoever else is in the kitchen has the tables' handful again.
  await goTo(page, 'Stores');
  await page.getByRole('button', { name: 'My measures' }).click();
  await page.getByRole('checkbox', { name: 'Only for what I make' }).click();
  await expect(page.getByText('Used for every drink you make')).toBeVisible();
  await expect
    .poll(async () => (await (await page.request.get('/api/kitchen/settings')).json()).settings.measures[0].member)
    .toBeTruthy();
  const { invitation } = await (await page.request.get('/api/kitchen')).json();
  const other = await (await browser.newContext()).newPage();
  await register(other, 'Orla', invitation);
  await other.goto(address);
  await expect(other.getByText(/30 g/).first()).toBeVisible();
  await other.context().close();
});

test('a mug of one’s own is a measure like any other, and is taken from the scale', async ({ page }) => {
  await register(page, 'Ines');
  await page.request.put('/api/devices/scale', { data: { plugged: true } });
  await page.goto('/stores/measures');
  await page.getByRole('button', { name: 'Weigh a measure' }).click();
  const sheet = page.getByRole('dialog', { name: 'Weigh a measure of yours' });
  await sheet.getByLabel('What it is called').fill('1 litre');
  await sheet.getByLabel('Filled with what').fill('moonshine dust');
  await sheet.getByRole('button', { name: 'Note it' }).click();
  await expect(sheet.getByText('It is written in letters, such as blue mug.')).toBeVisible();
  await expect(sheet.getByText(/not known here/)).toBeVisible();
  await sheet.getByLabel('What it is called').fill('Blue mug');
  await sheet.getByLabel('Filled with what').fill('water');
  const scale = sheet.getByRole('button', { name: 'From the scale' });
  await scale.click();
  await expect(sheet.getByLabel('The scale shows')).toHaveValue(/^\d+$/);
  await sheet.getByLabel('The scale shows').fill('1.2 kg');
  await sheet.getByLabel('How many at once').fill('3');
  await sheet.getByRole('button', { name: 'Note it' }).click();
  await expect(sheet.getByText(/^400 g, mostly/)).toBeVisible();
  await page.keyboard.press('Escape');

  await goTo(page, 'Drinks');
  await newDrink(page, 'Tonic', 'Two mugs');
  await typeSteps(page, ['2 blue mugs water']);
  await expect(page.getByText(/800 g/).first()).toBeVisible();
  await saved(page);
});
