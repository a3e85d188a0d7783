import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { asWritten, goTo, heading, next, read } from '../brewing';
import { expect, register, test } from '../cook';
import { agreedPlan } from '../planning';

/** What the hands did is what the bottle says. */

interface Written {
  readonly kind: string;
  readonly serving: string;
  readonly steps: readonly (readonly [verb: string, text: string, more?: object])[];
}

/** Begins a brew of a drink that is stored already, in a new kitchen. */
async function making(page: Page, { kind, serving, steps }: Written): Promise<void> {
  await register(page, 'Ines');
  const id = randomUUID();
  const document = {
    name: 'Harbour trial',
    kind,
    serving,
    target: null,
    steps: steps.map(([verb, text, more], index) => ({ id: `s${index}`, verb, text, ...more })),
  };
  const stored = await page.request.put(`/api/drinks/${id}`, { data: { expectedRevision: 0, document } });
  expect(stored.ok(), await stored.text()).toBe(true);
  await page.goto(`/make/new?drink=${id}`);
  await expect(page.getByRole('heading', { name: 'Have these ready' })).toBeVisible();
}
const begin = (page: Page): Promise<void> => page.getByRole('button', { name: 'Begin' }).click();
const stop = (page: Page, title: string) => page.getByRole('alert').getByText(title, { exact: true });

const SACHET: Written = {
  kind: 'rehydration',
  serving: '250 mL',
  steps: [
    ['add', '1 L water'],
    ['add', '2.6 g table salt'],
    ['add', '13.5 g glucose'],
    ['dissolve', ''],
  ],
};

test('too much salt is said at its step, and the water that mends it is added with one press', async ({ page }) => {
  await making(page, SACHET);
  await begin(page);
  await goTo(page, '2.6 g table salt');
  await expect(page.getByText('How much table salt went in?')).toBeVisible();
  await read(page, 'Weight, g', '6');
  await expect(stop(page, 'Too salty to give')).toBeVisible();
  await page.getByRole('button', { name: /^Add \d+ mL water$/ }).click();
  await expect(stop(page, 'Too salty to give')).toHaveCount(0);
  await goTo(page, 'Fill the bottles');
  await expect(page.getByText('Too salty to give')).toHaveCount(0);
  await expect(page.getByText(/By what was read there is 1\.3\d L/)).toBeVisible();
});

test('what is bottled too salty says so on the bottle, and pouring it asks first', async ({ page }) => {
  await making(page, SACHET);
  await begin(page);
  await goTo(page, '2.6 g table salt');
  await read(page, 'Weight, g', '6');
  await goTo(page, 'Fill the bottles');
  // 2 × 750 mL of a litre: the second one is part full.
  await page.getByLabel('Filled with, each').fill('750 mL');
  await page.getByLabel('Bottles').fill('2');
  await expect(page.getByText(/^750 mL and 2\d\d mL$/)).toBeVisible();
  await page.getByLabel('Bottles').fill('1');
  await expect(page.getByText(/2\d\d mL does not fit in/)).toBeVisible();
  await page.getByRole('radio', { name: 'Drunk now' }).click();
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await page.getByRole('radio', { name: 'Use first' }).click();
  await page.getByRole('button', { name: 'Pour 250 mL of Harbour trial' }).click();
  await expect(page.getByText(/Do not give this as it is/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page
    .getByRole('link', { name: /^Harbour trial/ })
    .first()
    .click();
  await expect(page.getByText('Too salty to give')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'In 250 mL, a serving' })).toBeVisible();
});

test('a pH of 4.9 that is read on jars takes the cupboard away', async ({ page }) => {
  await making(page, {
    kind: 'syrup',
    serving: '15 mL',
    steps: [
      ['add', '1 kg blackberries'],
      ['add', '500 mL water'],
      ['simmer', '20 min'],
      ['strain', 'mesh'],
      ['add', '400 g white sugar'],
      ['add', '12 g citric acid'],
      ['dissolve', '5 min'],
      ['bottle', '4 x 250 mL warmed jar'],
      ['process', '15 min', { method: 'hot-water bath' }],
      ['store', 'cupboard'],
    ],
  });
  await begin(page);
  await goTo(page, 'Bottle 4 x 250 mL warmed jar');
  const places = page.getByRole('radiogroup', { name: 'Put in' }).getByRole('radio');
  await page.getByRole('radio', { name: 'Acidity' }).click();
  await read(page, 'Acidity, pH', '3.4');
  await goTo(page, 'Fill the bottles');
  await expect(places.first()).toHaveText('Cupboard');
  const steps = page.getByRole('navigation', { name: 'Steps of this brew' });
  await steps.getByRole('button', { name: /Bottle 4 x 250/ }).click();
  await page.getByRole('radio', { name: 'Acidity' }).click();
  await read(page, 'Acidity, pH', '4.9');
  await steps.getByRole('button').last().click();
  await next(page);
  await expect(heading(page)).toHaveText('Fill the bottles');
  await expect(places.first()).toHaveText('Fridge');
  await expect(places.first()).toHaveAttribute('aria-checked', 'true');
});

test('elderberries left after a minute are asked about, and the caution stays with the bottle', async ({ page }) => {
  await making(page, {
    kind: 'tonic',
    serving: '15 mL',
    steps: [
      ['add', '100 g dried elderberries'],
      ['add', '1 L water'],
      ['simmer', '40 min'],
      ['strain', 'cloth'],
      ['store', 'fridge'],
    ],
  });
  await begin(page);
  await goTo(page, 'Simmer 40 min');
  await page.getByRole('button', { name: 'Done, next step' }).click();
  await expect(page.getByText(/^It had 1 min of 40 min/)).toBeVisible();
  await page.getByRole('button', { name: 'Only 1 min' }).click();
  await expect(stop(page, 'Elderberries are not cooked enough')).toBeVisible();
  await goTo(page, 'Fill the bottles');
  await expect(page.getByText('Elderberries are not cooked enough')).toBeVisible();
});

test('honey in each glass is honey: gathered, and said', async ({ page }) => {
  await making(page, {
    kind: 'tea',
    serving: '250 mL',
    steps: [
      ['add', '1 L water'],
      ['add', '10 g dried nettle'],
      ['simmer', '5 min'],
      ['strain', 'cloth'],
      ['add', '1 tbsp honey', { atServing: true }],
    ],
  });
  await expect(page.getByText(/1 tbsp honey · in each glass, [\d.]+ g in all/)).toBeVisible();
  await expect(page.getByText('Not for anyone under 12 months: honey')).toBeVisible();
});

test('80 g of salt where 54 were planned asks for as much more of the rest', async ({ page }) => {
  await making(page, {
    kind: 'dry-mix',
    serving: '5 g',
    steps: [
      ['add', '54 g table salt'],
      ['add', '100 g glucose'],
      ['shake', '2 min'],
    ],
  });
  await begin(page);
  await read(page, 'Weight, g', '80');
  await expect(
    page.getByText(/26 g more than expected.*glucose, anhydrous becomes 148 g instead of 100 g/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Use 148 g' }).click();
  await goTo(page, 'Shake 2 min');
  await expect(page.getByRole('button', { name: 'Start timer' })).toBeVisible();
  await goTo(page, 'Fill the bottles');
  await expect(page.getByText(/By what was read there is 228 g/)).toBeVisible();
});

const BERRIES = (then: Written['steps']): Written => ({
  kind: 'syrup',
  serving: '15 mL',
  steps: [
    ['add', '500 g blackberries'],
    ['add', '300 mL water'],
    ['simmer', '15 min'],
    ['strain', 'cloth'],
    ...then,
    ['add', '350 g white sugar'],
  ],
});

test('more berries than planned change water and sugar', async ({ page }) => {
  await making(page, BERRIES([]));
  await begin(page);
  await read(page, 'Weight, g', '620');
  await expect(page.getByText(/water becomes 37\d mL instead of 300 mL/)).toBeVisible();
  await page.getByRole('button', { name: 'Use these' }).click();
  await next(page);
  await expect(heading(page)).toHaveText(/^37\d mL water$/);
});

test('less juice with a reduction to a mark still to come cuts nothing', async ({ page }) => {
  await making(page, BERRIES([['reduce', 'to 300 mL']]));
  await begin(page);
  await goTo(page, 'Strain through cloth');
  await read(page, 'Volume, mL', '420');
  await expect(page.getByRole('list', { name: 'Read here' })).toContainText('420 mL');
  await expect(page.getByText(/sugar becomes/)).toHaveCount(0);
  await asWritten(page);
});

test('a plan that is agreed on stands on Today, and is told when it was missed', async ({ page }) => {
  await agreedPlan(page);
  await page.goto('/today');
  const planned = page.getByRole('list', { name: 'To be begun' });
  await expect(planned).toContainText(/Slipway root tea.*begin/);
  await page.clock.fastForward('47:00:00');
  await expect(planned).toContainText(/was to be begun/);
  await planned.getByRole('button', { name: 'Plan anew' }).click();
  await expect(page.getByText(/It was to be begun .* ago; planned anew/)).toBeVisible();
});
