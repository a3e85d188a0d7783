import Qty from 'js-quantities';
import { unit } from 'mathjs';
import { Bench } from 'tinybench';
import { analyseDrink } from '../src/analyse';
import type { Drink } from '../src/drink';
import { readAmount, readIngredientLine } from '../src/quantity';
import { measureSpread } from '../src/spread';
import { PLAIN_AMOUNTS } from './amounts';

/**
 * Measures, never judges: prints calls a second, and ratios against the peers in the same run.
 * Run with `npm run bench`.
 */

const SACHET: Drink = {
  name: 'Sachet',
  kind: 'rehydration',
  steps: [
    '2.6 g table salt',
    '13.5 g glucose',
    '1.5 g potassium chloride',
    '2.9 g trisodium citrate dihydrate',
    'water to 1 L',
  ].map((text) => ({ verb: 'add', text })),
};
const HONEY: Drink = {
  name: 'Honey and lemon',
  kind: 'tonic',
  steps: [
    'juice of 2 lemons',
    '4 tbsp honey',
    '1/8 tsp fine sea salt',
    '300 mL orange juice',
    '900 mL tap water',
    '1 g magnesium citrate',
    '2 g citric acid',
    '1 pinch baking soda',
  ].map((text) => ({ verb: 'add', text })),
};
const honey = analyseDrink(HONEY);

const all = (read: (text: string) => unknown) => () => {
  for (const text of PLAIN_AMOUNTS) read(text);
};

const bench = new Bench({ time: 1500, warmupTime: 300 });
bench
  .add('analyse the sachet (5 steps)', () => void analyseDrink(SACHET))
  .add('analyse honey and lemon (8 steps)', () => void analyseDrink(HONEY))
  .add('spread of honey and lemon, 2,000 draws', () => void measureSpread(honey, { draws: 2000 }))
  .add('spread of honey and lemon, 20,000 draws', () => void measureSpread(honey, { draws: 20_000 }))
  .add('a whole recipe line', () => void readIngredientLine('1 1/2 tsp fine sea salt, level'))
  .add('20 plain amounts: ours', all(readAmount))
  .add(
    '20 plain amounts: js-quantities',
    all((text) => Qty(text)),
  )
  .add(
    '20 plain amounts: mathjs',
    all((text) => unit(text.replace(/\bl$/, 'liter').replace(/ml$/, 'milliliter').replace(/oz$/, 'ounce'))),
  );

await bench.run();

const perSecond = (name: string): number => {
  const { result } = bench.getTask(name)!;
  // The median: this may run on a machine that does other things too.
  return 1000 / (result as { latency: { p50: number } }).latency.p50;
};
for (const { name } of bench.tasks)
  process.stdout.write(`${name.padEnd(44)} ${perSecond(name).toFixed(0).padStart(10)} a second\n`);
const ours = perSecond('20 plain amounts: ours');
for (const peer of ['js-quantities', 'mathjs'])
  process.stdout.write(
    `reading amounts, ours against ${peer}: ${(ours / perSecond(`20 plain amounts: ${peer}`)).toFixed(1)} times as fast\n`,
  );
