import { expect, openDemo, register, newDrink, test } from '../cook';
const RECIPE = `Keeper’s long-watch bottle
Makes 6 mugs
1 litre water
the juice of 2 oranges
3 tbsp golden syrup
1 tsp salt
a knob of ginger, grated

Warm half the water with the ginger to 170°C for ten minutes, don’t let it boil. Strain through a cloth.
Stir in two tablespoons of syrup and the salt, top up with the rest of the water and chill. Add the sliced lemon.
Good for the little one, too. Keeps 3 weeks in the fridge.`;
test('look', async ({ page }, info) => {
  await openDemo(page);
  await page.goto('/check');
  await page.getByLabel('The recipe').fill(RECIPE);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('What comes of it')).toBeVisible();
  await page.waitForTimeout(1200);
  await page.screenshot({ path: `/tmp/look/check-${info.project.name}.png` });
  if (info.project.name === 'phone') {
    await page.getByText('What comes of it').scrollIntoViewIfNeeded();
    await page.mouse.move(200, 400); await page.mouse.wheel(0, 500); await page.waitForTimeout(400);
    await page.screenshot({ path: `/tmp/look/check-phone-2.png` });
    await page.getByText('How much lemon?').first().scrollIntoViewIfNeeded();
    await page.waitForTimeout(300);
    await page.screenshot({ path: `/tmp/look/check-phone-3.png` });
  }
});
test('unread', async ({ page }, info) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Half read');
  const box = page.getByLabel('Next step');
  for (const line of ['2 tbsp honey', 'a liter o wotter maybe', '1 g salt']) { await box.fill(line); await box.press('Enter'); }
  await page.waitForTimeout(800);
  await page.screenshot({ path: `/tmp/look/unread-${info.project.name}.png` });
});
