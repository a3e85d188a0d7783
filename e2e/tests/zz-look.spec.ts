import { openDemo, test } from '../cook';
test('look', async ({ page }, info) => {
  await openDemo(page);
  await page.goto('/stores/measures');
  await page.getByRole('heading', { name: 'Worth weighing' }).waitFor();
  await page.waitForTimeout(800);
  await page.screenshot({ path: `/tmp/look/measures-${info.project.name}.png`, fullPage: false });
  await page.getByRole('button', { name: 'Weigh a measure' }).click();
  await page.waitForTimeout(300);
  await page.screenshot({ path: `/tmp/look/weigh-${info.project.name}.png` });
});
