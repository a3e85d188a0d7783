import { test } from '@playwright/test';
import { openDemo } from '../cook';

test.use({ timezoneId: process.env.TZ || 'UTC', deviceScaleFactor: 2 });
test('look', async ({ page }, info) => {
  const p = info.project.name;
  await openDemo(page);
  await page.goto('/shelf');
  await page
    .getByRole('main')
    .getByRole('link', { name: /Fogbank/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Label', exact: true }).click();
  for (const [n, f] of [
    ['A4, 21', 'a'],
    ['Letter, 30', 'b'],
    ['Wide roll', 'c'],
  ]) {
    await page.getByRole('radio', { name: n }).click();
    await page.waitForTimeout(900);
    await page.getByRole('img', { name: /^Page 1/ }).screenshot({ path: `/tmp/look/lab-${f}-${p}.png` });
  }
});
