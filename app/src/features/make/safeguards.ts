import {
  mendingWater,
  runBrew,
  type BrewRecipe,
  type BrewRun,
  type BrewState,
  type Expected,
  type ReadQuantity,
} from '@wellhydra/core/brew';
import { VERB_TABLE } from '@wellhydra/core/drink';
import type { IngredientLine } from '@wellhydra/core/quantity';
import { QUANTITIES } from '../../domain/brews/step-guide';
import { cautionsView } from '../../domain/drinks/cautions-view';

/** What is asked back, and what must not be drunk as it is going: looked for after everything that is read or added. */

/** Pieces of plants at a step: in the pot, just strained out of it, or none. */
export type Pieces = 'in' | 'out' | 'none';

/** How a reading is asked for: at an addition it is how much of that, else the pot as it stands. */
export function asksFor(quantity: ReadQuantity, goesIn: IngredientLine | null, pieces: Pieces): string {
  if (goesIn && quantity === 'mass_g') return `How much ${goesIn.ingredient.name.toLowerCase()} went in?`;
  if (goesIn && quantity === 'volume_mL') return `How much ${goesIn.ingredient.name.toLowerCase()}, by the jug?`;
  if (quantity === 'volume_mL' && pieces !== 'none') return 'How much liquid is there, without the pieces?';
  if (quantity === 'mass_g' && pieces === 'in') return 'What does all of it weigh, pieces too, without the pot?';
  return QUANTITIES[quantity].asks;
}

/** So many times more or less than what can be expected is a slip: a wrong unit, a digit too many. */
const FAR_TIMES = 5;
/** A strength so far beyond what can be expected, °Brix. A pot that is not warm or cool yet may be anything. */
const FAR_BRIX = 30;

/** Whether a reading can hardly be meant. */
export function isFarOff(quantity: ReadQuantity, expected: Expected, value: number): boolean {
  const range = expected[quantity];
  if (!range) return false;
  if (quantity === 'temperature_C' || quantity === 'minutes') return false;
  if (quantity === 'brix') return value > range.p95 + FAR_BRIX || value < range.p5 - FAR_BRIX;
  return value > FAR_TIMES * range.p95 || value < range.p5 / FAR_TIMES;
}

/** Something that is wrong with the brew as it stands, run to its end, and the water that mends it. */
export interface StopView {
  readonly code: string;
  readonly title: string;
  readonly text: string;
  /** A line to be added, such as "360 mL water"; null where no water mends it. */
  readonly mend: string | null;
}

/** What must not be drunk as it is going, by what was read and added so far. */
export function stopsView(recipe: BrewRecipe, state: BrewState, run: BrewRun, step: string): readonly StopView[] {
  return cautionsView(run.analysis).stops.map(({ code, title, text }): StopView => {
    const water_mL = mendingWater(recipe, state, { code, step });
    return { code, title, text, mend: water_mL === null ? null : `${water_mL} mL water` };
  });
}

/** Less than this is no time at a simmer that anybody would note, min. */
const LEAST_NOTED_min = 1;

/**
 * Minutes that a step on the fire has had, where leaving it now would make the drink one that must not be drunk; null
 * where it has had enough, or where its time decides nothing.
 */
export function leftTooEarly(
  recipe: BrewRecipe,
  state: BrewState,
  run: BrewRun,
  { of, at, begun }: { readonly of: string; readonly at: Date; readonly begun: string },
): number | null {
  const step = run.steps.find((each) => each.of === of && each.addition === undefined);
  const noted = state.readings.some((each) => each.step === of && each.quantity === 'minutes');
  if (!step || VERB_TABLE[step.verb].stove !== 'cooks' || noted) return null;
  const since =
    state.timers.find((timer) => timer.step === of)?.startedAt ??
    [...state.left.values()]
      .map((left) => left.at)
      .sort()
      .at(-1) ??
    begun;
  const minutes = Math.max(LEAST_NOTED_min, Math.round((at.getTime() - Date.parse(since)) / 60_000));
  const had = { id: '', step: of, quantity: 'minutes' as const, value: minutes, at: at.toISOString() };
  const short = runBrew(recipe, { ...state, readings: [...state.readings, had] });
  const known = new Set(cautionsView(run.analysis).stops.map(({ code }) => code));
  return cautionsView(short.analysis).stops.some(({ code }) => !known.has(code)) ? minutes : null;
}
