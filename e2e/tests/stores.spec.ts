import type { Page } from '@playwright/test';
import { bottled, expect, fromMenu, goTo, newDrink, register, test, typeSteps } from '../cook';

const SALTED = {
  name: 'Rope-walk water',
  kind: 'tonic',
  serving: '100 mL',
  lines: ['200 g honey', '1 L water'],
  bottles: [500, 400],
} as const;

/** Puts a lot into the stores by hand. */
async function putAway(page: Page, line: string, say: (page: Page) => Promise<void> = async () => undefined) {
  await page.getByRole('button', { name: 'Put something away' }).click();
  const sheet = page.getByRole('dialog', { name: 'Into the house' });
  await sheet.getByLabel('What, and how much').fill(line);
  await say(page);
  await sheet.getByRole('button', { name: 'Put it away' }).click();
  await expect(sheet).toHaveCount(0);
}

test('a lot comes in, a brew takes of it, it is low on Today, weighed, traced, and the brew is taken back', async ({
  page,
}) => {
  await register(page, 'Ines');
  await goTo(page, 'Stores');
  await page.getByRole('button', { name: 'Put something away' }).click();
  await page.getByLabel('What, and how much').fill('1 kg of moonshine dust');
  await expect(page.getByRole('alert')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Put it away' })).toBeDisabled();
  await page.getByLabel('What, and how much').fill('1 kg honey');
  await page.getByLabel('Called').fill('Heather honey');
  await page.getByLabel('Where it was bought').fill('North croft');
  await page.getByLabel('What was paid for all of it').fill('12');
  await page.getByRole('button', { name: 'Put it away' }).click();
  await putAway(page, '2 x 500 g white sugar', async (form) => {
    await form.getByLabel('Best before').fill('2020-01-01');
  });
  await expect(page.getByRole('link', { name: /Heather honey.*1 kg of 1 kg/ })).toBeVisible();
  await expect(page.getByText(/^past its day by/)).toBeVisible();

  const [first] = await bottled(page, SALTED);
  await expect(page.getByRole('link', { name: /Heather honey.*800 g of 1 kg/ })).toBeVisible();
  await page.getByRole('radio', { name: 'What can be made' }).click();
  await expect(page.getByText('Everything is there')).toBeVisible();
  await page.getByRole('radio', { name: 'In the house' }).click();

  await page.getByRole('link', { name: /Heather honey/ }).click();
  await expect(page.getByText('£12.00, £1.20 for 100 g')).toBeVisible();
  await expect(page.getByText(/^1 batch; 2 bottles, 2 of them still on the shelf; 0 people/)).toBeVisible();
  await page.getByRole('button', { name: 'Weigh it' }).click();
  await page.getByLabel('What is left, without the jar').fill('150 g');
  await expect(page.getByText('650 g less than was thought')).toBeVisible();
  await page.getByRole('button', { name: 'It is so' }).click();
  await expect(page.getByText('150 g of 1 kg left')).toBeVisible();

  await goTo(page, 'Today');
  await expect(page.getByText(/^Low: honey, 150 g\.$/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^White sugar.*past its day/i })).toBeVisible();

  await page.goto(`/bottles/${first}`);
  await expect(page.getByText(/^£2\.40 for the batch, £\d\.\d\d this bottle/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Heather honey, North croft' })).toBeVisible();
  await page.getByRole('button', { name: /^Take the batch back/ }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await goTo(page, 'Stores');
  await expect(page.getByRole('link', { name: /Heather honey.*350 g of 1 kg/ })).toBeVisible();
});

test('without a network a lot is put away and weighed, and it is there for everybody once there is one', async ({
  page,
  context,
}) => {
  await register(page, 'Ines');
  await goTo(page, 'Stores');
  await putAway(page, '500 g table salt');
  await expect(page.getByRole('link', { name: /500 g of 500 g/ })).toBeVisible();
  await context.setOffline(true);
  await putAway(page, '250 g citric acid');
  await expect(page.getByRole('link', { name: /250 g of 250 g/ })).toBeVisible();
  // It has a page of its own at once, and what is done there waits as well.
  await page.getByRole('link', { name: /250 g of 250 g/ }).click();
  await page.getByRole('button', { name: 'Use some' }).click();
  await page.getByLabel('How much', { exact: true }).fill('50 g');
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('200 g of 250 g left')).toBeVisible();
  await context.setOffline(false);
  await expect
    .poll(async () => {
      const { lots } = await (await page.request.get('/api/stores/lots')).json();
      return lots.map(({ remaining_g }: { remaining_g: number }) => remaining_g).sort();
    })
    .toEqual([200, 500]);
});

test('honey is recalled: every bottle and everybody who had of it', async ({ page }) => {
  await register(page, 'Ines');
  await goTo(page, 'People');
  await page.getByRole('button', { name: 'Add someone' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Juno');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByRole('heading', { name: 'Juno', exact: true })).toBeVisible();
  await goTo(page, 'Stores');
  await putAway(page, '1 kg honey');
  await bottled(page, SALTED);
  await goTo(page, 'Today');
  await page.getByRole('button', { name: 'Pour from Rope-walk water' }).first().click();
  await page.getByRole('button', { name: /^Pour for Juno/ }).click();
  await expect(page.getByText(/^Poured 100 mL of Rope-walk water/)).toBeVisible();
  await expect.poll(async () => (await (await page.request.get('/api/people/pours')).json()).pours.length).toBe(1);
  await goTo(page, 'Stores');
  await page.getByRole('link', { name: /Honey.*800 g of 1 kg/ }).click();
  const reached = page.getByRole('list', { name: 'Where it has gone' });
  await expect(reached.getByText(/^Rope-walk water, RW-\d+/)).toBeVisible();
  await expect(reached.getByText(/^Juno: 100 mL, last on/)).toBeVisible();
  await expect(reached.getByRole('link', { name: /^Bottle of/ })).toHaveCount(2);
  await expect(page.getByRole('button', { name: 'Print this' })).toBeVisible();
  // On paper it is without what can only be pressed.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print this' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Places', exact: true })).toBeHidden();
  await expect(reached.getByText(/^Juno: 100 mL/)).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Throw away' }).click();
  await page.getByRole('radio', { name: 'Recalled' }).click();
  await page.getByRole('button', { name: /^Throw 800 g away/ }).click();
  await expect(page.getByText('Used up; there were 1 kg')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByText('800 g of 1 kg left')).toBeVisible();
});

test('what is missing goes on the list, is ticked off in a shop without a network, and is put away', async ({
  page,
  context,
}) => {
  await register(page, 'Ines');
  await goTo(page, 'Stores');
  await putAway(page, '100 g honey');
  await bottled(page, { ...SALTED, lines: ['90 g honey', '1 L water', '5 g table salt'] });
  await goTo(page, 'Stores');
  await page.getByRole('radio', { name: 'What can be made' }).click();
  await expect(page.getByText(/^Missing: 80 g more honey/)).toBeVisible();
  await page.getByRole('button', { name: /^Put it on the list: what is missing for Rope-walk water/ }).click();
  await expect(page.getByText('2 things are on the list')).toBeVisible();
  await page.getByRole('button', { name: /^Put it on the list: what is missing for Rope-walk water/ }).click();
  await expect(page.getByText('Everything is there, or on the list already')).toBeVisible();
  await page.getByRole('radio', { name: 'To buy' }).click();
  const list = page.getByRole('list', { name: 'To buy' });
  await expect(list.getByText('90 g for Rope-walk water')).toBeVisible();
  await page.getByLabel('One more thing to buy').fill('a roll of labels');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect
    .poll(async () => {
      const { shopping } = await (await page.request.get('/api/stores/shopping')).json();
      return Object.keys(shopping?.items ?? {}).length;
    })
    .toBe(3);

  await context.setOffline(true);
  await list.getByRole('checkbox', { name: '100 g honey' }).click();
  await expect(list.getByRole('checkbox', { name: '100 g honey' })).toBeChecked();
  await list.getByRole('button', { name: 'Take a roll of labels off the list' }).click();
  await expect(list.getByText('a roll of labels')).toHaveCount(0);
  await context.setOffline(false);
  await list.getByRole('button', { name: 'Put away 100 g honey' }).click();
  const sheet = page.getByRole('dialog', { name: 'Into the house' });
  await expect(sheet.getByLabel('What, and how much')).toHaveValue('100 g honey');
  await sheet.getByLabel('What was paid for all of it').fill('1.50');
  await sheet.getByRole('button', { name: 'Put it away' }).click();
  await expect(list.getByText('100 g honey')).toHaveCount(0);
  await expect
    .poll(async () => {
      const [lots, buy] = await Promise.all(
        ['/api/stores/lots', '/api/stores/shopping'].map(async (url) => (await page.request.get(url)).json()),
      );
      return [lots.lots.length, Object.keys(buy.shopping.items).length];
    })
    .toEqual([2, 1]);
});

test('a package’s label becomes an ingredient, it is bought, and the drink says what it costs against a shop', async ({
  page,
}) => {
  await register(page, 'Ines');
  await goTo(page, 'Stores');
  await page.getByRole('button', { name: 'New from its label' }).click();
  const label = page.getByRole('dialog', { name: 'From its label' });
  await label.getByRole('button', { name: 'Keep it' }).click();
  await expect(label.getByText('Say what it is called.')).toBeVisible();
  await label.getByLabel('What it is called').fill('Gull powder');
  await label
    .getByLabel('The words of its label, pasted')
    .fill('Per 100 g\nEnergy 1650 kJ / 39 kcal\nCarbohydrate 96 g\nof which sugars 94 g\nSalt 1.25 g\nZinc 5 mg');
  await label.getByRole('button', { name: 'Read the figures' }).click();
  await expect(label.getByText(/^4 figures were read\. Not used: zinc 5 mg\./)).toBeVisible();
  await expect(label.getByText(/the label says 39/)).toBeVisible();
  await label.getByLabel('Energy, kcal').fill('388');
  await expect(label.getByText(/the label says/)).toHaveCount(0);
  await label.getByRole('button', { name: 'Keep it' }).click();
  await expect(label).toHaveCount(0);
  await putAway(page, '500 g gull powder', (form) => form.getByLabel('What was paid for all of it').fill('6'));

  await goTo(page, 'Drinks');
  await newDrink(page, 'Tonic', 'Gull water');
  await typeSteps(page, ['40 g gull powder', '1 L water', '2 g table salt']);
  await fromMenu(page, 'What it costs');
  const cost = page.getByRole('dialog', { name: 'What it costs' });
  await expect(cost.getByText(/^At least £0\.48 for/)).toBeVisible();
  await cost.getByLabel('Something like it costs').fill('2');
  await cost.getByLabel('for so many mL').fill('500');
  await cost.getByRole('button', { name: 'Compare with the shop' }).click();
  await expect(cost.getByText(/^As much of it from the shop is £4\.\d\d: £3\.\d\d more\.$/)).toBeVisible();
});

test('what was made before goes into another drink out of its bottle, and back into it', async ({ page }) => {
  await register(page, 'Ines');
  const [syrup] = await bottled(page, { ...SALTED, name: 'Rope-walk syrup', bottles: [300] });
  const [lemonade] = await bottled(page, {
    name: 'Rope-walk lemonade',
    kind: 'tonic',
    serving: '200 mL',
    lines: ['700 mL water', 'use 100 mL Rope-walk syrup'],
    bottles: [700],
  });
  await page.goto(`/bottles/${syrup}`);
  await expect(page.getByText(/^200 mL left · .*fridge$/)).toBeVisible();
  await page
    .getByRole('list', { name: 'Went into other drinks' })
    .getByRole('link', { name: /^Rope-walk lemonade/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Rope-walk lemonade' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Rope-walk syrup/ })).toBeVisible();

  await goTo(page, 'Stores');
  await putAway(page, '5 g table salt');
  const own = page.getByRole('list', { name: 'Made here, for other drinks' });
  await expect(own.getByText('1 bottle, 200 mL')).toBeVisible();
  await page.getByRole('radio', { name: 'What can be made' }).click();
  const row = page
    .getByRole('list', { name: 'What can be made' })
    .getByRole('listitem')
    .filter({ hasText: 'Rope-walk lemonade' });
  await expect(row.getByText('Everything is there')).toBeVisible();
  await page.goto(`/bottles/${syrup}`);
  await page.getByRole('button', { name: 'Throw away' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Throw away' }).click();
  await goTo(page, 'Stores');
  await page.getByRole('radio', { name: 'What can be made' }).click();
  await expect(row.getByText('Missing: 100 mL Rope-walk syrup')).toBeVisible();

  await page.goto(`/bottles/${lemonade}`);
  await page.getByRole('button', { name: /^Take the batch back/ }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await page.goto(`/bottles/${syrup}`);
  await expect(page.getByText(/^100 mL left · .*fridge$/)).toBeVisible();
});
