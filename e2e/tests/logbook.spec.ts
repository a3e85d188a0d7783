import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import type { Page } from '@playwright/test';
import { bottled, expect, fromMenu, goTo, openDemo, register, test } from '../cook';

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
  await expect(page.getByText('No brew is like that.')).toBeVisible();
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

test('a brew does not move away from under a finger when the drawings come', async ({ page }) => {
  await register(page, 'Ines');
  await bottled(page, drink('Rope-walk water', 20));
  let drawn = false;
  await page.route('**/api/logbook/charts*', async (route) => {
    const response = await route.fetch();
    await new Promise((resolve) => setTimeout(resolve, 1500));
    await route.fulfill({ response });
    drawn = true;
  });
  await goTo(page, 'Logbook');
  const link = brewLinks(page);
  await expect(link).toBeVisible();
  const shown = await link.boundingBox();
  await expect.poll(() => drawn).toBe(true);
  await page.waitForTimeout(300);
  expect(await link.boundingBox()).toEqual(shown);
});

test('a filter is typed into while the drawings cannot be asked for', async ({ page }) => {
  await register(page, 'Ines');
  await bottled(page, drink('Rope-walk water', 20));
  await page.route('**/api/logbook/charts*', (route) =>
    route.fulfill({ status: 500, json: { code: 'unexpected', message: 'No drawings today' } }),
  );
  await goTo(page, 'Logbook');
  await expect(brewLinks(page)).toHaveCount(1);
  const filter = page.getByRole('button', { name: 'Filter', exact: true });
  if (await filter.isVisible()) await filter.click();
  const words = page.getByLabel('Words of a note, name, batch');
  await words.pressSequentially('rope', { delay: 200 });
  await expect(words).toHaveValue('rope');
  await expect(brewLinks(page)).toHaveCount(1);
});

test('a photo is kept without the place and the device it was taken with', async ({ page }) => {
  await register(page, 'Ines');
  await bottled(page, drink('Rope-walk water', 20));
  await goTo(page, 'Logbook');
  await brewLinks(page).click();
  const device = 'Lanternfish 9 Pro';
  const taken = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#8a1c3c' } })
    .withExif({ IFD0: { Model: device }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '57/1 30/1 0/1' } })
    .jpeg()
    .toBuffer();
  expect(taken.includes(device)).toBe(true);
  await page.getByLabel('What the next photo shows').fill('The colour');
  await page.getByLabel('Photos to add').setInputFiles([
    { name: 'colour.jpg', mimeType: 'image/jpeg', buffer: taken },
    { name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') },
  ]);
  await expect(page.getByText(/^words\.jpg: This is no picture/)).toBeVisible();
  const kept = page.getByRole('button', { name: 'Photo 1: The colour', exact: true });
  await expect(kept).toBeVisible();
  await kept.click();
  const shown = page.getByRole('img', { name: 'The colour' });
  await expect.poll(() => shown.evaluate((element) => (element as HTMLImageElement).naturalWidth)).toBe(900);
  const address = await shown.getAttribute('src');
  // Read back from the file that is kept.
  const file = await (await page.request.get(address!)).body();
  const { exif, width } = await sharp(file).metadata();
  expect({ exif, width, device: file.includes(device) }).toEqual({ exif: undefined, width: 900, device: false });
  await page.getByRole('button', { name: 'Take it out', exact: true }).click();
  await page.getByRole('button', { name: 'Take it out for good' }).click();
  await expect(kept).toHaveCount(0);
});

test('a photo waits without a network, and is sent with what was said of it', async ({ page, context }) => {
  await register(page, 'Ines');
  await bottled(page, drink('Rope-walk water', 20));
  await goTo(page, 'Logbook');
  await brewLinks(page).click();
  await expect(page.getByLabel('What the next photo shows')).toBeVisible();
  const buffer = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#8a1c3c' } })
    .png()
    .toBuffer();
  const add = (words: string) =>
    page
      .getByLabel('What the next photo shows')
      .fill(words)
      .then(() => page.getByLabel('Photos to add').setInputFiles([{ name: 'a.png', mimeType: 'image/png', buffer }]));
  await context.setOffline(true);
  await add('The colour');
  await expect(page.getByRole('button', { name: 'Photo 1: The colour, waits to be sent' })).toBeVisible();
  await add('The slip');
  await page.getByRole('button', { name: 'Photo 2: The slip, waits to be sent' }).click();
  await expect(page.getByText(/on this device only, until it can be sent/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it out', exact: true }).click();
  await page.getByRole('button', { name: 'Take it out for good' }).click();
  await expect(page.getByRole('button', { name: /^Photo 2/ })).toHaveCount(0);
  await context.setOffline(false);
  const kept = page.getByRole('button', { name: 'Photo 1: The colour', exact: true });
  await expect(kept).toBeVisible();
  await page.reload();
  await expect(kept).toBeVisible();
  await expect(page.getByRole('button', { name: /^Photo 2/ })).toHaveCount(0);
  await kept.click();
  const shown = page.getByRole('img', { name: 'The colour' });
  await expect.poll(() => shown.evaluate((element) => (element as HTMLImageElement).naturalWidth)).toBe(60);
});

test('two brews of the demo stand side by side as two streams, and what the tastings liked is said with how little is known', async ({
  page,
}) => {
  await openDemo(page);
  const { drinks } = await (await page.request.get('/api/drinks')).json();
  const syrup = drinks.find(({ document }: { document: { name: string } }) =>
    /elderberry syrup/.test(document.name),
  ).id;
  const { brews } = await (await page.request.get(`/api/logbook?drinkId=${syrup}`)).json();
  const made = brews.filter(({ taste }: { taste: number | null }) => taste !== null);
  await page.goto(`/logbook/${made[0].id}`);
  await page.getByRole('button', { name: 'Beside another brew' }).click();
  await page.getByLabel('Beside it').selectOption(made[1].id);
  const table = page.getByRole('table', { name: 'What came of them' });
  await expect(table.getByRole('row', { name: /^Got/ })).toBeVisible();
  await expect(page.getByRole('slider', { name: /^Stream/ })).toHaveCount(2);
  // Said in a word on a phone, by a sign between the two where there is room.
  const steps = page.getByRole('list', { name: 'Steps of both' });
  await expect(
    steps
      .getByText('differs')
      .or(steps.getByRole('img', { name: 'differs' }))
      .first(),
  ).toBeVisible();

  await page.goto(`/drinks/${syrup}`);
  await fromMenu(page, 'What went well');
  const sheet = page.getByRole('dialog', { name: 'What went well' });
  await expect(sheet.getByText(/^7 brews, /)).toBeVisible();
  await expect(
    sheet
      .getByRole('listitem')
      .filter({ hasText: 'Honey' })
      .getByText(/Not known|Perhaps|Likely/),
  ).toBeVisible();
  await sheet.getByRole('button', { name: 'Change it in the drink' }).click();
  await expect(page.getByText(/^Changed for a trial: 20 % /)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
});
