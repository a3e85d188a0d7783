import type { Drink, DrinkStep } from '../drink';
import { ownRun } from './own-run';
import { oneOf, type Random, type SlipQuestion } from './question';

interface Recipe {
  readonly kind: Drink['kind'];
  readonly steps: readonly DrinkStep[];
  /** Steps as somebody has written them by mistake, by their place. */
  readonly slips: readonly (readonly [at: number, wrong: DrinkStep])[];
}

const add = (text: string): DrinkStep => ({ verb: 'add', text });

/** Invented recipes, each with slips that a run finds. */
const RECIPES: readonly Recipe[] = [
  {
    kind: 'rehydration',
    steps: [add('1 L water'), add('6 level tsp white sugar'), add('1/2 level tsp table salt')],
    slips: [
      [2, add('1/2 cup table salt')],
      [2, add('2 tbsp table salt')],
      [1, add('6 cups white sugar')],
    ],
  },
  {
    kind: 'syrup',
    steps: [
      add('100 g dried elderberries'),
      add('700 mL water'),
      { verb: 'simmer', text: '40 min', lid: 'ajar' },
      { verb: 'strain', text: 'cloth' },
      { verb: 'cool', text: 'to 40 °C' },
      add('350 g honey'),
      { verb: 'store', text: 'in the fridge' },
    ],
    slips: [
      [2, { verb: 'simmer', text: '4 min', lid: 'ajar' }],
      [6, { verb: 'store', text: 'in the cupboard' }],
    ],
  },
  {
    kind: 'rehydration',
    steps: [
      add('1 L water'),
      add('13.5 g glucose'),
      add('2.6 g table salt'),
      add('1.5 g potassium chloride'),
      add('2.9 g trisodium citrate dihydrate'),
    ],
    slips: [
      [2, add('26 g table salt')],
      [3, add('15 g potassium chloride')],
      [1, add('135 g glucose')],
    ],
  },
];

/** What a run of a recipe holds against it, in sentences, by code. */
function heldAgainst(kind: Drink['kind'], steps: readonly DrinkStep[]): ReadonlyMap<string, string> {
  const { cautions, findings } = ownRun(kind, steps);
  return new Map([
    ...cautions.map(({ code, title, text }) => [code, `${title}. ${text}`] as const),
    ...findings.filter(({ open }) => !open).map(({ code, text }) => [code, text] as const),
  ]);
}

/** A recipe with one thing wrong in it: which step is it? */
export function slipQuestion(random: Random): SlipQuestion {
  const recipe = oneOf(random, RECIPES);
  const [truth, wrong] = oneOf(random, recipe.slips);
  const steps = recipe.steps.map((step, index) => (index === truth ? wrong : step));
  const right = heldAgainst(recipe.kind, recipe.steps);
  const found = [...heldAgainst(recipe.kind, steps)].filter(([code]) => !right.has(code)).map(([, text]) => text);
  return {
    kind: 'slip',
    ask: 'One of these is wrong. Which one?',
    steps,
    truth,
    meant: recipe.steps[truth]!,
    because: found,
  };
}
