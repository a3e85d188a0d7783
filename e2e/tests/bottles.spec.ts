import { toBuffer } from 'qrcode';
import { bottled, expect, goTo, register, test } from '../cook';

const SYRUP = {
  name: 'Fog syrup',
  kind: 'syrup',
  serving: '10 mL',
  lines: ['400 g white sugar', '2 g citric acid', '500 mL water'],
  bottles: [300, 300],
} as const;

test('a bottle is opened, split, topped up, corrected, frozen, thrown away, and everything is taken back', async ({
  page,
}) => {
  await register(page, 'Ines');
  const [first] = await bottled(page, SYRUP);
  await page.goto(`/bottles/${first}`);
  const left = (words: string) => expect(page.getByText(words)).toBeVisible();
  await left('300 mL left · 30 servings · fridge');
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  await expect(page.getByText('Opened: the shorter date begins')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Open', exact: true })).toHaveCount(0);

  await page.getByRole('button', { name: 'Split' }).click();
  await page.getByLabel('How much', { exact: true }).fill('400 mL');
  await expect(page.getByText('There are 300 mL.')).toBeVisible();
  await page.getByLabel('How much', { exact: true }).fill('100 mL');
  await page.getByRole('radio', { name: 'Freezer' }).click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await left('200 mL left · 20 servings · fridge');
  await expect.poll(async () => (await (await page.request.get('/api/bottles')).json()).bottles.length).toBe(3);

  await page.getByRole('button', { name: 'Top up' }).click();
  await page.getByRole('radio', { name: /^freezer, 100 mL/ }).click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await left('300 mL left · 30 servings · fridge');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await left('200 mL left · 20 servings · fridge');

  await page.getByRole('button', { name: 'Correct how much is left' }).click();
  await page.getByLabel('How much', { exact: true }).fill('150 mL');
  await page.getByRole('button', { name: 'Do it' }).click();
  await left('150 mL left · 15 servings · fridge');

  await page.getByRole('button', { name: 'Move or freeze' }).click();
  await page.getByRole('button', { name: 'Freezer' }).click();
  await left('150 mL left · 15 servings · freezer');
  await expect(page.getByRole('button', { name: 'Thaw or move' })).toBeVisible();

  await page.getByRole('button', { name: 'Throw away' }).click();
  await page.getByRole('radio', { name: /^Fuzz/ }).click();
  await expect(page.getByText(/Do not skim or taste it/)).toBeVisible();
  await page.getByRole('button', { name: 'Throw away' }).last().click();
  await expect(page.getByText('Empty', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await left('150 mL left · 15 servings · freezer');
  // 600 mL were filled, and 50 mL of them were not there when it was measured.
  const all = async () => {
    const { bottles } = await (await page.request.get('/api/bottles')).json();
    return bottles.reduce((sum: number, { remaining_mL }: { remaining_mL: number }) => sum + remaining_mL, 0);
  };
  await expect.poll(all).toBeCloseTo(550, 3);
});

test('a label is looked at, printed, out of date after a move, and scanned', async ({ page }) => {
  await register(page, 'Ines');
  const [first] = await bottled(page, SYRUP);
  await page.goto(`/bottles/${first}`);
  await page.getByRole('button', { name: 'Label', exact: true }).click();
  await page.getByRole('radio', { name: 'A4, 21' }).click();
  await page.getByRole('radio', { name: 'Label 5', exact: true }).click();
  await expect(page.getByRole('img', { name: 'Page 1 of 1, as it is printed' })).toBeVisible();
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the PDF' }).click();
  expect((await downloading).suggestedFilename()).toBe('wellhydra-labels.pdf');
  await expect(page.getByText('The labels are saved as a PDF')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Move or freeze' }).click();
  await page.getByRole('button', { name: 'Freezer' }).click();
  await goTo(page, 'Shelf');
  await expect(page.getByText(/^The label of Fog syrup .* says something else/)).toBeVisible();

  // Found by its batch, and by its code; a code of something else is told.
  const batch = await page.evaluate(
    async (id) => (await (await fetch(`/api/bottles/${id}`)).json()).batch as string,
    first,
  );
  await page.getByLabel('Find by name, batch or place').fill(`${batch} freezer`);
  await expect(
    page
      .getByRole('main')
      .getByRole('link', { name: /Fog syrup/ })
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Scan the code on a label' }).click();
  const picture = async (text: string) => ({
    name: 'label.png',
    mimeType: 'image/png',
    buffer: await toBuffer(text, { scale: 6 }),
  });
  await page.getByLabel('A picture of the label').setInputFiles(await picture('https://example.test/'));
  await expect(page.getByText('That code is not on a label of this kitchen.')).toBeVisible();
  await page.getByLabel('A picture of the label').setInputFiles(await picture(`http://127.0.0.1/bottles/${first}`));
  await expect(page.getByRole('heading', { name: 'Fog syrup' })).toBeVisible();
  expect(new URL(page.url()).pathname).toBe(`/bottles/${first}`);
});

test('many bottles at once: sorted, chosen, moved', async ({ page }) => {
  await register(page, 'Ines');
  await bottled(page, { ...SYRUP, bottles: [100, 120, 140, 160] });
  await page.goto('/shelf');
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  const table = page.getByRole('radio', { name: 'Table' });
  if ((await table.count()) > 0) await table.click();
  const rows = page.getByRole('row');
  await expect(rows).toHaveCount(5);
  await page.getByRole('button', { name: 'Left' }).click();
  await page.getByRole('button', { name: 'Left' }).click();
  const amounts = async () => (await rows.allInnerTexts()).slice(1).map((words) => Number(/(\d+) mL/.exec(words)![1]));
  const sorted = await amounts();
  expect(sorted).toEqual([...sorted].sort((a, b) => (sorted[0]! - sorted[1]! < 0 ? a - b : b - a)));
  await page
    .getByRole('checkbox', { name: /^Choose Fog syrup/ })
    .nth(0)
    .click();
  await page
    .getByRole('checkbox', { name: /^Choose Fog syrup/ })
    .nth(1)
    .click();
  await expect(page.getByText('2 chosen')).toBeVisible();
  await page.getByRole('button', { name: 'Move', exact: true }).click();
  await page.getByRole('button', { name: 'Cool room' }).click();
  await expect(rows.filter({ hasText: 'Cool room' })).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(rows.filter({ hasText: 'Cool room' })).toHaveCount(0);
});
