import { openDemo, test } from '../cook';
test('look', async ({ page }, info) => {
  test.setTimeout(300_000);
  const shot = async (name: string) => {
    await page.waitForTimeout(900);
    await page.screenshot({ path: `/tmp/look/${name}-${info.project.name}.png`, fullPage: false });
  };
  await openDemo(page);
  await page.goto('/drinks');
  await page.waitForTimeout(7000);
  await shot('drinks');
});
