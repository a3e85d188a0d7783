import { expect, openDemo, test } from '../cook';
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
  await expect(page.getByLabel('The recipe')).toBeVisible();
  await page.screenshot({ path: `/tmp/look/check-empty-${info.project.name}.png` });
  await page.getByLabel('The recipe').fill(RECIPE);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('What comes of it')).toBeVisible();
  await page.waitForTimeout(1200);
  await page.screenshot({ path: `/tmp/look/check-${info.project.name}.png`, fullPage: true });
  console.log(await page.locator('[role=main]').innerText());
});
