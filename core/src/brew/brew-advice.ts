import { coolingTime, DEFAULT_KITCHEN } from '../process';
import type { Analysis } from '../analyse';
import { VERB_TABLE, needsStove } from '../drink';
import { scaleText } from '../resize';
import type { BrewState, Reading } from './brew-state';
import { runBrew, type BrewRecipe, type MadeStep } from './brew-run';

/** An amount that a reading makes another one. */
export interface AmountAdvice {
  readonly step: string;
  readonly name: string;
  readonly from: string;
  readonly to: string;
}

/** What a reading means for the rest of the brew. */
export interface BrewAdvice {
  readonly reading: Reading;
  /** Measured less expected, in the unit of the reading. */
  readonly difference: number;
  readonly measured: number;
  readonly expected: number;
  readonly amounts: readonly AmountAdvice[];
  /** Minutes more at the same heat that bring it to what was expected; null where more time does not. */
  readonly moreMinutes: number | null;
}

/** A reading this near to what was expected changes nothing, as a share, and of a temperature. */
const NEAR = 0.02;
const NEAR_C = 2;
/** What still runs off a cold spoon goes on for this long, and is then looked at again, min. */
const LOOK_AGAIN_min = 5;
const RUNS_OFF = 1;
/** What follows the juice: sweet, sour, salt and spirit. Water and plants do not. */
const FOLLOWS = new Set<string>(['sweetener', 'salt', 'acid', 'spirit', 'juice']);

type Entry = Analysis['trace']['entries'][number];
const entryOf = (analysis: Analysis, index: number): Entry | undefined =>
  analysis.trace.entries.find(({ step }) => step === index);

function amountsAfter(
  steps: readonly MadeStep[],
  analysis: Analysis,
  at: number,
  state: BrewState,
  ratio: number,
): readonly AmountAdvice[] {
  return steps.flatMap((step, index): AmountAdvice[] => {
    const line = entryOf(analysis, index)?.line;
    if (index <= at || step.verb !== 'add' || step.addition !== undefined || state.left.has(step.of) || !line)
      return [];
    if (line.dose.kind === 'fill' || !FOLLOWS.has(line.ingredient.role)) return [];
    const to = scaleText(step.text, ratio);
    if (to === undefined || to === step.text) return [];
    return [{ step: step.of, name: line.ingredient.name, from: step.text, to }];
  });
}

/** Minutes more that take as much water off as there is too much. */
function moreOnHeat(entry: Entry, over_mL: number): number | null {
  const minutes = entry.cooking_min ?? entry.minutes;
  if (!(over_mL > 0) || !(entry.steam_g > 0) || !(minutes > 0)) return null;
  return (over_mL * minutes) / entry.steam_g;
}

/** Minutes more until it is as cool as the step says, by the time constant of the cooling so far. */
function moreCooling(entry: Entry, measured_C: number, to_C: number): number | null {
  if (!entry.cooling || measured_C <= to_C) return null;
  const minutes = coolingTime(entry.cooling.tau_min, measured_C, to_C, entry.cooling.around_C);
  return Number.isFinite(minutes) ? minutes : null;
}

/** Minutes more until it is as hot as the step makes it, at the pace at which it got warm so far. */
function moreHeating(entry: Entry, from_C: number, measured_C: number): number | null {
  const rise_C = entry.temperature_C - from_C;
  const rising_min = entry.minutes - (entry.cooking_min ?? 0);
  const short_C = entry.temperature_C - measured_C;
  if (!(rise_C > 0) || !(rising_min > 0) || short_C < NEAR_C) return null;
  return (short_C / rise_C) * rising_min;
}

/** What was to be read of a step: the pot, or what goes into a dry one by itself. */
function expectedAmount({ pot, verb, added_g, volume_mL, mass_g }: Entry, { quantity, value }: Reading): number | null {
  if (quantity === 'volume_mL') return volume_mL;
  if (!pot.dry || verb !== 'add' || added_g === undefined) return mass_g;
  // A scale that was not set to nothing shows all that lies there.
  return Math.abs(Math.log(value / added_g)) <= Math.abs(Math.log(value / mass_g)) ? added_g : mass_g;
}

/**
 * What a reading means now: less juice means less honey to hold the same sweetness, more in the pot means longer
 * on the heat, so does cooler or what runs off a cold spoon; warmer means longer in the bath.
 *
 * @param reading of a volume, a mass, a temperature or a thickness after a step
 * @returns null where it is as expected, or where nothing that is left depends on it
 */
export function adviceFor(recipe: BrewRecipe, state: BrewState, reading: Reading): BrewAdvice | null {
  const { steps, analysis } = runBrew(recipe, state, reading.id);
  const at = steps.findIndex((step) => step.of === reading.step && step.addition === undefined);
  const entry = entryOf(analysis, at);
  if (!entry) return null;
  const measured = reading.value;
  const of = (expected: number, amounts: readonly AmountAdvice[], moreMinutes: number | null): BrewAdvice | null =>
    amounts.length > 0 || moreMinutes !== null
      ? { reading, difference: measured - expected, measured, expected, amounts, moreMinutes }
      : null;
  if (reading.quantity === 'temperature_C') {
    const before = entryOf(analysis, at - 1)?.temperature_C ?? DEFAULT_KITCHEN.room_C;
    const moreMinutes = needsStove(entry.verb)
      ? moreHeating(entry, before, measured)
      : moreCooling(entry, measured, entry.temperature_C);
    return of(entry.temperature_C, [], moreMinutes);
  }
  if (reading.quantity === 'thickness')
    return of(
      RUNS_OFF + 1,
      [],
      measured <= RUNS_OFF && VERB_TABLE[entry.verb].stove === 'cooks' ? LOOK_AGAIN_min : null,
    );
  if (reading.quantity !== 'volume_mL' && reading.quantity !== 'mass_g') return null;
  const expected = expectedAmount(entry, reading);
  if (expected === null || !(expected > 0) || Math.abs(measured / expected - 1) < NEAR) return null;
  const held = VERB_TABLE[entry.verb].holdsBack;
  const heat = VERB_TABLE[entry.verb].stove === 'cooks' ? moreOnHeat(entry, measured - expected) : null;
  return of(expected, held || heat === null ? amountsAfter(steps, analysis, at, state, measured / expected) : [], heat);
}
