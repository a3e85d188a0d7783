import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { bottledGlass, fromMenu, openDemo, register, saved, test, typeSteps, newDrink } from '../cook';

/** What is printed: a drink as a sheet, a brew as a card. */

const frame = (page: Page, title: string) => page.frameLocator(`iframe[title="${title}"]`);

/** How often something is given to the printer that stands behind this browser. */
async function printer(page: Page, title: string): Promise<() => Promise<number>> {
  await page.evaluate((name) => {
    const shown = document.querySelector<HTMLIFrameElement>(`iframe[title="${name}"]`)!.contentWindow!;
    Object.assign(window, { printed: 0 });
    shown.print = () => void ((window as never as { printed: number }).printed += 1);
  }, title);
  return () => page.evaluate(() => (window as never as { printed: number }).printed);
}

/** The page as it is kept, opened by itself: what it holds, and the pages of paper it takes. */
async function kept(page: Page) {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a page of HTML' }).click(),
  ]);
  const text = await readFile((await file.path())!, 'utf8');
  const alone = await page.context().newPage();
  await alone.setContent(text);
  const pdf = (await alone.pdf({ preferCSSPageSize: true })).toString('latin1');
  const sizes = [...pdf.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)].map(([, width, height]) => [
    Math.round((Number(width) * 25.4) / 72),
    Math.round((Number(height) * 25.4) / 72),
  ]);
  return { name: file.suggestedFilename(), text, sizes, alone };
}

test('a drink on paper: its steps to tick off, its figures and its cautions, printed and kept without a server', async ({
  page,
}) => {
  await openDemo(page);
  await page
    .getByRole('main')
    .getByRole('link', { name: /Fogbank/ })
    .click();
  await saved(page);
  const name = await page.getByLabel('Name of the drink').inputValue();
  await page.context().setOffline(true);
  await fromMenu(page, 'On paper');
  const paper = frame(page, name);
  await expect(paper.getByRole('heading', { name, level: 1 })).toBeVisible();
  const steps = paper.getByRole('heading', { name: 'Steps' }).locator('xpath=following-sibling::ol[1]/li');
  expect(await steps.count()).toBeGreaterThan(3);
  await expect(paper.getByRole('heading', { name: /^In each/ })).toBeVisible();
  await expect(paper.getByRole('heading', { name: /^Keeps about/ })).toBeVisible();
  const printed = await printer(page, name);
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  expect(await printed()).toBe(1);

  const { name: file, text, sizes, alone } = await kept(page);
  expect(file).toMatch(/^[a-z0-9-]+\.html$/);
  expect(text).not.toMatch(/https?:\/\/(?!www\.w3\.org)/);
  expect(sizes[0]).toEqual([210, 297]);
  expect(sizes.length).toBeLessThan(4);
  await expect(alone.getByRole('heading', { name, level: 1 })).toBeVisible();
  await alone.close();
});

test('what people write is words on paper, whatever it looks like', async ({ page }) => {
  const name = '<img src=x onerror="window.hurt=1"> & tea';
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', name);
  await typeSteps(page, ['1 L water', '20 g fresh ginger', 'simmer 10 min']);
  await saved(page);
  await fromMenu(page, 'On paper');
  await expect(page.locator('iframe').contentFrame().getByRole('heading', { level: 1 })).toHaveText(name);
  const { text, alone } = await kept(page);
  expect(text).not.toContain('<img');
  expect(await alone.evaluate(() => 'hurt' in window)).toBe(false);
  await alone.close();
});

test('a brew on a card: how it was made, what was read, until when it is good', async ({ page }) => {
  await openDemo(page);
  const { brews } = await (await page.request.get('/api/logbook')).json();
  // One whose steps were noted while it was made.
  const brew = brews.find(
    ({ drinkName, taste }: { drinkName: string; taste: number | null }) => taste !== null && /Fogbank/.test(drinkName),
  );
  await page.goto(`/logbook/${brew.id}`);
  await page.getByRole('button', { name: 'On a card, to be printed' }).click();
  const card = frame(page, `${brew.drinkName} ${brew.batch}`);
  await expect(card.getByRole('heading', { name: brew.drinkName })).toBeVisible();
  await expect(card.getByText(new RegExp(`Batch ${brew.batch}`))).toBeVisible();
  for (const part of ['What came', 'How it was made', 'What was read off', 'What went into it'])
    await expect(card.getByRole('heading', { name: part })).toBeVisible();
  await expect(card.getByText(/^Use by|^Keeps about/)).toBeVisible();
  const { sizes, alone } = await kept(page);
  expect(sizes[0]).toEqual([148, 210]);
  await alone.close();
});

test('a bottle that carries a stop has a card that says so first', async ({ page }) => {
  await register(page, 'Ines');
  const bottle = await bottledGlass(page, ['25 g table salt', '20 g white sugar', 'water to 1 L']);
  const { brewId, batch, cautions } = await (await page.request.get(`/api/bottles/${bottle}`)).json();
  const stop = cautions.find(({ severity }: { severity: string }) => severity === 'stop');
  await page.goto(`/logbook/${brewId}`);
  await page.getByRole('button', { name: 'On a card, to be printed' }).click();
  await expect(frame(page, `Gull glass ${batch}`).locator('.stop').first()).toContainText(stop.title);
});
