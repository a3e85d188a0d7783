import type { Drink, DrinkStep } from '../drink';
import { formatMass, formatVolume } from '../quantity';
import { vagueMeasures } from '../weighing';
import { ownFigure, ownRun } from './own-run';
import {
  between,
  oneOf,
  type AmountQuestion,
  type PractisedMeasure,
  type PractisingKitchen,
  type Random,
  type UnweighedMeasure,
} from './question';

const add = (text: string): DrinkStep => ({ verb: 'add', text });

/** Measures that differ from hand to hand, as they are written. */
const MEASURES = [
  '1 pinch table salt',
  '1 pinch citric acid',
  '1 handful mint, fresh',
  '1 handful dried elderberries',
  '1 knob ginger, fresh',
  '1 pinch cinnamon, ground',
] as const;

const askedOf = (
  { name, of }: PractisedMeasure,
  text: string,
  truth: number,
  because: readonly string[],
): AmountQuestion => ({
  kind: 'measure',
  ask: `How much does one ${name} of it weigh, g?`,
  steps: [add(text)],
  unit: 'g',
  truth,
  measure: { name, of: { id: of.id, name: of.name } },
  because,
});

/** How much a measure weighs that was not weighed yet; `text` is how it stands in a recipe. */
export const measureQuestionOf = (
  measure: UnweighedMeasure,
  text = `1 ${measure.name} ${measure.of.name.toLowerCase()}`,
): AmountQuestion =>
  askedOf(measure, text, measure.usual_g, [
    `By the tables it is ${formatMass(measure.usual_g)}, and from hand to hand ${Math.round(100 * measure.cv)} % more or less.`,
    'Yours is your own: weighed three times, it is used in the place of the table’s.',
  ]);

/**
 * How much a pinch, a handful or a knob weighs: one that the kitchen's own drinks have, where there is one, else one of
 * ours, which is what the kitchen has weighed or what the tables say.
 */
export function measureQuestion(random: Random, kitchen?: PractisingKitchen): AmountQuestion {
  if (kitchen?.measures.length) return measureQuestionOf(oneOf(random, kitchen.measures));
  const text = oneOf(random, MEASURES);
  const run = ownRun('dry-mix', [add(text)], { options: kitchen?.options });
  const line = run.trace.entries[0]?.line;
  if (line?.byOwn && line.dose.kind === 'mass')
    return askedOf({ name: line.byOwn.name, of: line.ingredient }, text, line.dose.mass_g, [
      'That is yours, as it was weighed: every drink that has it is worked out with it.',
    ]);
  const [vague] = vagueMeasures(run);
  if (!vague) throw new RangeError(`measureQuestion: "${text}" is the same in every hand`);
  return measureQuestionOf({ ...vague, of: vague.ingredient }, text);
}

/** How far a syrup is boiled down until it coats a cold spoon. */
export function reductionQuestion(random: Random): AmountQuestion {
  const sugar_g = between(random, 200, 600, 50);
  const water_mL = between(random, 400, 900, 50);
  const steps: readonly DrinkStep[] = [
    add(`${water_mL} mL water`),
    add(`${sugar_g} g white sugar`),
    { verb: 'reduce', text: 'until it coats a cold spoon' },
  ];
  const before = ownFigure(ownRun('syrup', steps.slice(0, 2)), 'yield.volume_mL');
  const run = ownRun('syrup', steps);
  const truth = ownFigure(run, 'yield.volume_mL');
  return {
    kind: 'reduction',
    ask: 'How much is left when a drop of it coats a cold spoon, mL?',
    steps,
    unit: 'mL',
    truth,
    because: [
      `It begins with ${formatVolume(before)} and ends with ${formatVolume(truth)}, at ${Math.round(ownFigure(run, 'liquid.brix'))} °Brix.`,
      'A syrup looks thinner on the fire than it will be: that is what the cold spoon is for.',
    ],
  };
}

const LIDS = ['on', 'ajar', 'off'] as const;
const STRAINERS = ['cloth', 'fine sieve'] as const;

/** How much comes off the fire and through the cloth. */
export function yieldQuestion(random: Random): AmountQuestion {
  const lid = oneOf(random, LIDS);
  const steps: readonly DrinkStep[] = [
    add(`${between(random, 60, 160, 20)} g dried elderberries`),
    add(`${between(random, 800, 1600, 100)} mL water`),
    { verb: 'simmer', text: `${between(random, 20, 50, 5)} min`, lid },
    { verb: 'strain', text: oneOf(random, STRAINERS) },
  ];
  const run = ownRun('tonic', steps);
  const truth = ownFigure(run, 'yield.volume_mL');
  return {
    kind: 'yield',
    ask: 'How much is there after the straining, mL?',
    steps,
    unit: 'mL',
    truth,
    because: [
      `${formatVolume(truth)}: ${formatMass(ownFigure(run, 'losses.steam_g'))} went as steam, ${formatMass(ownFigure(run, 'losses.strained_g'))} stayed in what was strained out.`,
    ],
  };
}

const GLASSES: readonly Drink['serving'][] = ['200 mL', '250 mL', '500 mL'];

/** What salt comes to in a glass. */
export function saltQuestion(random: Random): AmountQuestion {
  const serving = oneOf(random, GLASSES)!;
  const salt_g = between(random, 1, 6, 0.5);
  const steps = [
    add(`${between(random, 1, 3, 0.5)} L water`),
    add(`${salt_g} g table salt`),
    add(`${between(random, 20, 60, 5)} g white sugar`),
  ];
  const truth = ownFigure(ownRun('sport', steps, { serving }), 'perServing.sodium_mg');
  return {
    kind: 'salt',
    ask: `How much sodium is in a glass of ${serving}, mg?`,
    steps,
    unit: 'mg',
    truth,
    because: [
      `${Math.round(truth)} mg. Two fifths of table salt are sodium: ${salt_g} g of it bring ${Math.round(393.4 * salt_g)} mg to the whole jug.`,
    ],
  };
}
