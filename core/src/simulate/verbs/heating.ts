import { heatUp, SIMMER_BELOW_BOIL_K, SIMMER_C, potArea, potHeat, airPressure, boilingPoint } from '../../process';
import { formatNumber, isUnreadable, unreadable, type Unreadable } from '../../quantity';
import type { Column } from '../chance';
import { elapse, evaporate } from '../elapse';
import { readMinutes, readTemperature, type TemperatureMarks } from '../read-qualifiers';
import type { WorkingPot } from '../pot';
import { isFresh } from '../solid';
import { evenColumn, type StepContext, type StepDone, type StepNote } from '../step-run';
import { heatCapacity } from './adding';
import { readReduction, waterToRemove } from './reduction';
import { activityOf, burnerSpread, heatOf, heldBy, steamRate, steamSpread, stoveOf, type Stove } from './stove';

/** Minutes a cook stands by while a pot heats or simmers, and the share of the time it takes beyond them. */
const STANDING_BY = { start: 1, share: 0.05 } as const;
const handsOnFor = (minutes: number): number => STANDING_BY.start + STANDING_BY.share * minutes;

/** What temperatures in words mean in this kitchen, for what is in the pot. */
export function marksOf(context: StepContext): TemperatureMarks {
  const { kitchen } = context;
  const boil_C = boilingPoint(airPressure(kitchen.altitude_m), activityOf(context));
  return {
    room_C: kitchen.room_C,
    fridge_C: kitchen.fridge_C,
    simmer_C: Math.min(SIMMER_C, boil_C - SIMMER_BELOW_BOIL_K),
    boil_C,
  };
}

/** Fresh fruit cooks in the juice it gives; anything else needs water. */
const hasNothingToHeat = ({ dry, solids }: WorkingPot): boolean => dry && !solids.some(isFresh);
const nothingToHeat = (text: string): Unreadable =>
  unreadable('no-ingredient', text, 'There is no liquid in the pot to heat. Add water or juice first.');

/** Brings the pot to a temperature; minutes in each sample, or why it cannot. */
function bringTo(context: StepContext, to_C: number, stove: Stove): Column | Unreadable {
  const { pot, kitchen } = context;
  const from_C = pot.temperature_C[0]!;
  if (from_C >= to_C) return evenColumn(pot, 0);
  const heated = heatUp({
    from_C,
    to_C,
    power_W: stove.power_W,
    loss_W_K: stove.pot.loss_W_K,
    area_m2: potArea(stove.pot),
    room_C: kitchen.room_C,
    humidity: kitchen.humidity,
    lid: stove.lid,
  });
  if (heated.kind === 'stalls')
    return unreadable(
      'unit-mismatch',
      context.step.text,
      `This burner brings the pot to about ${formatNumber(Math.floor(heated.temperature_C))} °C and no further. Put the lid on or use a stronger burner.`,
    );
  const capacity = heatCapacity(pot).map((heat) => heat + potHeat(stove.pot));
  const burner = burnerSpread(context);
  const minutes = capacity.map((heat, sample) => (heat * heated.minutes_per_kJ_K) / burner[sample]!);
  elapseRamp(context, minutes, from_C, to_C);
  evaporate(
    pot,
    capacity.map((heat) => heat * heated.steam_g_per_kJ_K),
  );
  pot.temperature_C.fill(to_C);
  return minutes;
}

/** Stretches in which a change of temperature is followed. */
const RAMP_PARTS = 6;

/** Lets time pass while the temperature goes from one to another, evenly. */
export function elapseRamp(context: StepContext, minutes: Column, from_C: number, to_C: number): void {
  const part = minutes.map((each) => each / RAMP_PARTS);
  for (let index = 0; index < RAMP_PARTS; index += 1)
    elapse(
      context.pot,
      part,
      evenColumn(context.pot, from_C + ((index + 0.5) / RAMP_PARTS) * (to_C - from_C)),
      index + 1 < RAMP_PARTS,
    );
}

/** `heat`: to a temperature; time from power and mass. */
export function runHeat(context: StepContext): StepDone | Unreadable {
  if (hasNothingToHeat(context.pot)) return nothingToHeat(context.step.text);
  const marks = marksOf(context);
  const to_C = readTemperature(context.step.text, marks);
  if (typeof to_C !== 'number') return to_C;
  if (to_C > marks.boil_C + 0.5)
    return unreadable(
      'unit-mismatch',
      context.step.text,
      `It boils at ${formatNumber(Math.round(marks.boil_C))} °C here and gets no hotter.`,
      ['to boil'],
    );
  const stove = stoveOf(context, 'on');
  if (isUnreadable(stove)) return stove;
  const heating = bringTo(context, Math.min(to_C, marks.boil_C), stove);
  if (isUnreadable(heating)) return heating;
  const minutes = heating[0]!;
  return {
    minutes,
    minutesBySample: heating,
    handsOn_min: handsOnFor(minutes),
    heat_kJ: heatOf(stove.power_W, minutes),
    boil_C: marks.boil_C,
    notes: stove.notes,
  };
}

const driedOut: StepNote = {
  code: 'reduces-dry',
  text: 'The pot would boil dry before this is over. Use more water, a lid, less heat or less time.',
};

function cook(context: StepContext, boiling: boolean): StepDone | Unreadable {
  const { pot, step } = context;
  if (hasNothingToHeat(pot)) return nothingToHeat(step.text);
  const wanted = readMinutes(step.text);
  if (typeof wanted !== 'number') return wanted;
  const stove = stoveOf(context, 'off');
  if (isUnreadable(stove)) return stove;
  const marks = marksOf(context);
  const temperature_C = boiling ? marks.boil_C : marks.simmer_C;
  const warming = bringTo(context, temperature_C, { ...stove, lid: 'on' });
  if (isUnreadable(warming)) return warming;
  pot.temperature_C.fill(temperature_C);
  const rate = steamRate(context, stove, temperature_C, boiling);
  elapse(pot, evenColumn(pot, wanted), pot.temperature_C);
  const dry = evaporate(
    pot,
    steamSpread(context, stove, boiling).map((factor) => rate * wanted * factor),
  );
  const minutes = warming[0]! + wanted;
  return {
    minutes,
    minutesBySample: warming.map((each) => each + wanted),
    handsOn_min: handsOnFor(minutes),
    heat_kJ:
      heatOf(stove.power_W, warming[0]!) +
      heatOf(heldBy(context, stove, { temperature_C, boiling, steam_g_min: rate }), wanted),
    cooking_min: wanted,
    hottest_C: temperature_C,
    boil_C: marks.boil_C,
    notes: dry ? [...stove.notes, driedOut] : stove.notes,
  };
}

/** `simmer`: extraction and evaporation just below the boil. */
export const runSimmer = (context: StepContext): StepDone | Unreadable => cook(context, false);
/** `boil`: the same at the boil, where the burner decides the steam. */
export const runBoil = (context: StepContext): StepDone | Unreadable => cook(context, true);

/** A pot this near a simmer is on the heat already, K. */
const HOT_WITHIN_K = 20;
/** Longest a pot is reduced, min: two days of low heat. */
const LONGEST_REDUCTION_min = 2880;

/** `reduce`: to a volume, a share or a strength; finds the time. */
export function runReduce(context: StepContext): StepDone | Unreadable {
  const { pot, step } = context;
  if (hasNothingToHeat(pot)) return nothingToHeat(step.text);
  const goal = readReduction(step.text);
  if (isUnreadable(goal)) return goal;
  const stove = stoveOf(context, 'off');
  if (isUnreadable(stove)) return stove;
  const marks = marksOf(context);
  // A pot that was boiling goes on boiling; otherwise it is reduced at a simmer.
  const boiling = step.burner !== undefined || pot.temperature_C[0]! >= marks.boil_C - 0.5;
  const temperature_C = boiling ? marks.boil_C : marks.simmer_C;
  const start = pot.liquid.composition(0);
  // From cold it is brought to the boil first, as one does, and simmers down from there.
  const cold = pot.temperature_C[0]! < marks.simmer_C - HOT_WITHIN_K;
  const warming = bringTo(context, cold ? marks.boil_C : temperature_C, { ...stove, lid: 'on' });
  if (isUnreadable(warming)) return warming;
  pot.temperature_C.fill(temperature_C);
  const rate = steamRate(context, stove, temperature_C, boiling);
  if (!(rate > 0))
    return unreadable(
      'unit-mismatch',
      step.text,
      'Nothing evaporates at this heat. Take the lid off or use a stronger burner.',
    );
  const spread = steamSpread(context, stove, boiling);
  const first = waterToRemove(pot, goal, start);
  if (first[0]! <= 0)
    return unreadable(
      'not-positive',
      step.text,
      `It is reduced further than this already: ${formatNumber(pot.liquid.volumes()[0]!)} mL at ${formatNumber(pot.liquid.brix())} °Brix.`,
    );
  const minutesFor = (grams: Column): Column =>
    grams.map((mass, sample) => Math.max(0, mass) / (rate * spread[sample]!));
  const guess = minutesFor(first);
  if (guess[0]! > LONGEST_REDUCTION_min)
    return unreadable(
      'unit-mismatch',
      step.text,
      `At this heat it would take ${formatNumber(guess[0]! / 60)} h. Take the lid off or use a wider pot or a stronger burner.`,
    );
  elapse(pot, guess, pot.temperature_C);
  const removed = waterToRemove(pot, goal, start);
  const dry = evaporate(pot, removed);
  const cooking = minutesFor(removed);
  const minutesBySample = warming.map((each, sample) => each + cooking[sample]!);
  const minutes = minutesBySample[0]!;
  return {
    minutes,
    minutesBySample,
    handsOn_min: handsOnFor(minutes),
    heat_kJ:
      heatOf(stove.power_W, warming[0]!) +
      heatOf(heldBy(context, stove, { temperature_C, boiling, steam_g_min: rate }), cooking[0]!),
    cooking_min: cooking[0]!,
    hottest_C: cold ? marks.boil_C : temperature_C,
    boil_C: marks.boil_C,
    notes: dry ? [...stove.notes, driedOut] : stove.notes,
  };
}
