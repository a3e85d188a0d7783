import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { bottled, expect, goTo, openDemo, register, test } from '../cook';

const drink = (name: string, grams: number) => ({
  name,
  kind: 'tonic',
  serving: '100 mL',
  lines: [`${grams} g honey`, '1 L water'],
  bottles: [500, 400],
});

const brewLinks = (page: Page) =>
  page
    .getByRole('table', { name: 'Brews' })
    .or(page.getByRole('list', { name: 'Brews' }))
    .getByRole('link');

test('the brews of a kitchen are filtered, noted, tasted, and saved as CSV', async ({ page }) => {
  await register(page, 'Ines');
  await goTo(page, 'Logbook');
  await expect(page.getByText(/^Make a drink and put it on the shelf/)).toBeVisible();
  await bottled(page, drink('Rope-walk water', 20));
  await bottled(page, drink('Harbour tonic', 60));
  await bottled(page, drink('Harbour tonic two', 70));
  await goTo(page, 'Logbook');
  await expect(brewLinks(page)).toHaveCount(3);

  await brewLinks(page).filter({ hasText: 'Rope-walk water' }).click();
  await expect(page.getByText('Nobody has said how it is.')).toBeVisible();
  await page.getByRole('button', { name: 'Note a tasting' }).click();
  await page.getByLabel('Who tasted it, by name').fill('Juno');
  await page.getByRole('radio', { name: '4', exact: true }).click();
  await page.getByLabel('In their words').fill('like a clean rope');
  await page.getByRole('checkbox', { name: 'They did not know which it was' }).click();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('list', { name: 'Tastings' }).getByText(/^4 Juno, blind/)).toBeVisible();
  await page.getByLabel('Note', { exact: true }).fill('=HYPERLINK("more salt")');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByRole('button', { name: 'Keep the note' })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('like a clean rope')).toBeVisible();

  await goTo(page, 'Logbook');
  await expect(brewLinks(page)).toHaveCount(3);
  // A phone keeps the filters folded.
  const filter = page.getByRole('button', { name: 'Filter', exact: true });
  if (await filter.isVisible()) await filter.click();
  await page.getByLabel('Words of a note, name, batch').fill('clean rope');
  await expect(brewLinks(page)).toHaveCount(1);
  await page.getByLabel('Words of a note, name, batch').fill('nothing of the kind');
  await expect(page.getByText('No brew is so.')).toBeVisible();
  await page.getByLabel('Words of a note, name, batch').fill('');
  await page.getByLabel('Drink', { exact: true }).selectOption({ label: 'Rope-walk water' });
  await expect(brewLinks(page)).toHaveCount(1);
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save these brews as CSV' }).click();
  const lines = (await readFile(await (await downloading).path(), 'utf8')).trim().split('\r\n');
  expect(lines).toHaveLength(2);
  expect(lines[0]).toMatch(/^batch,drinkName,madeAt/);
  // What a spreadsheet would run is text.
  expect(lines[1]).toContain(`"'=HYPERLINK(""more salt"")"`);
});

test('the demo’s three months are drawn, and each drawing is a table as well', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Logbook');
  const charts = page.getByRole('radio', { name: 'What they teach' });
  await expect(brewLinks(page).first()).toBeVisible();
  if (await charts.isVisible()) await charts.click();
  await expect(page.getByRole('img', { name: /^\d+ brews\. / })).toBeVisible();
  for (const title of ['What was promised, and what came', 'How far off, brew after brew', 'Taste, out of 5']) {
    await page.getByRole('button', { name: `${title}, as numbers` }).click();
    await expect(page.getByRole('table', { name: title }).getByRole('row').first()).toBeVisible();
  }
  await expect(page.getByRole('table', { name: 'By month' }).getByRole('row')).not.toHaveCount(0);
  await expect(page.getByRole('table', { name: 'By drink' }).getByText('Fogbank elderberry syrup')).toBeVisible();
});
