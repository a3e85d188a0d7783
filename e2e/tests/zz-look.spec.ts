import { test } from '@playwright/test';
import { openDemo } from '../cook';

test.use({ timezoneId: process.env.TZ || 'UTC' });
test('look', async ({ page }, info) => {
  const p = info.project.name;
  await openDemo(page);
  await page.goto('/people');
  await page.getByRole('heading', { name: 'People' }).waitFor();
  await page.waitForTimeout(1500);
  await page.setViewportSize({ width: p === 'phone' ? 390 : 1280, height: p === 'phone' ? 1700 : 1000 });
  await page.screenshot({ path: `/tmp/look/people-${p}.png` });
  await page.getByRole('link', { name: /Tam/ }).first().click();
  await page.getByRole('button', { name: 'Begin a spoon plan' }).click();
  await page.getByLabel('How much, how often').fill('1 tsp every two hours today, then three a day for a week');
  await page.waitForTimeout(800);
  await page.screenshot({ path: `/tmp/look/plan-${p}.png` });
  await page.goto('/today');
  await page.getByRole('heading', { name: 'By the spoon' }).waitFor();
  await page.waitForTimeout(800);
  await page.screenshot({ path: `/tmp/look/today-${p}.png` });
});
