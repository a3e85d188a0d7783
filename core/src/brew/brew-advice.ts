import { coolingTime, DEFAULT_KITCHEN } from '../process';
import type { Analysis } from '../analyse';
import { VERB_TABLE, needsStove } from '../drink';
import { measurableLine, type Measures } from '../resize';
import type { BrewState, Reading } from './brew-state';
import { runBrew, type BrewRecipe, type BrewRun, type MadeStep } from './brew-run';

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
/** Where a kitchen says nothing of what it measures with. */
const FINE_MEASURES: Measures = { scale_g: 0.1 };
/** What a drink is built on: more of it asks for more of all that follows. */
const BUILDS = new Set<string>(['fruit', 'vegetable', 'herb', 'spice', 'juice', 'water', 'milk']);
/** What follows the juice: sweet, sour, salt and spirit. Water and plants do not. */
const FOLLOWS = new Set<string>(['sweetener', 'salt', 'acid', 'spirit', 'juice']);

type Entry = Analysis['trace']['entries'][number];
const entryOf = (analysis: Analysis, index: number): Entry | undefined =>
  analysis.trace.entries.find(({ step }) => step === index);

/** How much is in the pot before a step: what it pours, or weighs where it is dry. */
function amountBefore(analysis: Analysis, index: number): number {
  const before = analysis.trace.entries.findLast(({ step }) => step < index);
  return before ? (before.volume_mL ?? before.mass_g) : 0;
}

/** Doses that are a share of what is there; a mark to fill to is none. */
function followsFrom(entry: Entry | undefined, step: MadeStep, all: boolean): entry is Entry {
  if (step.verb !== 'add' || step.addition !== undefined || !entry?.line) return false;
  return entry.line.dose.kind !== 'fill' && (all || FOLLOWS.has(entry.line.ingredient.role));
}

/**
 * What is still to be added, in proportion to what will be in the pot then: the steps between are run with the reading
 * and without it, each change before the next is looked for. A reduction to a mark takes a shortfall up by itself.
 *
 * @param all water and plants follow, too: what was read is what the drink is built on
 */
function amountsAfter(
  recipe: BrewRecipe,
  state: BrewState,
  planned: BrewRun,
  { at, all }: { readonly at: number; readonly all: boolean },
): readonly AmountAdvice[] {
  const changes: AmountAdvice[] = [];
  const texts = new Map(state.texts);
  let going = runBrew(recipe, state);
  planned.steps.forEach((step, index) => {
    const entry = entryOf(planned.analysis, index);
    if (index <= at || state.left.has(step.of) || !followsFrom(entry, step, all)) return;
    const ratio = amountBefore(going.analysis, index) / amountBefore(planned.analysis, index);
    if (!Number.isFinite(ratio) || !(ratio > 0) || Math.abs(ratio - 1) < NEAR) return;
    const to = measurableLine(step.text, ratio, recipe.measures ?? FINE_MEASURES);
    if (to === undefined || to === step.text) return;
    changes.push({ step: step.of, name: entry.line!.ingredient.name, from: step.text, to });
    texts.set(step.of, to);
    going = runBrew(recipe, { ...state, texts });
  });
  return changes;
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
  const going = runBrew(recipe, state);
  const goingEntry = entryOf(going.analysis, at);
  const expected = goingEntry ? expectedAmount(entry, goingEntry, reading) : null;
  if (expected === null || !(expected > 0) || Math.abs(measured / expected - 1) < NEAR) return null;
  // What follows makes up for it by itself: a reduction to a mark, water to a mark.
  if (endsAlike(analysis, going.analysis)) return null;
  const { holdsBack, stove } = VERB_TABLE[entry.verb];
  const heat = stove === 'cooks' ? moreOnHeat(entry, measured - expected) : null;
  if (!holdsBack && heat !== null) return of(expected, [], heat);
  const builds = goingEntry!.asMeasured === true && BUILDS.has(entry.line?.ingredient.role ?? '');
  return of(expected, amountsAfter(recipe, state, planned, { at, all: builds }), heat);
}
