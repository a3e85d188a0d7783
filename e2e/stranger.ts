import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { heading, next, read } from './brewing';
import { fromMenu, goTo } from './cook';

/** Somebody else's recipe: two things left open, and a slip. */
export const RECIPE = `Skerry root bottle
Makes 4 mugs
1 litre water
3 tbsp honey
1 tsp salt
a splash of cider vinegar

Warm the water with the honey and the salt to 170°C. Stir in the vinegar. Add the sliced ginger.
Steep 5 min. Strain through a cloth. Chill to 5 °C.`;

const NAME = 'Skerry root bottle';

/** A recipe of somebody else's is pasted; what it leaves open is answered, what is wrong in it repaired. */
export async function keepsRecipe(page: Page): Promise<void> {
  await goTo(page, 'Check');
  await page.getByLabel('The recipe').fill(RECIPE);
  await page.getByRole('button', { name: 'Read it' }).click();
  const splash = page.getByRole('group', { name: /How much is a splash/ });
  await splash.getByRole('button', { name: '1 tsp' }).click();
  const ginger = page.getByRole('group', { name: /How much ginger/ });
  await ginger.getByRole('textbox').fill('20 g');
  await ginger.getByRole('button', { name: 'Put it in' }).click();
  const slips = page.getByRole('list', { name: 'What comes of it' });
  await slips.getByRole('button', { name: 'Write it in °C' }).click();
  await expect(slips.getByRole('listitem', { name: /hotter than water/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep it as a drink' }).click();
  await expect(page.getByLabel('Name of the drink')).toHaveValue(NAME);
  await fromMenu(page, 'As it was written');
  await expect(page.getByRole('dialog')).toContainText('Makes 4 mugs');
  await page.keyboard.press('Escape');
}

/** What is read off at a step, where its box stands on the screen. */
const READINGS: Readonly<Record<string, readonly [label: string, value: string]>> = {
  'Heat to 77 °C': ['Temperature, °C', '78'],
  'Strain through cloth': ['Volume, mL', '980'],
};

/** It is made step by step, with what is read off, and filled into bottles. */
export async function makesIt(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  const had: string[] = [];
  for (let step = (await heading(page).textContent())!; step !== 'Fill the bottles';) {
    const [label, value] = READINGS[step] ?? [];
    if (label && value) {
      await read(page, label, value);
      await expect(page.getByRole('list', { name: 'Read here' })).toContainText(value);
      had.push(step);
    }
    if (step === 'Taste it') await page.getByRole('radio', { name: 'Good', exact: true }).click();
    await next(page);
    await expect(heading(page)).not.toHaveText(step);
    step = (await heading(page).textContent())!;
  }
  expect(had).toEqual(Object.keys(READINGS));
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
}

/** A bottle of it gets a label, and somebody a glass. */
export async function givesAGlass(page: Page): Promise<void> {
  await page
    .getByRole('main')
    .getByRole('link', { name: new RegExp(NAME) })
    .first()
    .click();
  await page.getByRole('button', { name: 'Label', exact: true }).click();
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the PDF' }).click();
  const pdf = await readFile(await (await downloading).path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByRole('button', { name: 'Close' }).click();
  await goTo(page, 'People');
  await page.getByRole('button', { name: 'Add someone' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Pia');
  await page.getByRole('button', { name: 'Add them' }).click();
  await page.getByRole('button', { name: 'Pour for Pia' }).click();
  await page
    .getByRole('button', { name: new RegExp(`^Pour from ${NAME}`) })
    .first()
    .click();
  await page
    .getByRole('button', { name: /^Pour for Pia/ })
    .last()
    .click();
  const sure = page.getByRole('button', { name: 'Pour it all the same' });
  const poured = page.getByText(new RegExp(`^Poured .* of ${NAME} for Pia`));
  await expect(sure.or(poured)).toBeVisible();
  if (await sure.isVisible()) await sure.click();
  await expect(poured).toBeVisible();
}

/** It stands in the logbook with what was read. */
export async function looksBack(page: Page): Promise<void> {
  await goTo(page, 'Logbook');
  await page
    .getByRole('main')
    .getByRole('link', { name: new RegExp(NAME) })
    .first()
    .click();
  await expect(page.getByText(/78 °C/).first()).toBeVisible();
  await expect(page.getByText(/980 mL/).first()).toBeVisible();
}

/** The kitchen is saved as one file. Returns where it lies. */
export async function savesKitchen(page: Page, file: string): Promise<void> {
  await goTo(page, 'Kitchen');
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await (await downloading).saveAs(file);
}

/** The file is brought into another kitchen, and the drink, its bottles and what was drunk of them are there. */
export async function bringsItIn(page: Page, file: string): Promise<void> {
  await goTo(page, 'Kitchen');
  await page.getByLabel('Archive of a kitchen').setInputFiles(file);
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByRole('button', { name: 'Take it back' })).toBeVisible();
  await goTo(page, 'Shelf');
  await expect(page.getByText(NAME).first()).toBeVisible();
  await goTo(page, 'People');
  await expect(page.getByText('Pia', { exact: true }).first()).toBeVisible();
  await expect(page.getByText(new RegExp(`1 glass or spoon today: ${NAME}`))).toBeVisible();
  await looksBack(page);
}
