import type { Analysis } from '../analyse';
import { measurableLine, scaleText, type Measures } from '../resize';
import type { BrewState } from './brew-state';
import { runBrew, type BrewRecipe, type BrewRun, type MadeStep } from './brew-run';

/** An amount that a reading makes another one. */
export interface AmountAdvice {
  readonly step: string;
  readonly name: string;
  readonly from: string;
  readonly to: string;
}

/** Amounts that are changed, and what that comes to. */
export interface ChangedAmounts {
  readonly amounts: readonly AmountAdvice[];
  /** How much stronger it ends than planned with them, as a share: what rounding to measures costs. */
  readonly stronger: number;
}

/** A reading this near to what was expected changes nothing, as a share. */
export const NEAR = 0.02;
/** Where a kitchen says nothing of what it measures with. */
const FINE_MEASURES: Measures = { scale_g: 0.1 };
/** What follows the juice: sweet, sour, salt, spirit and what thins it. Plants do not. */
const FOLLOWS = new Set<string>(['sweetener', 'salt', 'acid', 'spirit', 'juice', 'water', 'milk']);

/** A step of a run. */
export type Entry = Analysis['trace']['entries'][number];
export const entryOf = (analysis: Analysis, index: number): Entry | undefined =>
  analysis.trace.entries.find(({ step }) => step === index);

/** How much is in the pot before a step: what it pours, or weighs where it is dry. */
function amountBefore(analysis: Analysis, index: number): number {
  const before = analysis.trace.entries.findLast(({ step }) => step < index);
  return before ? (before.volume_mL ?? before.mass_g) : 0;
}

/** Doses that are a share of what is there; a mark to fill to is none, and what depends on the pot follows by itself. */
function followsFrom(entry: Entry | undefined, step: MadeStep, all: boolean): entry is Entry {
  if (step.verb !== 'add' || step.addition !== undefined || !entry?.line) return false;
  return entry.line.dose.kind === 'mass' && (all || FOLLOWS.has(entry.line.ingredient.role));
}

/** A dose that is still to come, and how much of it is taken. */
interface Follower {
  readonly step: MadeStep;
  readonly index: number;
  readonly entry: Entry;
  factor: number;
}

const withTexts = (
  state: BrewState,
  followers: readonly Follower[],
  write: (follower: Follower) => string,
): BrewState => ({
  ...state,
  texts: new Map([...state.texts, ...followers.map((each) => [each.step.of, write(each)] as const)]),
});
const exactly = ({ step, factor }: Follower): string => scaleText(step.text, factor) ?? step.text;

/** Sweetness that a brew ends with, °Brix; null of a dry mix. */
const endsAt = ({ liquid }: Analysis): number | null => liquid?.brix ?? null;

/** What holds the strength is so many times its share of the pot, at the least and at the most. */
const FACTORS = [0.4, 2.5] as const;
const ROUNDS = 24;

/** What holds the strength of what follows: its sweeteners, or its water where there are none. */
function leversOf(followers: readonly Follower[]): readonly Follower[] {
  const of = (role: string) => followers.filter(({ entry }) => entry.line!.ingredient.role === role);
  const sweeteners = of('sweetener');
  return sweeteners.length > 0 ? sweeteners : of('water');
}

interface Strength {
  readonly followers: readonly Follower[];
  /** What the brew is to end with, °Brix. */
  readonly planned: number;
  readonly measured: (follower: Follower) => string;
}

/** Sets the levers so that the brew ends as sweet as it was planned, by halving; leaves them where that cannot be. */
function holdStrength(recipe: BrewRecipe, state: BrewState, { followers, planned, measured }: Strength): void {
  const levers = leversOf(followers);
  if (levers.length === 0) return;
  const before = levers.map(({ factor }) => factor);
  const off = (factor: number): number => {
    levers.forEach((lever, index) => void (lever.factor = before[index]! * factor));
    // What is rounded to measures beside them is made up for, too.
    const write = (each: Follower): string => (levers.includes(each) ? exactly(each) : measured(each));
    return (endsAt(runBrew(recipe, withTexts(state, followers, write)).analysis) ?? planned) - planned;
  };
  let [low, high] = FACTORS as readonly [number, number];
  const [atLow, atHigh] = [off(low), off(high)];
  const rises = atHigh > atLow;
  if (!(atLow * atHigh < 0)) return void off(1);
  for (let round = 0; round < ROUNDS; round += 1) {
    const middle = (low + high) / 2;
    if (off(middle) > 0 === rises) high = middle;
    else low = middle;
  }
  off((low + high) / 2);
}

/**
 * What is still to be added, in proportion to what will be in the pot then: the steps between are run with the reading
 * and without it, each change before the next is looked for. A reduction to a mark takes a shortfall up by itself. What
 * sweetens holds the strength that the drink was to end with.
 *
 * @param all water and plants follow, too: what was read is what the drink is built on
 * @returns the changes, as hands can measure them, and how much stronger it ends than planned with them, as a share
 */
export function amountsAfter(
  recipe: BrewRecipe,
  state: BrewState,
  planned: BrewRun,
  { at, all }: { readonly at: number; readonly all: boolean },
): ChangedAmounts {
  const followers: Follower[] = [];
  let going = runBrew(recipe, state);
  planned.steps.forEach((step, index) => {
    const entry = entryOf(planned.analysis, index);
    if (index <= at || state.left.has(step.of) || !followsFrom(entry, step, all)) return;
    const ratio = amountBefore(going.analysis, index) / amountBefore(planned.analysis, index);
    if (!Number.isFinite(ratio) || !(ratio > 0) || scaleText(step.text, ratio) === undefined) return;
    followers.push({ step, index, entry, factor: ratio });
    going = runBrew(recipe, withTexts(state, followers, exactly));
  });
  // As much in the pot as was planned wherever something goes in: nothing is cut and nothing is added.
  if (followers.every(({ factor }) => Math.abs(factor - 1) < NEAR)) return { amounts: [], stronger: 0 };
  const strength = endsAt(planned.analysis);
  const measures = recipe.measures ?? FINE_MEASURES;
  const measured = ({ step, factor }: Follower): string =>
    Math.abs(factor - 1) < NEAR
      ? step.text
      : (measurableLine(step.text, factor, measures, recipe.options) ?? step.text);
  if (strength !== null && strength > 0) holdStrength(recipe, state, { followers, planned: strength, measured });
  const changed = followers.filter((each) => measured(each) !== each.step.text);
  const ends = endsAt(runBrew(recipe, withTexts(state, changed, measured)).analysis);
  return {
    amounts: changed.map((each) => ({
      step: each.step.of,
      name: each.entry.line!.ingredient.name,
      from: each.step.text,
      to: measured(each),
    })),
    stronger: strength !== null && strength > 0 && ends !== null ? ends / strength - 1 : 0,
  };
}
