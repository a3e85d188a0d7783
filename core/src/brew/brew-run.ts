import { analyseDrink, type Analysis, type AnalyseOptions } from '../analyse';
import {
  batchSteps,
  documentDrink,
  preparationLibrary,
  withMinutes,
  type Drink,
  type DrinkDocument,
  VERB_TABLE,
} from '../drink';
import type { KitchenSettings } from '../kitchen';
import type { Measures } from '../resize';
import { volumeOf } from '../liquid';
import type { IngredientLine } from '../quantity';
import {
  drawnChance,
  kitchenOptions,
  runInPot,
  type Column,
  type MeasuredAddition,
  type RunStep,
  type StepDone,
  type WorkingPot,
} from '../simulate';
import { quantile, standardNormal, type Range } from '../spread';
import { applyReadings } from './apply-readings';
import type { ReadQuantity } from '../brew-event';
import type { BrewState, Reading } from './brew-state';

/** What a brew is made of and made in. */
export interface BrewRecipe {
  readonly document: DrinkDocument;
  readonly preparations?: Readonly<Record<string, Drink>>;
  readonly options?: AnalyseOptions;
  /** What amounts are measured with; tenths of a gram where nothing is said. */
  readonly measures?: Measures;
}

/** A recipe from what is stored of a brew: its drink, the drinks that go into it, and the kitchen as it was then. */
export function brewRecipe(stored: {
  readonly document: DrinkDocument;
  readonly preparations: readonly DrinkDocument[];
  readonly settings: KitchenSettings;
}): BrewRecipe {
  const { document, preparations, settings } = stored;
  return {
    document,
    preparations: preparationLibrary(preparations, document.name),
    options: kitchenOptions(settings),
    measures: settings,
  };
}

/** A step as it is made, and the step of the drink it belongs to. */
export interface MadeStep extends RunStep {
  readonly of: string;
  /** Set where it is an addition to taste behind that step. */
  readonly addition?: string;
}

/**
 * The steps of a brew as they were and will be made: amounts as they were changed, minutes as they were read,
 * skipped ones left out, additions behind the step they followed.
 */
export function madeSteps(document: DrinkDocument, state: BrewState): readonly MadeStep[] {
  return batchSteps(document).flatMap(({ id, atServing: _never, ...step }): MadeStep[] => {
    const additions = state.additions.filter((each) => each.step === id);
    const added = additions.map((each): MadeStep => ({ verb: 'add', text: each.text, of: id, addition: each.id }));
    if (state.left.get(id)?.how === 'skipped') return added;
    const minutes = readAt(state.readings, id, 'minutes');
    const written = { ...step, text: state.texts.get(id) ?? step.text };
    const measured = VERB_TABLE[step.verb].group === 'Put in' ? measuredAt(state.readings, id) : undefined;
    const made = minutes === undefined ? written : withMinutes(written, minutes);
    const filledAt_C = step.verb === 'bottle' ? readAt(state.readings, id, 'temperature_C') : undefined;
    return [
      {
        ...made,
        of: id,
        ...(measured ? { measured } : {}),
        ...(filledAt_C === undefined ? {} : { filledAt_C }),
      },
      ...added,
    ];
  });
}

/** What was read of a quantity at a step. */
const readAt = (readings: readonly Reading[], step: string, quantity: ReadQuantity): number | undefined =>
  readings.find((each) => each.step === step && each.quantity === quantity)?.value;

/** What was weighed or poured of an addition. */
function measuredAt(readings: readonly Reading[], step: string): MeasuredAddition | undefined {
  const mass_g = readAt(readings, step, 'mass_g');
  const volume_mL = readAt(readings, step, 'volume_mL');
  if (mass_g !== undefined) return { mass_g };
  return volume_mL === undefined ? undefined : { volume_mL };
}

/** Of the additions that were measured by themselves, the pot was not. */
export const ofThePot = (readings: readonly Reading[], { asMeasured }: StepDone): readonly Reading[] =>
  asMeasured ? readings.filter(({ quantity }) => quantity !== 'mass_g' && quantity !== 'volume_mL') : readings;

/** Readings of a step hold after the step itself; those of a step with additions before these. */
const readingsAt = (state: BrewState, step: MadeStep): readonly Reading[] =>
  step.addition !== undefined ? [] : state.readings.filter(({ step: of }) => of === step.of);

/** The pH that was read last, unless something that changes what is in the pot comes after it. */
function filledPh(steps: readonly MadeStep[], state: BrewState): number | undefined {
  const last = steps.findLastIndex(({ verb }) => VERB_TABLE[verb].changesContents);
  const read = steps.slice(Math.max(last, 0)).flatMap((step) => readingsAt(state, step));
  return read.findLast(({ quantity }) => quantity === 'pH')?.value;
}

/** A brew without some of its readings. */
const without = (state: BrewState, out: (reading: Reading) => boolean): BrewState => ({
  ...state,
  readings: state.readings.filter((reading) => !out(reading)),
});

/** Makes the pot after a step what was read of it. */
export const applyMade = (step: MadeStep, state: BrewState, pot: WorkingPot, done: StepDone) =>
  applyReadings(pot, step.verb, ofThePot(readingsAt(state, step), done));

export interface BrewRun {
  readonly steps: readonly MadeStep[];
  readonly analysis: Analysis;
}

/**
 * Runs a brew as far as it was read, and the rest as it is expected to go: what its bottles carry.
 *
 * @param recipe drink, preparations, kitchen
 * @param state where the brew stands
 * @param except id of a reading to leave out
 */
export function runBrew(recipe: BrewRecipe, whole: BrewState, except?: string): BrewRun {
  const { document, preparations, options = {} } = recipe;
  const state = without(whole, ({ id }) => id === except);
  const steps = madeSteps(document, state);
  const drink = documentDrink({ ...document, name: document.name || 'Unnamed drink' }, preparations);
  const pH = filledPh(steps, state);
  const analysis = analyseDrink({ ...drink, steps }, options, {
    at: (index, pot, done) => applyMade(steps[index]!, state, pot, done),
    ...(pH === undefined ? {} : { pH }),
  });
  return { steps, analysis };
}

/** Draws behind an expected range; its ends are good to a few percent of its width. */
const DRAWS = 240;
const SEED = 7;

const READ_OFF: Readonly<Partial<Record<ReadQuantity, (pot: WorkingPot) => Float64Array>>> = {
  volume_mL: (pot) => pot.body().volumes(),
  mass_g: (pot) => pot.body().masses(),
  brix: (pot) => Float64Array.from({ length: pot.samples }, (_, sample) => pot.liquid.brix(sample)),
  temperature_C: (pot) => pot.temperature_C.slice(),
};

const rangeOf = (column: Float64Array): Range => {
  const draws = column.slice(1).sort();
  return { p5: quantile(draws, 0.05), p50: column[0]!, p95: quantile(draws, 0.95) };
};

export type Expected = Readonly<Partial<Record<ReadQuantity, Range>>>;

/** What goes in is measured by itself: its mass, and what pours by the jug, too. */
function expectedOf(added: Column, { ingredient }: IngredientLine): Expected {
  const per_mL = ingredient.state !== 'solid' && ingredient.composition ? volumeOf(ingredient.composition) : 0;
  return {
    mass_g: rangeOf(added),
    ...(per_mL > 0 ? { volume_mL: rangeOf(added.map((grams) => grams * per_mL)) } : {}),
  };
}

/**
 * What can be expected to be read after a step, by seeded draws over measures and processes, given what was read
 * at the steps before it.
 *
 * @param step id of a step of the drink
 * @returns 5 % and 95 % points around the run as written, for volume (mL), mass (g), °Brix, °C and minutes;
 *   of an addition its own mass and volume; empty where the step cannot be run
 */
export function expectedAt(recipe: BrewRecipe, whole: BrewState, step: string): Expected {
  const state = without(whole, (reading) => reading.step === step);
  const { preparations, options = {}, document } = recipe;
  const steps = madeSteps(document, state);
  const at = steps.findIndex((each) => each.of === step && each.addition === undefined);
  if (at < 0) return {};
  const runOptions = { ...options, ...(preparations ? { preparations } : {}) };
  let expected: Expected = {};
  runInPot(steps.slice(0, at + 1), runOptions, drawnChance(DRAWS, standardNormal(SEED)), (index, done, pot) => {
    if ('kind' in done) return;
    if (index < at) applyMade(steps[index]!, state, pot, done);
    else if (done.line && pot.lastAdded) expected = expectedOf(pot.lastAdded, done.line);
    else if (!pot.dry)
      expected = {
        ...Object.fromEntries(Object.entries(READ_OFF).map(([quantity, read]) => [quantity, rangeOf(read(pot))])),
        ...(done.minutesBySample ? { minutes: rangeOf(done.minutesBySample) } : {}),
      };
  });
  return expected;
}
