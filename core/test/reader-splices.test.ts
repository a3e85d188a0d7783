import { lineFromStep, VERBS, type DrinkStep, type Verb } from '../src/drink';
import { UNITS } from '../src/quantity';
import { readLine, typedLine } from '../src/read';
import { madeUp, splice } from './splices';
import { WRITTEN_LINES } from './written-lines';

/** The same numbers at every run. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
}

test('of lines that are cut and put together nothing is read that has no words behind it', () => {
  const random = seeded(20261129);
  for (let count = 0; count < 3000; count += 1) {
    const text = splice(random);
    expect([text, madeUp(text)]).toEqual([text, null]);
  }
});
test('and of whole lines neither', () => {
  for (const text of WRITTEN_LINES) expect([text, madeUp(text)]).toEqual([text, null]);
});

/** A value of each verb as a drink file writes it. */
const VALUES: Readonly<Record<Verb, DrinkStep>> = {
  add: { verb: 'add', text: '2 tbsp honey' },
  use: { verb: 'use', text: '3 tbsp chia gel' },
  wash: { verb: 'wash', text: 'the fruit' },
  freeze: { verb: 'freeze', text: '12 h' },
  soak: { verb: 'soak', text: '30 min' },
  heat: { verb: 'heat', text: 'to 70 °C' },
  simmer: { verb: 'simmer', text: '20 min', lid: 'ajar' },
  boil: { verb: 'boil', text: '10 min' },
  reduce: { verb: 'reduce', text: 'to half' },
  steep: { verb: 'steep', text: '10 min', at: 'fridge' },
  mash: { verb: 'mash', text: '2 min' },
  blend: { verb: 'blend', text: '1 min' },
  mill: { verb: 'mill', text: '' },
  press: { verb: 'press', text: 'juicer' },
  strain: { verb: 'strain', text: 'cloth' },
  remove: { verb: 'remove', text: 'solids' },
  rinsePass: { verb: 'rinsePass', text: '500 mL water' },
  dissolve: { verb: 'dissolve', text: '' },
  stir: { verb: 'stir', text: '2 min' },
  shake: { verb: 'shake', text: '' },
  cool: { verb: 'cool', text: 'to 40 °C' },
  chill: { verb: 'chill', text: 'to 5 °C' },
  skim: { verb: 'skim', text: '' },
  rest: { verb: 'rest', text: '20 min' },
  infuse: { verb: 'infuse', text: '2 days', at: 'fridge' },
  carbonate: { verb: 'carbonate', text: 'with 1 L sparkling water' },
  draw: { verb: 'draw', text: '250 mL' },
  bottle: { verb: 'bottle', text: '2 x 500 mL glass bottle' },
  process: { verb: 'process', text: '10 min' },
  store: { verb: 'store', text: 'fridge' },
};

test.each(VERBS.map((verb) => [verb]))('the sentence of a step gives the step again: %s', (verb) => {
  const step = VALUES[verb];
  expect(typedLine(lineFromStep(step)).steps).toEqual([step]);
});
const aliases = UNITS.flatMap(({ aliases: each, dimension }) =>
  each.filter(() => dimension === 'mass' || dimension === 'volume'),
);
test.each(aliases.map((alias) => [alias]))('an amount in every unit is taken as it is written: 2 %s honey', (alias) => {
  const line = `2 ${alias} honey`;
  expect(typedLine(line).steps).toEqual([{ verb: 'add', text: line }]);
  const [read] = readLine(line).reads;
  expect(read?.ingredient).toBe('honey');
});
