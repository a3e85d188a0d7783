import type { Page } from '@playwright/test';
import {
  allFigures,
  bottled,
  expect,
  fromMenu,
  goTo,
  newDrink,
  register,
  saved,
  stepButton,
  test,
  typeSteps,
} from '../cook';

const TONIC = {
  name: 'Harbour tonic',
  kind: 'tonic',
  serving: '100 mL',
  lines: ['30 g honey', '1 g table salt', '1 g potassium chloride', '1 L water'],
  bottles: [500, 400],
} as const;

/** Names somebody on the form, with what is said of them. */
async function addPerson(page: Page, name: string, say: (page: Page) => Promise<void> = async () => undefined) {
  await goTo(page, 'People');
  await page.getByRole('button', { name: 'Add someone' }).click();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await say(page);
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
}
const baby = (page: Page) => page.getByRole('radio', { name: 'under 12 months' }).click();

test('a glass for somebody, one that is not for them, and several at once', async ({ page }) => {
  await register(page, 'Ines');
  await bottled(page, TONIC);
  await addPerson(page, 'Wilf', async () => {
    await page.getByRole('button', { name: 'Medicines' }).click();
    await page.getByRole('checkbox', { name: /ACE inhibitor/ }).click();
  });
  await page.getByRole('button', { name: 'Draw a line of their own' }).click();
  await page.getByRole('radio', { name: 'Potassium, added' }).click();
  await page.getByLabel('The most a day, mg').fill('100');
  await page.getByRole('button', { name: 'Draw it' }).click();
  await expect(page.getByText('100 mg, from the clinic')).toBeVisible();
  await addPerson(page, 'Wren', baby);
  await addPerson(page, 'Juno');

  // From Today it is two touches.
  await goTo(page, 'Today');
  await page.getByRole('button', { name: 'Pour from Harbour tonic' }).first().click();
  await page.getByRole('button', { name: /^Pour for Wilf/ }).click();
  await expect(page.getByText('Poured 100 mL of Harbour tonic for Wilf')).toBeVisible();

  // The second glass would cross his line; it asks first, and can still be recorded.
  await goTo(page, 'People');
  await expect(
    page.getByRole('group', { name: /^Potassium, added: 5\d(\.\d)? mg of 100 mg a day, from the clinic/ }),
  ).toBeVisible();
  await expect(page.getByText('Nothing on this shelf is for Wren.')).toBeVisible();
  await page.getByRole('button', { name: 'Give someone a glass' }).click();
  await page
    .getByRole('button', { name: /^Pour from Harbour tonic/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^Pour for Wilf/ }).click();
  await expect(page.getByText(/This brings it to 10\d mg, more than the 100 mg a day, from the clinic/)).toBeVisible();
  await page.getByRole('button', { name: 'Pour it all the same' }).click();
  await expect(page.getByText('The line is crossed.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByText('The line is crossed.')).toHaveCount(0);

  // Several at once, one of whom it is not for.
  await page.getByRole('button', { name: 'Give someone a glass' }).click();
  await page
    .getByRole('button', { name: /^Pour from Harbour tonic/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Another amount, something added, earlier' }).click();
  await page.getByLabel('How much for each').fill('1 tbsp');
  await page.getByLabel('Added to the glass, one thing a line').fill('2 g moonshine dust');
  await expect(page.getByText(/“2 g moonshine dust”/)).toBeVisible();
  await page.getByLabel('Added to the glass, one thing a line').fill('1 tsp honey');
  await page.getByRole('button', { name: 'Several people' }).click();
  await page.getByRole('checkbox', { name: 'Juno' }).click();
  await page.getByRole('checkbox', { name: 'Wren' }).click();
  await page.getByRole('button', { name: 'Pour for 2' }).click();
  await expect(page.getByText('Not for Wren: honey').first()).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();

  // It is all there after a reload, and the sheet of the drink names whom it is not for.
  await page.reload();
  await page.getByRole('main').getByRole('link', { name: /^Wilf/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Harbour tonic' })).toHaveCount(1);
  await goTo(page, 'Drinks');
  await page
    .getByRole('main')
    .getByRole('link', { name: /Harbour tonic/ })
    .click();
  await expect(page.getByText(/Not for Wren/).first()).toBeVisible();
});

test('a spoon plan is told back, taken, left out, and leads to the plan when the bottle runs out', async ({ page }) => {
  await page.clock.install({ time: new Date(2026, 10, 28, 9, 50) });
  await register(page, 'Ines');
  await bottled(page, { ...TONIC, serving: '10 mL', bottles: [60] });
  await addPerson(page, 'Tam');
  await page.getByRole('button', { name: 'Begin a spoon plan' }).click();
  await page.getByLabel('How much, how often, for how long').fill('1 tsp when it hurts');
  await expect(page.getByText(/How often\?/)).toBeVisible();
  await page
    .getByLabel('How much, how often, for how long')
    .fill('1 tsp every two hours today, then three a day for a week');
  await expect(page.getByText(/^5 mL: every 2 h for 1 day, then 3 a day for 7 days\.$/)).toBeVisible();
  await expect(page.getByText(/^Sat 28 Nov: 10:00, 12:00, 14:00/)).toBeVisible();
  await page.getByRole('button', { name: 'Begin it' }).click();
  await expect(page.getByText(/lasts until Tue 1 Dec\. Begin the next one by Mon 30 Nov\./)).toBeVisible();

  await page.getByRole('button', { name: 'Pour the 10:00 spoon for Tam' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Pour for Tam/ })
    .click();
  await expect(page.getByRole('listitem', { name: '10:00, taken' })).toBeVisible();
  await page.clock.setSystemTime(new Date(2026, 10, 28, 12, 5));
  await page.clock.runFor(60_000);
  await page.getByRole('button', { name: 'Skip the 12:00 spoon for Tam' }).click();
  await expect(page.getByRole('listitem', { name: '12:00, left out' })).toBeVisible();
  await page.clock.setSystemTime(new Date(2026, 10, 28, 15, 30));
  await page.clock.runFor(60_000);
  await expect(page.getByText(/^14:00 was missed\. 3 a day from tomorrow\.$/)).toBeVisible();

  // What is due stands on Today as well; the next one goes to the plan with one touch.
  await goTo(page, 'Today');
  await expect(page.getByRole('list', { name: 'By the spoon' })).toContainText('Tam: Harbour tonic, 5 mL');
  await page.getByRole('button', { name: 'Plan the next Harbour tonic' }).click();
  await expect(page.getByRole('heading', { name: 'Plan' })).toBeVisible();
  await expect(page.getByText('Harbour tonic').first()).toBeVisible();
});

test('a sweat test and a rehydration sheet', async ({ page }) => {
  await register(page, 'Ines');
  await bottled(page, { ...TONIC, name: 'Dawn bottle', kind: 'sport', serving: '500 mL' });
  await addPerson(page, 'Juno');
  await page.getByRole('button', { name: 'A sweat test' }).click();
  await page.getByLabel('Weight before, kg').fill('70');
  await page.getByLabel('Weight after, kg').fill('72');
  await expect(page.getByText(/That would be no sweat at all/)).toBeVisible();
  await page.getByLabel('Weight after, kg').fill('68.6');
  await page.getByLabel('Minutes').fill('120');
  await page.getByLabel('Drunk on the way, mL').fill('1000');
  await expect(page.getByText(/^About 1\.2 L an hour/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep the test' }).click();
  await expect(page.getByRole('list', { name: 'What makes up for it' })).toContainText('Dawn bottle');
  await expect(page.getByRole('list', { name: 'Sweat tests' }).getByRole('listitem')).toHaveCount(1);

  await page.getByRole('button', { name: 'Begin a rehydration sheet' }).click();
  await page.getByRole('button', { name: 'Loose stool' }).click();
  await page.getByRole('button', { name: 'Drank 100 mL' }).click();
  await expect(page.getByText(/^1 loose stool: 200 mL and more/)).toBeVisible();
  await expect(page.getByText('Get medical help now')).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'Too sleepy, or hard to wake' }).click();
  await expect(page.getByText('Get medical help now')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Get medical help now')).toBeVisible();
  await page.getByRole('button', { name: 'They are well again' }).click();
  await expect(page.getByText('Get medical help now')).toHaveCount(0);

  await page.getByRole('button', { name: 'Take Juno out' }).click();
  await page.getByRole('button', { name: 'Take Juno out' }).last().click();
  await expect(page.getByText('Juno was taken out')).toBeVisible();
  await expect
    .poll(async () => JSON.stringify(await (await page.request.get('/api/people')).json()))
    .not.toContain('Juno');
});

test('a drink is made for somebody: amounts and substitutes keep to their lines, and it stays so', async ({ page }) => {
  await register(page, 'Ines');
  await addPerson(page, 'Tam', (form) => form.getByRole('radio', { name: '4 to 8 years' }).click());
  await goTo(page, 'Drinks');
  await newDrink(page, 'Tonic', 'Bosun’s broth');
  await typeSteps(page, ['1 L water', '60 g table salt']);
  await saved(page);
  await fromMenu(page, 'Made for');
  await page.getByRole('checkbox', { name: 'Tam' }).click();
  await expect(page.getByText(/^A serving is over Tam’s line for sodium/).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await stepButton(page, 2).click();
  await page.getByRole('button', { name: 'More about this step' }).click();
  await page.getByRole('button', { name: 'Swap it' }).click();
  await expect(page.getByText(/^a serving is over Tam’s line for sodium/).first()).toBeVisible();
  await page.getByRole('button', { name: /^Make it \d/ }).click();
  await expect(
    page.getByText(/^At most \d.* g table salt: above it a serving is over Tam’s line for sodium/),
  ).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByText(/Version \d+ · saved/)).toBeVisible();
  const figures = await allFigures(page);
  await expect(figures.getByText('Made for Tam')).toBeVisible();
  await expect(figures.getByText(/A serving is over/)).toHaveCount(0);
});
