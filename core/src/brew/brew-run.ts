import { analyseDrink, type Analysis, type AnalyseOptions } from '../analyse';
import {
  batchSteps,
  documentDrink,
  preparationLibrary,
  withMinutes,
  type Drink,
  type DrinkDocument,
  type DrinkStep,
  VERB_TABLE,
} from '../drink';
import type { KitchenSettings } from '../kitchen';
import { drawnChance, kitchenOptions, runInPot, type WorkingPot } from '../simulate';
import { quantile, standardNormal, type Range } from '../spread';
import { applyReadings } from './apply-readings';
import type { ReadQuantity } from '../brew-event';
import type { BrewState, Reading } from './brew-state';

/** What a brew is made of and made in. */
export interface BrewRecipe {
  readonly document: DrinkDocument;
  readonly preparations?: Readonly<Record<string, Drink>>;
  readonly options?: AnalyseOptions;
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
  };
}

/** A step as it is made, and the step of the drink it belongs to. */
export interface MadeStep extends DrinkStep {
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
    const minutes = state.readings.find((each) => each.step === id && each.quantity === 'minutes');
    const written = { ...step, text: state.texts.get(id) ?? step.text };
    return [{ ...(minutes ? withMinutes(written, minutes.value) : written), of: id }, ...added];
  });
}

/** Readings of a step hold after the step itself; those of a step with additions before these. */
const readingsAt = (state: BrewState, step: MadeStep, except?: string): readonly Reading[] =>
  step.addition !== undefined ? [] : state.readings.filter(({ step: of, id }) => of === step.of && id !== except);

/** The pH that was read last, unless something that changes what is in the pot comes after it. */
function filledPh(steps: readonly MadeStep[], state: BrewState, except?: string): number | undefined {
  const last = steps.findLastIndex(({ verb }) => VERB_TABLE[verb].changesContents);
  const read = steps.slice(Math.max(last, 0)).flatMap((step) => readingsAt(state, step, except));
  return read.findLast(({ quantity }) => quantity === 'pH')?.value;
}

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
export function runBrew(recipe: BrewRecipe, state: BrewState, except?: string): BrewRun {
  const { document, preparations, options = {} } = recipe;
  const steps = madeSteps(document, state);
  const drink = documentDrink({ ...document, name: document.name || 'Unnamed drink' }, preparations);
  const pH = filledPh(steps, state, except);
  const analysis = analyseDrink({ ...drink, steps }, options, {
    at: (index, pot) => applyReadings(pot, steps[index]!.verb, readingsAt(state, steps[index]!, except)),
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

/**
 * What can be expected to be read after a step, by seeded draws over measures and processes, given what was read
 * at the steps before it.
 *
 * @param step id of a step of the drink
 * @returns 5 % and 95 % points around the run as written, for volume (mL), mass (g), °Brix, °C and minutes;
 *   of what goes into a dry pot its own mass; empty where the step cannot be run
 */
export function expectedAt(recipe: BrewRecipe, state: BrewState, step: string): Expected {
  const { preparations, options = {}, document } = recipe;
  const steps = madeSteps(document, state);
  const at = steps.findIndex((each) => each.of === step && each.addition === undefined);
  if (at < 0) return {};
  const runOptions = { ...options, ...(preparations ? { preparations } : {}) };
  let expected: Expected = {};
  runInPot(steps.slice(0, at + 1), runOptions, drawnChance(DRAWS, standardNormal(SEED)), (index, done, pot) => {
    if (index < at) applyReadings(pot, steps[index]!.verb, readingsAt(state, steps[index]!));
    else if ('kind' in done) return;
    // Into a dry pot something is weighed by itself.
    else if (pot.dry) expected = done.line && pot.lastAdded ? { mass_g: rangeOf(pot.lastAdded) } : {};
    else
      expected = {
        ...Object.fromEntries(Object.entries(READ_OFF).map(([quantity, read]) => [quantity, rangeOf(read(pot))])),
        ...(done.minutesBySample ? { minutes: rangeOf(done.minutesBySample) } : {}),
      };
  });
  return expected;
}
