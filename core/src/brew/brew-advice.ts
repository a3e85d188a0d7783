import { DEFAULT_KITCHEN } from '../equipment';
import { coolingTime } from '../process';
import type { Analysis } from '../analyse';
import { VERB_TABLE, needsStove } from '../drink';
import type { BrewState, Reading } from './brew-state';
import { NEAR, amountsAfter, entryOf, type ChangedAmounts, type Entry } from './amounts-after';
import { runBrew, type BrewRecipe } from './brew-run';

/** What a reading means for the rest of the brew. */
export interface BrewAdvice extends ChangedAmounts {
  readonly reading: Reading;
  /** Measured less expected, in the unit of the reading. */
  readonly difference: number;
  readonly measured: number;
  readonly expected: number;
  /** Minutes more at the same heat that bring it to what was expected; null where more time does not. */
  readonly moreMinutes: number | null;
  /** Water that has boiled off and can be poured back in, mL; null where none is missing. */
  readonly water_mL: number | null;
}

/** A temperature this near to what was expected changes nothing, K. */
const NEAR_C = 2;
/** What still runs off a cold spoon goes on for this long, and is then looked at again, min. */
const LOOK_AGAIN_min = 5;
const RUNS_OFF = 1;
/** What a drink is built on, besides water: more of the most of these asks for more of all that follows. */
const BUILDS = new Set<string>(['fruit', 'vegetable', 'herb', 'spice', 'juice', 'milk']);
/** Water is poured back in steps of this many mL. */
const POUR_mL = 5;

/**
 * Whether a drink is built on an addition: its water, the plant there is most of, a preparation or a powder that is put in
 * first. A leaf of mint too few asks for nothing.
 */
function isBuiltOn({ trace }: Analysis, { step, line, added_g }: Entry): boolean {
  const first = trace.pot.entries.every((entry) => entry.step >= step);
  if (!line || trace.pot.dry) return first;
  if (line.ingredient.role === 'water') return true;
  if (!BUILDS.has(line.ingredient.role)) return false;
  const most = trace.entries.every(
    (other) => !other.line || !BUILDS.has(other.line.ingredient.role) || (other.added_g ?? 0) <= (added_g ?? 0),
  );
  return most;
}

/** Whether the brew ends as it was planned: as much, as strong. */
function endsAlike(a: Analysis, b: Analysis): boolean {
  const near = (one: number, other: number) => Math.abs(one - other) <= NEAR * Math.max(Math.abs(one), Math.abs(other));
  const [one, other] = [a.trace.pot, b.trace.pot];
  return near(one.mass_g, other.mass_g) && near(one.drunk.solubleSolids_g, other.drunk.solubleSolids_g);
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

/** What was to be read of a step: what went in by itself, or the pot. */
function expectedAmount(planned: Entry, going: Entry, { quantity, value }: Reading): number | null {
  const { added_g, volume_mL, mass_g } = planned;
  if (added_g === undefined || !going.asMeasured) return quantity === 'volume_mL' ? volume_mL : mass_g;
  if (quantity === 'volume_mL') return (value * added_g) / going.added_g!;
  // A scale that was not set to nothing shows all that lies there.
  return value - going.added_g! + added_g;
}

/**
 * What a reading means now: less juice means less honey to hold the same sweetness, more in the pot means longer
 * on the heat, so does cooler or what runs off a cold spoon; warmer means longer in the bath.
 *
 * @param reading of a volume, a mass, a temperature or a thickness after a step
 * @returns null where it is as expected, or where nothing that is left depends on it
 */
export function adviceFor(recipe: BrewRecipe, state: BrewState, reading: Reading): BrewAdvice | null {
  const planned = runBrew(recipe, state, reading.id);
  const { steps, analysis } = planned;
  const at = steps.findIndex((step) => step.of === reading.step && step.addition === undefined);
  const entry = entryOf(analysis, at);
  if (!entry) return null;
  const measured = reading.value;
  const of = (
    expected: number,
    { amounts = [], moreMinutes = null, water_mL = null, stronger = 0 }: Partial<BrewAdvice>,
  ): BrewAdvice | null =>
    amounts.length > 0 || moreMinutes !== null || water_mL !== null
      ? { reading, difference: measured - expected, measured, expected, amounts, moreMinutes, water_mL, stronger }
      : null;
  if (reading.quantity === 'temperature_C') {
    const before = entryOf(analysis, at - 1)?.temperature_C ?? DEFAULT_KITCHEN.room_C;
    const moreMinutes = needsStove(entry.verb)
      ? moreHeating(entry, before, measured)
      : moreCooling(entry, measured, entry.temperature_C);
    return of(entry.temperature_C, { moreMinutes });
  }
  const { holdsBack, stove, group } = VERB_TABLE[entry.verb];
  if (reading.quantity === 'thickness') {
    const runsOff = measured <= RUNS_OFF && stove === 'cooks';
    return of(RUNS_OFF + 1, { moreMinutes: runsOff ? LOOK_AGAIN_min : null });
  }
  if (reading.quantity !== 'volume_mL' && reading.quantity !== 'mass_g') return null;
  const going = runBrew(recipe, state);
  const goingEntry = entryOf(going.analysis, at);
  const expected = goingEntry ? expectedAmount(entry, goingEntry, reading) : null;
  if (expected === null || !(expected > 0) || Math.abs(measured / expected - 1) < NEAR) return null;
  // What follows makes up for it by itself: a reduction to a mark, water to a mark.
  if (endsAlike(analysis, going.analysis)) return null;
  if (stove === 'cooks' && !holdsBack) {
    const short_mL = Math.round((expected - measured) / POUR_mL) * POUR_mL;
    return of(
      expected,
      short_mL > 0 ? { water_mL: short_mL } : { moreMinutes: moreOnHeat(entry, measured - expected) },
    );
  }
  // What stands only takes up or gives: nothing that follows goes by how much it weighs.
  if (group === 'Let stand') return null;
  const added = goingEntry!.asMeasured === true;
  if (added && !isBuiltOn(analysis, entry)) return null;
  return of(expected, amountsAfter(recipe, state, planned, { at, all: added }));
}
