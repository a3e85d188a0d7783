import type { Drink, DrinkStep, Verb } from '../drink';
import { readDuration } from '../quantity';

/** One honest way to do a step: the step, or the steps, that take its place; none where it is left out. */
export interface Way {
  readonly name: string;
  readonly why: string;
  readonly steps: readonly DrinkStep[];
}

/** A step that honest people do differently. */
export interface StepAlternatives {
  readonly code: string;
  readonly question: string;
  readonly ways: readonly Way[];
}

interface AlternativeRule {
  readonly code: string;
  readonly question: string;
  readonly verbs: readonly Verb[];
  readonly applies?: (step: DrinkStep, drink: Drink) => boolean;
  readonly ways: (step: DrinkStep) => readonly Way[];
}

const way = (name: string, why: string, ...steps: readonly DrinkStep[]): Way => ({ name, why, steps });
const minutesOf = (text: string): number => {
  const read = readDuration(text);
  return read.kind === 'unreadable' ? 0 : read.minutes;
};
/** Steeps this long stand as an alternative of their own, min. */
const LONG_STEEP_min = 240;

const isPlants = (drink: Drink): boolean => drink.kind !== 'vinegar-honey' && drink.kind !== 'infused-water';
const sweet = /honey|sugar|syrup|agave|maple/i;

/** Schools as rules; the first way is what is taken where nobody says otherwise. */
const RULES: readonly AlternativeRule[] = [
  {
    code: 'steep-or-simmer',
    question: 'A long simmer, or a short one and a long steep?',
    verbs: ['simmer', 'boil'],
    applies: (_step, drink) => isPlants(drink),
    ways: ({ lid }) => [
      way('Simmer 35 min', 'Quick, hot enough to be sure of berries that must be cooked, and some water leaves.', {
        verb: 'simmer',
        text: '35 min',
        lid: lid ?? 'ajar',
      }),
      way(
        'Simmer 15 min, steep 8 h',
        'Overnight in the warm pot: as strong, with less steam; it stands for hours at warm temperatures.',
        { verb: 'simmer', text: '15 min', lid: 'on' },
        { verb: 'steep', text: '8 h', at: 'off heat' },
      ),
      way(
        'Simmer 15 min, steep 1 day in the cold',
        'Safer to leave; slower, so it wants the day.',
        { verb: 'simmer', text: '15 min', lid: 'on' },
        { verb: 'steep', text: '1 day', at: 'fridge' },
      ),
      way('Simmer 1 h, lid off', 'The strongest and thickest; half of the water may leave.', {
        verb: 'simmer',
        text: '1 h',
        lid: 'off',
      }),
    ],
  },
  {
    code: 'soak-or-boil',
    question: 'Soak before it is cooked, or boil at once?',
    verbs: ['soak'],
    ways: () => [
      way('Soak overnight', 'Even and gentle; what comes out into the water is kept.', {
        verb: 'soak',
        text: '12 h',
        keepLiquid: true,
      }),
      way('Boil 10 min instead', 'In the pot within the hour; a little more is lost to steam.', {
        verb: 'boil',
        text: '10 min',
        lid: 'on',
      }),
    ],
  },
  {
    code: 'long-steep',
    question: 'How long, and where?',
    verbs: ['steep', 'infuse', 'rest'],
    applies: ({ text }, drink) => minutesOf(text) >= LONG_STEEP_min && drink.kind !== 'vinegar-honey',
    ways: ({ verb }) => [
      way('8 h off the heat', 'A night by the stove.', { verb, text: '8 h', at: 'off heat' }),
      way('12 h in the fridge', 'Slower, and safe to leave.', { verb, text: '12 h', at: 'fridge' }),
      way('2 days in the fridge', 'As much as will come; hardly more than after one.', {
        verb,
        text: '2 days',
        at: 'fridge',
      }),
    ],
  },
  {
    code: 'maceration',
    question: 'Two weeks or more?',
    verbs: ['steep', 'infuse', 'rest'],
    applies: (_step, drink) => drink.kind === 'vinegar-honey',
    ways: ({ verb }) => [
      way('4 weeks in the dark', 'Nearly all that will come out.', { verb, text: '28 days', at: 'dark cupboard' }),
      way('2 weeks in the dark', 'Most of it, in half the time.', { verb, text: '14 days', at: 'dark cupboard' }),
    ],
  },
  {
    code: 'mesh-or-cloth',
    question: 'Mesh, cloth or press?',
    verbs: ['strain'],
    ways: () => [
      way('Cloth, squeezed', 'More in the bottle for a few minutes of hands-on work; a little cloudy.', {
        verb: 'strain',
        text: 'cloth',
      }),
      way('Mesh, pressed with a spoon', 'Quick; less comes through.', { verb: 'strain', text: 'press' }),
      way('Left to drain', 'The clearest, and the least.', { verb: 'strain', text: 'drain' }),
      way('Fine filter, not wrung', 'For hips and anything with fine hairs.', {
        verb: 'strain',
        text: 'fine filter',
        gently: true,
      }),
    ],
  },
  {
    code: 'honey-warm-or-cool',
    question: 'Sweeten warm, or when it is cool?',
    verbs: ['cool'],
    ways: () => [
      way('Cool to 40 °C first', 'Honey keeps its scent and still dissolves.', { verb: 'cool', text: 'to 40 °C' }),
      way('Cool to room first', 'The gentlest; thick honey takes longer to stir in.', {
        verb: 'cool',
        text: 'to room',
      }),
      way('Sweeten it hot', 'No waiting; the scent of honey suffers, sugar does not mind.'),
    ],
  },
  {
    code: 'fridge-or-cool-room',
    question: 'Fridge, cool room or cupboard?',
    verbs: ['store'],
    ways: () => [
      way('Fridge', 'The longest for anything that is not thick or sour.', { verb: 'store', text: 'fridge' }),
      way('Cool room', 'Enough for thick, sour or strong drinks.', { verb: 'store', text: 'cool room' }),
      way('Freezer', 'Months, in vessels with room at the top.', { verb: 'store', text: 'freezer' }),
    ],
  },
  {
    code: 'sugar-or-none',
    question: 'Sweetened, or not?',
    verbs: ['add'],
    applies: ({ text }) => sweet.test(text),
    ways: ({ text, note }) => [
      way('Sweetened', 'Sugar and honey slow what spoils it, and soften what is sour or bitter.', {
        verb: 'add',
        text,
        ...(note ? { note } : {}),
      }),
      way('Without', 'Unsweetened is a drink, too; it keeps for less long.'),
    ],
  },
];

/**
 * Other honest ways to do a step.
 *
 * @param drink it belongs to
 * @param step number of the step, counted from 0
 * @returns ways to do the step; undefined when everyone does it alike
 */
export function alternativesOf(drink: Drink, step: number): StepAlternatives | undefined {
  const own = drink.steps[step];
  const rule = own && RULES.find(({ verbs, applies }) => verbs.includes(own.verb) && (applies?.(own, drink) ?? true));
  return rule && { code: rule.code, question: rule.question, ways: rule.ways(own) };
}

/** The drink with a step done in another way. */
export function inThisWay(drink: Drink, step: number, { steps }: Way): Drink {
  return { ...drink, steps: [...drink.steps.slice(0, step), ...steps, ...drink.steps.slice(step + 1)] };
}

/** Codes of all alternatives, for the documentation. */
export const ALTERNATIVE_CODES: readonly string[] = RULES.map(({ code }) => code);
