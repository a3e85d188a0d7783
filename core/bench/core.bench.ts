import { spawnSync } from 'node:child_process';
import loadHighs from 'highs';
import Qty from 'js-quantities';
import { unit } from 'mathjs';
import { Bench } from 'tinybench';
import { analyseDrink } from '../src/analyse';
import type { Drink } from '../src/drink';
import { readAmount, readIngredientLine } from '../src/quantity';
import { readLine } from '../src/read';
import { measureSpread } from '../src/spread';
import { bestDoses } from '../src/aim';
import { AIMS, problemOf } from '../test/aim-problems';
import { asProgram, highsDoses } from '../test/highs-doses';
import nlp from 'compromise';
import { checkRecipe } from '../src/check';
import { FREE_LINES, FREE_RECIPE, PLAIN_AMOUNTS } from './amounts';
import { learningErrors } from './learning';
import { planningFigures } from './planning';

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
const ELDER: Drink = {
  name: 'Elderberry tonic',
  kind: 'tonic',
  serving: '15 mL',
  steps: [
    { verb: 'add', text: '150 g dried elderberries' },
    { verb: 'add', text: '10 g dried ginger' },
    { verb: 'add', text: '2 cinnamon sticks' },
    { verb: 'add', text: '1.2 L water' },
    { verb: 'heat', text: 'to boil' },
    { verb: 'simmer', text: '40 min', lid: 'ajar' },
    { verb: 'steep', text: '12 h' },
    { verb: 'strain', text: 'cloth' },
    { verb: 'cool', text: 'to 40 °C' },
    { verb: 'add', text: '600 g honey' },
    { verb: 'bottle', text: '3 x 500 mL glass bottle' },
    { verb: 'store', text: 'fridge' },
  ],
};
/** The same drink with its first additions repeated, to see how the cost grows with steps. */
const longer = (times: number): Drink => ({
  ...ELDER,
  steps: [...Array.from({ length: times }, () => ELDER.steps.slice(0, 4)).flat(), ...ELDER.steps.slice(4)],
});
const honey = analyseDrink(HONEY);
const elder = analyseDrink(ELDER);

/** In a process of its own: what a spread of 10,000 draws adds to the memory at its peak. */
const MEMORY = 'memory';
if (process.argv[2] === MEMORY) {
  const before = process.resourceUsage().maxRSS;
  measureSpread(elder, { draws: 10_000 });
  const grown_MB = (process.resourceUsage().maxRSS - before) / 1024;
  process.stdout.write(`memory of a spread of 10,000 draws: ${grown_MB.toFixed(0)} MB at its peak\n`);
  process.exit();
}

const all = (read: (text: string) => unknown) => () => {
  for (const text of PLAIN_AMOUNTS) read(text);
};

const MATHJS_AMOUNTS = PLAIN_AMOUNTS.map((text) =>
  text.replace(/\bl$/, 'liter').replace(/ml$/, 'milliliter').replace(/oz$/, 'ounce'),
);

const bench = new Bench({ time: 1500, warmupTime: 300 });
bench
  .add('analyse the sachet (5 steps)', () => void analyseDrink(SACHET))
  .add('analyse honey and lemon (8 steps)', () => void analyseDrink(HONEY))
  .add('analyse an elderberry tonic (12 steps)', () => void analyseDrink(ELDER))
  .add('spread of honey and lemon, 2,000 draws', () => void measureSpread(honey, { draws: 2000 }))
  .add('a whole recipe line', () => void readIngredientLine('1 1/2 tsp fine sea salt, level'))
  .add('20 lines as people write them', () => {
    for (const text of FREE_LINES) readLine(text);
  })
  .add('20 lines: words and their kinds by compromise', () => {
    for (const text of FREE_LINES) nlp(text).json();
  })
  .add('a recipe of 200 words, checked', () => void checkRecipe(FREE_RECIPE))
  .add('20 plain amounts: ours', all(readAmount))
  .add(
    '20 plain amounts: js-quantities',
    all((text) => Qty(text)),
  )
  .add(
    '20 plain amounts: mathjs',
    // In the words it knows, written before it is timed.
    () => {
      for (const text of MATHJS_AMOUNTS) unit(text);
    },
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
const say = (text: string): void => void process.stdout.write(`${text}\n`);
const lines = perSecond('20 lines as people write them');
say(`lines as people write them: ${(FREE_LINES.length * lines).toFixed(0)} a second`);
say(
  `reading lines into steps and grams, against compromise that only tags their words: ${(lines / perSecond('20 lines: words and their kinds by compromise')).toFixed(1)} times as fast`,
);
say(`a recipe of 200 words is checked in ${(1000 / perSecond('a recipe of 200 words, checked')).toFixed(1)} ms`);
for (const peer of ['js-quantities', 'mathjs'])
  say(
    `reading amounts, ours against ${peer}: ${(ours / perSecond(`20 plain amounts: ${peer}`)).toFixed(1)} times as fast`,
  );

/** Milliseconds of a call: the median of some, after a warm-up. */
function milliseconds(call: () => unknown, rounds = 7): number {
  call();
  const times = Array.from({ length: rounds }, () => {
    const began = performance.now();
    call();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return times[rounds >> 1]!;
}

/** One plain run; measured beside each spread, since a shared machine is not the same from one second to the next. */
const plainRun_ms = (): number =>
  milliseconds(() => {
    for (let run = 0; run < 50; run += 1) analyseDrink(ELDER);
  }) / 50;
say('\nhow the cost of a 12-step drink grows');
for (const draws of [1000, 2500, 5000, 10_000]) {
  const before_ms = plainRun_ms();
  const spent = milliseconds(() => measureSpread(elder, { draws }), 15);
  const plain_ms = (before_ms + plainRun_ms()) / 2;
  say(
    `spread of ${String(draws).padStart(6)} draws  ${spent.toFixed(0).padStart(6)} ms, as much as ${(spent / plain_ms).toFixed(0)} plain runs`,
  );
}
for (const times of [1, 2, 4, 8, 16]) {
  const drink = longer(times);
  const spent = milliseconds(() => analyseDrink(drink), 25);
  say(
    `analyse ${String(drink.steps.length).padStart(3)} steps          ${spent.toFixed(2).padStart(6)} ms, ${((1000 * spent) / drink.steps.length).toFixed(0)} µs a step`,
  );
}
const child = spawnSync(process.execPath, [process.argv[1]!, MEMORY], { encoding: 'utf8' });
say(child.stdout.trim());

/** Solves of each, of which the median is said. */
const SOLVES = 5;
const medianOf = (all: readonly number[]): number => [...all].sort((a, b) => a - b)[all.length >> 1]!;

say(
  `\naim against HiGHS on the same program, median of ${SOLVES} solves each; warm: one instance, the program written before`,
);
const warm = await loadHighs();
for (const [name, aim] of AIMS) {
  const problem = problemOf(aim);
  const program = asProgram(problem);
  const mine_ms = milliseconds(() => bestDoses(problem), SOLVES);
  const mine = bestDoses(problem);
  await highsDoses(problem, 60, warm, program);
  const solves = [];
  for (let solve = 0; solve < SOLVES; solve += 1) solves.push(await highsDoses(problem, 60, warm, program));
  const warm_ms = medianOf(solves.map(({ ms }) => ms));
  const cold = await highsDoses(problem, 60);
  say(
    `${name.padEnd(32)} ours ${mine_ms.toFixed(1).padStart(7)} ms cost ${mine.cost.toFixed(5)}${mine.proven ? ' proven' : ''}; HiGHS warm ${warm_ms.toFixed(0)} ms, cold ${cold.ms.toFixed(0)} ms, cost ${cold.cost.toFixed(5)} ${cold.status}; warm is ${(warm_ms / mine_ms).toFixed(1)} times ours`,
  );
}

say('\na kitchen that learns: 200 simulated ones, error of the yield they expect (root mean square)');
const [first, ...later] = learningErrors(200, 5);
for (const [index, error] of [first!, ...later].entries())
  say(
    `before brew ${index + 1}   ${error.toFixed(1).padStart(5)} %${index > 0 ? `, ${(error / first!).toFixed(2)} of what it was` : ' by the tables alone'}`,
  );

say('\nseveral drinks in one kitchen, against HiGHS on a time-indexed model');
await planningFigures(say);
