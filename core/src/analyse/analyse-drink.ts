import { rowOf } from '../lookup';
import { cautionsOf, isMineral, type AddedMinerals, type Caution } from '../caution';
import type { Drink } from '../drink';
import { findingsOf, type Finding } from '../finding';
import {
  contentsOf,
  hotWaterMinutes,
  hoursWarm,
  jarsAreTested,
  keepingOf,
  spoilsWarm,
  surelySour,
  testedRecipe,
  type Keeping,
  type Stored,
} from '../keeping';
import {
  describeLiquid,
  type Liquid,
  addScaled,
  emptyComposition,
  massOf,
  scaled,
  volumeOf,
  type Composition,
} from '../liquid';
import {
  botanicalsOf,
  nutrientsOf,
  perLitreOf,
  servingSize,
  type BotanicalDose,
  type Nutrients,
  type PerLitre,
  type ServingSize,
} from '../serving';
import { ownIngredient } from '../own-ingredient';
import {
  potVolume,
  preparationRuns,
  runSteps,
  type Measured,
  type Pot,
  type PreparationLibrary,
  type RunOptions,
  type Scope,
  type Trace,
} from '../simulate';

/** How a drink is analysed: the kitchen, and the spoons in it. */
export type AnalyseOptions = Omit<RunOptions, 'preparations'>;

/** A text of the drink that was not understood; `step` is null for the serving. */
export interface AnalysisProblem {
  readonly step: number | null;
  readonly code: string;
  readonly text: string;
  readonly message: string;
  readonly suggestions: readonly string[];
}

/** Everything that is read off the trace of a drink. */
export interface Analysis {
  readonly drink: Drink;
  readonly options: AnalyseOptions;
  readonly trace: Trace;
  /** What is done to each glass, run by itself; null where nothing is. */
  readonly glass: Trace | null;
  readonly problems: readonly AnalysisProblem[];
  readonly serving: ServingSize | null;
  readonly liquid: Liquid | null;
  readonly perServing: Nutrients;
  /** What salts, acids and powders bring to a serving. */
  readonly addedPerServing: AddedMinerals;
  readonly perLitre: PerLitre | null;
  /** Dried plant whose strength is in a serving. */
  readonly botanicals: readonly BotanicalDose[];
  /** Contents of a whole litre, and of the whole batch. */
  readonly litre: Nutrients | null;
  readonly batch: Nutrients;
  readonly keeping: Keeping | null;
  readonly cautions: readonly Caution[];
  readonly findings: readonly Finding[];
}

/** What salts, acids and powders brought, as far as it is in the liquid. */
function addedMinerals(pot: Pot): Nutrients & { potassium_mmol: number } {
  const added = emptyComposition();
  for (const [ingredient, grams] of pot.origins)
    if (isMineral(ingredient) && ingredient.composition) addScaled(added, ingredient.composition, grams);
  return { ...nutrientsOf(added), potassium_mmol: added.potassium_mmol };
}

/** Totals of one serving of the pot. */
export function servingComposition(pot: Pot, serving: ServingSize | null): Composition {
  return scaled(pot.drunk, serving && serving.servings > 0 ? 1 / serving.servings : 0);
}

/** What the liquid is like, in the volume of what is poured. */
function liquidOf(pot: Pot): Liquid | null {
  const liquid = describeLiquid(pot.liquid);
  return liquid && pot.suspended.length > 0
    ? { ...liquid, mass_g: massOf(pot.body), volume_mL: potVolume(pot)! }
    : liquid;
}

function storedAs(trace: Trace, measured_pH: number | undefined, warm_h: number): Stored {
  const { entries, pot } = trace;
  const place = entries.findLast((entry) => entry.place)?.place;
  const processed = entries.find((entry) => entry.processed)?.processed;
  const tested = processed && jarsAreTested(entries) ? testedRecipe(pot) : undefined;
  return {
    ...(place ? { place } : {}),
    ...(measured_pH === undefined ? {} : { measured_pH }),
    processed: tested !== undefined && processed!.minutes >= hotWaterMinutes(tested, processed!.altitude_m ?? 0),
    pieces: pot.solids.length > 0,
    warm_h,
    spoilsWarm: warm_h > 0 && spoilsWarm(trace),
  };
}

/** What is done to each glass, as totals of one serving. */
function atServing(drink: Drink, options: RunOptions): { trace: Trace | null; added: Composition | null } {
  if (!drink.atServing || drink.atServing.length === 0) return { trace: null, added: null };
  const trace = runSteps(drink.atServing, options);
  return { trace, added: trace.pot.drunk };
}

/** What was read off a batch while it was made. */
export interface MeasuredBatch {
  /** Makes the pot after a step what was read of it. */
  readonly at: Measured;
  /** pH of what is filled, where it was measured. */
  readonly pH?: number;
}

/** Cautions about how a preparation was made hold for every drink it goes into. */
const INHERITED = new Set(['elder-needs-cooking', 'hip-hairs', 'seeds-pits', 'not-to-swallow']);

/** What all of one analysis share: preparations that were run, and their cautions. */
interface Shared {
  readonly prepared: PreparationLibrary;
  readonly cautions: Map<Drink, readonly Caution[]>;
}

function inherited(names: Scope, trace: Trace, options: AnalyseOptions, shared: Shared): readonly Caution[] {
  const used = new Set(trace.pot.entries.flatMap(({ within }) => within ?? []));
  return [...used].flatMap((name) => {
    const preparation = rowOf(names, name);
    if (!preparation) return [];
    const known = shared.cautions.get(preparation);
    if (known) return known;
    // One that is reached again while its own are looked for has none to add.
    shared.cautions.set(preparation, []);
    const inner = { ...preparation, preparations: shared.prepared.namesIn(names, preparation) };
    const found = analyseWith(inner, withOwn(inner, options), undefined, shared).cautions.filter(({ code }) =>
      INHERITED.has(code),
    );
    shared.cautions.set(preparation, found);
    return found;
  });
}

interface Known {
  readonly options: AnalyseOptions;
  readonly refused: readonly AnalysisProblem[];
}

/** The drink's own ingredients beside those of the kitchen; what cannot be is named. */
function withOwn({ ingredients = [] }: Drink, options: AnalyseOptions): Known {
  const refused: AnalysisProblem[] = [];
  const own = ingredients.flatMap((fields) => {
    try {
      return [ownIngredient(fields)];
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      const { name: text } = fields;
      refused.push({ step: null, code: 'unknown-ingredient', text, message: error.message, suggestions: [] });
      return [];
    }
  });
  return { refused, options: own.length > 0 ? { ...options, own: [...(options.own ?? []), ...own] } : options };
}

/**
 * Runs a drink and reads everything off the trace: contents, liquid, keeping, cautions, findings.
 *
 * @param drink as written
 * @param given kitchen, and what spoons are meant where a line does not say
 * @param measured what was read off the pot while it was made, where it was
 * @returns figures of what could be understood, with everything that could not in `problems`
 */
export function analyseDrink(drink: Drink, given: AnalyseOptions = {}, measured?: MeasuredBatch): Analysis {
  const known = withOwn(drink, given);
  return analyseWith(drink, known, measured, { prepared: preparationRuns(known.options), cautions: new Map() });
}

function analyseWith(drink: Drink, known: Known, measured: MeasuredBatch | undefined, shared: Shared): Analysis {
  const { options, refused } = known;
  const { prepared } = shared;
  const runOptions: RunOptions = {
    ...options,
    prepared,
    ...(drink.preparations ? { preparations: drink.preparations } : {}),
  };
  const trace = runSteps(drink.steps, runOptions, measured?.at);
  const { pot } = trace;
  const liquid = pot.dry ? null : liquidOf(pot);
  const size = servingSize(drink, pot);
  const serving = size.kind === 'serving' ? size : null;
  const glass = atServing(drink, runOptions);
  const served = { ...servingComposition(pot, serving) };
  if (glass.added) addScaled(served, glass.added, 1);
  const perServing = nutrientsOf(served);
  const perLitre = liquid ? perLitreOf(pot.drunk, liquid.volume_mL) : null;
  const share = serving && serving.servings > 0 ? 1 / serving.servings : 0;
  const added = addedMinerals(pot);
  const addedInGlass = glass.trace ? addedMinerals(glass.trace.pot) : null;
  const addedPerServing: AddedMinerals = {
    potassium_mmol: added.potassium_mmol * share + (addedInGlass?.potassium_mmol ?? 0),
    magnesium_mg: added.magnesium_mg * share + (addedInGlass?.magnesium_mg ?? 0),
    sodium_mg: added.sodium_mg * share + (addedInGlass?.sodium_mg ?? 0),
  };
  const problems: AnalysisProblem[] = [...refused, ...trace.problems];
  for (const problem of glass.trace?.problems ?? []) problems.push({ ...problem, step: null });
  if (size.kind === 'unreadable') problems.push({ ...size, step: null });
  const contents = contentsOf(trace);
  const warm_h = surelySour(measured?.pH) ? 0 : hoursWarm(trace);
  const stored = storedAs(trace, measured?.pH, warm_h);
  const keeping = pot.mass_g > 0 ? keepingOf(drink.kind, pot.liquid, liquid, contents, stored) : null;
  const own = cautionsOf({
    kind: drink.kind,
    drink,
    trace,
    glass: glass.trace,
    liquid,
    perLitre:
      glass.added && serving?.volume_mL ? perLitreOf(served, serving.volume_mL + volumeOf(glass.added)) : perLitre,
    perServing,
    keeping,
    contents: glass.trace && contentsOf(glass.trace).raw ? { ...contents, raw: true } : contents,
    warm_h,
    servings: serving?.servings ?? 0,
    addedPerServing,
  });
  const passedOn = drink.preparations ? inherited(drink.preparations, trace, options, shared) : [];
  // Whatever way a preparation came in by, what it says is said once.
  const others = new Map(passedOn.map((caution) => [caution.code, caution]));
  for (const { code } of own) others.delete(code);
  const cautions = [...own, ...others.values()];
  return {
    drink,
    options,
    trace,
    glass: glass.trace,
    problems,
    serving,
    liquid,
    perServing,
    addedPerServing,
    perLitre,
    botanicals: botanicalsOf(pot, serving?.servings ?? 0),
    litre: liquid ? nutrientsOf(scaled(pot.drunk, 1000 / liquid.volume_mL)) : null,
    batch: nutrientsOf(pot.drunk),
    keeping,
    cautions,
    findings: findingsOf({ drink, trace, liquid, perLitre, perServing, serving, keeping }),
  };
}
