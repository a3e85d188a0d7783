import type { BottleRecord, BrewLots, BrewRun, LogbookBrew } from '@wellhydra/contract';
import { analyseDrink } from '@wellhydra/core/analyse';
import type { BrewHappening } from '@wellhydra/core/brew';
import { documentDrink, type DrinkDocument } from '@wellhydra/core/drink';
import { drinkPaperView } from '../src/features/drink/paper/drink-paper-view';
import { brewCardView, type KnownOfBrew } from '../src/features/logbook/card/brew-card-view';
import { START, after, beginning, event } from './trial-brew';
import { SACHET, drink, steps } from './trial-drinks';

const NOW = new Date('2026-10-02T08:00:00Z');
const viewOf = (document: DrinkDocument) => drinkPaperView(document, analyseDrink(documentDrink(document)), NOW);

describe('a drink on paper', () => {
  test('has every step of the batch with what it comes to, and what is done to a glass by itself', () => {
    const view = viewOf({
      ...steps('30 g fresh ginger', '1 L water', 'simmer 20 min'),
      steps: [
        ...steps('30 g fresh ginger', '1 L water', 'simmer 20 min').steps,
        { id: 'g', verb: 'add', text: '1 tsp honey', atServing: true },
      ],
    });
    expect(view.steps.map(({ title }) => title)).toEqual(['30 g fresh ginger', '1 L water', 'Simmer 20 min']);
    expect(view.inGlass).toEqual([expect.stringMatching(/^1 tsp honey · 7/)]);
    expect(view.steps[2]!.details).toMatch(/leaves as steam/);
    expect(view.about).toMatch(/^Tonic · \d+ mL · [\d.]+ × 150 mL · /);
    expect(view.foot).toContain('2 October 2026');
  });
  test('what stops it stands apart from what is only said, and neither is left out', () => {
    const view = viewOf(drink(['25 g table salt', '20 g white sugar', 'water to 1 L']));
    const { cautions } = analyseDrink(documentDrink(drink(['25 g table salt', '20 g white sugar', 'water to 1 L'])));
    expect(view.stops.length).toBeGreaterThan(0);
    expect(view.stops.length + view.cautions.length).toBe(cautions.length);
    expect(viewOf(SACHET).stops).toEqual([]);
  });
  test('a step’s own note, and a line that is not read, are on it', () => {
    const written = steps('1 L water', 'a glug of moonwater');
    const view = viewOf({
      ...written,
      steps: [{ ...written.steps[0]!, note: 'from the rain butt' }, written.steps[1]!],
    });
    expect(view.steps[0]!.notes[0]).toBe('from the rain butt');
    expect(view.steps[1]!.notes.join(' ')).toMatch(/Not read: /);
  });
});

const BREW = {
  id: 'w',
  batch: 'HT-03',
  drinkId: 'd',
  drinkName: 'Harbour tonic',
  kind: 'tonic',
  madeAt: after(600).toISOString(),
  cook: 'Ines',
  expected_mL: 900,
  got_mL: 850,
  serving_mL: 15,
  brix: 33.4,
  pH: 4.1,
  taste: 4,
  cost: 8.5,
  left_mL: 300,
  note: 'The last of the honey.',
  bottleIds: ['b'],
  photos: [],
  tastings: [{ id: 't', taster: 'Wilf', score: 4, words: 'Sharp', blind: false, at: after(900).toISOString() }],
} as unknown as LogbookBrew;
const run = (...happenings: readonly BrewHappening[]): BrewRun =>
  ({
    ...beginning(START),
    id: 'w',
    batch: 'HT-03',
    stage: 'made',
    events: happenings.map((each, index) => event(each, after(10 * (index + 1)))),
  }) as unknown as BrewRun;
const BOTTLE = {
  useBy: '2026-10-20T08:00:00Z',
  useByReason: 'It is too dilute to keep on sugar.',
  cautions: [{ code: 'x', severity: 'stop', title: 'Far too salty', text: 'Pour in water.', concerns: 'all' }],
} as unknown as BottleRecord;
const card = (more: Partial<KnownOfBrew>) =>
  brewCardView({ brew: BREW, run: null, bottle: null, lots: null, ...more }, NOW);

describe('a brew on a card', () => {
  test('its steps as they were made: an amount that was changed, a step that was left out, what was read', () => {
    const view = card({
      run: run(
        { kind: 'step-done', step: 's1' },
        { kind: 'step-done', step: 's2' },
        { kind: 'reading', step: 's3', quantity: 'volume_mL', value: 830 },
        { kind: 'step-done', step: 's3' },
        { kind: 'step-skipped', step: 's4' },
        { kind: 'amount-changed', step: 's7', text: '350 g honey' },
      ),
    });
    expect(view.made.map(({ words }) => words)).toContain('350 g honey');
    expect(view.made.map(({ words }) => words)).not.toContain('400 g honey');
    expect(view.made.find(({ words }) => words.startsWith('Steep'))!.beside).toBe('left out');
    expect(view.readings).toEqual([expect.objectContaining({ words: 'Volume 830 mL' })]);
  });
  test('cautions and dates are those of the bottle, and those of the brew’s own pot where none is left', () => {
    const made = run({ kind: 'step-done', step: 's1' });
    expect(card({ run: made, bottle: BOTTLE })).toMatchObject({
      due: { title: 'Use by 20 October 2026', text: 'It is too dilute to keep on sugar.' },
      stops: [{ title: 'Far too salty', text: 'Pour in water.' }],
    });
    const without = card({ run: made });
    expect(without.due!.title).toMatch(/^Keeps about/);
    expect(without.warns.join(' ')).toMatch(/honey/i);
  });
  test('of one whose steps were not noted, what is known of it', () => {
    const lots = {
      lots: [{ lotId: 'l', name: 'Clover honey', origin: 'Supply boat', grams: 400, within: '', cost: 5 }],
      missing: [],
      bottles: [{ bottleId: 'p', drinkName: 'Hip syrup', batch: 'HS-01', volume_mL: 50, within: '' }],
      missingDrinks: [],
    } as unknown as BrewLots;
    const view = card({ lots });
    expect([view.made, view.readings, view.due]).toEqual([[], [], null]);
    expect(view.figures.map(({ words, beside }) => `${words} ${beside}`)).toEqual([
      'Expected 900 mL',
      'Got 850 mL',
      '°Brix 33',
      'pH 4.1',
      'Taste, out of 5 4',
      expect.stringMatching(/^A serving costs .*0\.15/),
      'Bottles 1',
    ]);
    expect(view.wentIn.map(({ words, beside }) => `${words}: ${beside}`)).toEqual([
      'Hip syrup, HS-01: 50 mL',
      'Clover honey, Supply boat: 400 g',
    ]);
    expect([view.tasted[0]!.words, view.note]).toEqual(['Wilf: Sharp', 'The last of the honey.']);
  });
});
