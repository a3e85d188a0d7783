import { readFile, writeFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { newDrink, openDemo, register, test } from '../cook';

/** The whole kitchen, saved as a file and brought into another. */

const kitchen = async (page: Page) => {
  await page.goto('/kitchen');
  await expect(page.getByRole('heading', { name: 'All of it in one file' })).toBeVisible();
};
const bringIn = async (page: Page, file: string) => {
  await page.getByLabel('Archive of a kitchen').setInputFiles(file);
  await expect(page.getByRole('dialog', { name: 'Bring a kitchen in' })).toBeVisible();
};

test('a kitchen is saved, told what it would change, brought in, and taken back', async ({ page, browser }, info) => {
  await openDemo(page);
  await kitchen(page);
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  const download = await downloading;
  expect(download.suggestedFilename()).toMatch(/^[a-z-]+-\d{4}-\d\d-\d\d\.jsonl$/);
  const file = info.outputPath('kitchen.jsonl');
  await download.saveAs(file);

  const context = await browser.newContext();
  const other = await context.newPage();
  await register(other, 'Runa');
  await newDrink(other, 'Tonic', 'Own brine');
  await expect(other.getByText(/Version \d+ · saved/)).toBeVisible();
  await kitchen(other);
  await bringIn(other, file);
  await expect(other.getByText(/Fogbank elderberry syrup|and \d+ more/)).toBeVisible();
  await expect(other.getByRole('heading', { name: 'Goes', exact: true })).toBeHidden();
  await other.getByRole('radio', { name: 'Put it in place of this' }).click();
  await expect(other.getByRole('heading', { name: 'Goes', exact: true })).toBeVisible();
  await expect(other.getByText('Own brine')).toBeVisible();
  await other.getByRole('button', { name: 'Bring it in' }).click();

  await expect(other.getByRole('button', { name: 'Take it back' })).toBeVisible();
  await other.getByRole('button', { name: 'Take it back' }).scrollIntoViewIfNeeded();
  await other.goto('/drinks');
  await expect(other.getByText('Fogbank elderberry syrup').first()).toBeVisible();
  await expect(other.getByText('Own brine')).toBeHidden();
  await kitchen(other);
  await other.getByRole('button', { name: 'Take it back' }).click();
  await expect(other.getByRole('button', { name: 'Take it back' })).toBeHidden();
  await other.goto('/drinks');
  await expect(other.getByText('Own brine').first()).toBeVisible();
  await expect(other.getByText('Fogbank elderberry syrup')).toBeHidden();
  await context.close();
});

test('half a file is refused with its line, and a server that is gone is said', async ({ page }, info) => {
  await openDemo(page);
  const answer = await page.request.get('/api/kitchen/archive');
  const file = info.outputPath('half.jsonl');
  await writeFile(file, (await answer.body()).subarray(0, 30_000));
  expect((await readFile(file)).length).toBe(30_000);
  await kitchen(page);
  await bringIn(page, file);
  await expect(page.getByText(/^Line \d+: it is not JSON, or is cut off\. Nothing was changed\.$/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Bring it in' })).toBeHidden();
  await page.keyboard.press('Escape');
  await page.route('**/api/kitchen/archive', (route) => route.abort());
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText(/The server does not answer/)).toBeVisible();
});
