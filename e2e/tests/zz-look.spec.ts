import { writeFileSync } from 'node:fs';
import { fromMenu, openDemo, test } from '../cook';
test('look', async ({ page }, info) => {
  test.setTimeout(300_000);
  const shot = async (name: string) => {
    await page.waitForTimeout(900);
    await page.screenshot({ path: `/tmp/look/${name}-${info.project.name}.png` });
  };
  await openDemo(page);
  await page.request.put('/api/devices/scale', { data: { plugged: true } });
  const drinks = (await (await page.request.get('/api/drinks')).json()).drinks;
  const tried: [string, string, number][] = [];
  for (const { id, document } of drinks) {
    const { brews } = await (await page.request.get(`/api/logbook/drinks/${id}/tried`)).json();
    tried.push([id, document.name, brews.length]);
  }
  writeFileSync(`/tmp/look/tried-${info.project.name}.json`, JSON.stringify(tried, null, 1));
  const [best] = [...tried].sort((a, b) => b[2] - a[2]);
  await page.goto(`/drinks/${best![0]}`);
  await page.waitForTimeout(1500);
  await fromMenu(page, 'What went well');
  await shot('well');
  await page.keyboard.press('Escape');
  await fromMenu(page, 'What it costs');
  await shot('cost');
  await page.keyboard.press('Escape');
  const { brews } = await (await page.request.get(`/api/logbook?drinkId=${best![0]}`)).json();
  await page.goto(`/logbook/compare?brew=${brews[0].id}&with=${brews[1]?.id ?? ''}`);
  await page.waitForTimeout(1500);
  await shot('compare');
  await page.goto('/logbook');
  await page.waitForTimeout(1500);
  if (info.project.name === 'phone') await page.getByRole('radio', { name: 'What they teach' }).click();
  await shot('logbook');
  await page.getByRole('heading', { name: 'By month' }).scrollIntoViewIfNeeded();
  await shot('means');
});
