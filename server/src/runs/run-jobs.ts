import type { BrewRecipeRecord, HabitCurve, LabelOrder, ServingFigures } from '@wellhydra/contract';
import { SERVING_FIGURES } from '@wellhydra/contract/serving-figures';
import type { Analysis } from '@wellhydra/core/analyse';
import {
  brewRecipe,
  brewState,
  drawnOff,
  habitLearner,
  runBrew,
  standingJar,
  type BrewEvent,
  type BrewRun,
  type BrewState,
  type BrewRecipe,
} from '@wellhydra/core/brew';
import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { drinkFactsOf, glassAdditions, intakeOf, type Intake } from '@wellhydra/core/people';
import type { Habits } from '@wellhydra/core/equipment';
import { kitchenOptions } from '@wellhydra/core/simulate';
import { preparedOf, usedOf } from '@wellhydra/core/stores';
import { labelPagesOf, sheetOf, type LabelToPrint } from '../documents/labels/label-pages';
import { labelsPdf } from '../documents/labels/label-pdf';
import { worktop } from '../devices/simulated/simulated-worktop';

/** A brew as it is stored: what it is made of and in, and what has happened. */
export interface StoredBrew {
  readonly recipe: BrewRecipeRecord;
  readonly events: readonly BrewEvent[];
}

/** What the server reads off a run. */
const runFigures = (analysis: Analysis) => {
  const { drink, problems, keeping, serving, trace, liquid, cautions, perServing } = analysis;
  return {
    drinkName: drink.name,
    problems,
    keeping,
    servings: serving?.servings ?? 0,
    servingMl: serving?.volume_mL ?? serving?.mass_g ?? 0,
    /** A dry mix is kept by its mass, a gram taken as a millilitre. */
    volumeMl: liquid?.volume_mL ?? trace.pot.mass_g,
    dry: liquid === null,
    cautions: cautions.map(({ code, severity, title, text, concerns }) => ({ code, severity, title, text, concerns })),
    perServing: Object.fromEntries(SERVING_FIGURES.map((figure) => [figure, perServing[figure]])) as ServingFigures,
    facts: drinkFactsOf(analysis),
    brix: liquid?.brix ?? null,
    ph: keeping?.pH ?? null,
  };
};
export type RunFigures = ReturnType<typeof runFigures>;

/** Figures of a brew, and of what is drawn off on the way by its step. */
export interface BrewFigures extends RunFigures {
  readonly drawn: readonly { readonly step: string; readonly figures: RunFigures }[];
  /** As it was tasted last, out of 5; null where nobody has. */
  readonly taste: number | null;
  /** What it takes out of the house, g by ingredient; of one that was given up what had gone in by then. */
  readonly used: Readonly<Record<string, number>>;
  /** What of that are drinks that were made before, mL by name. */
  readonly prepared: Readonly<Record<string, number>>;
}

/** Steps of a brew that was given up which were done. */
const doneSteps = ({ steps }: BrewRun, { left }: BrewState): ReadonlySet<number> =>
  new Set(steps.flatMap(({ of }, index) => (left.get(of)?.how === 'done' ? [index] : [])));

function brewFigures(recipe: BrewRecipe, events: readonly BrewEvent[]): BrewFigures {
  const state = brewState(events);
  const run = runBrew(recipe, state);
  const drawn = drawnOff(recipe, state, run).map(({ step, analysis }) => ({ step, figures: runFigures(analysis) }));
  const { trace } = run.analysis;
  const steps = state.stage === 'abandoned' ? doneSteps(run, state) : undefined;
  const prepared = Object.fromEntries(preparedOf(trace, steps).map(({ name, amount_mL }) => [name, amount_mL]));
  const out = { used: usedOf(trace, { steps }), prepared };
  const taste = state.readings.findLast(({ quantity }) => quantity === 'taste')?.value ?? null;
  return { ...runFigures(run.analysis), drawn, ...out, taste };
}

/** What a kitchen has learned from brews, oldest first, each run as the kitchen was then but without its habits. */
function learn(brews: readonly (StoredBrew & { readonly name: string })[]) {
  const learner = habitLearner();
  for (const { name, recipe, events } of brews) {
    const { habits: _asItWasThen, ...settings } = recipe.settings;
    learner.take({ name, recipe: brewRecipe({ ...recipe, settings }), state: brewState(events) });
  }
  const { habits, history } = learner.learned();
  const curves: HabitCurve[] = [...history].map(([key, points]) => ({ key, points: [...points] }));
  return { habits, curves };
}

/** What went into a glass, or the line that could not be read, counted from 0. */
type GlassRead =
  | { readonly kind: 'intake'; readonly intake: Intake }
  | { readonly kind: 'unread'; readonly line: number; readonly message: string };

function glass(lines: readonly string[], settings: KitchenSettings): GlassRead {
  const read = glassAdditions(lines, kitchenOptions(settings));
  return read.kind === 'facts' ? { kind: 'intake', intake: intakeOf(read.facts, 1) } : read;
}

/** Labels, and the sheet that they go onto. */
interface LabelsToLay {
  readonly labels: readonly LabelToPrint[];
  readonly sheet: LabelOrder['sheet'];
  readonly start: number;
}

const laid = ({ labels, sheet, start }: LabelsToLay) => labelPagesOf(labels, sheetOf(sheet), start);

/**
 * Everything the server runs a drink for, and lays out and draws: plain data in, plain data out, so that it can be asked
 * of a worker. What people write decides how long it takes.
 */
export const RUN_JOBS = {
  /** A brew with what was read and added. */
  brew: ({ recipe, events }: StoredBrew): BrewFigures => brewFigures(brewRecipe(recipe), events),
  /** A drink as it is written. */
  drink: ({
    document,
    others,
    settings,
  }: {
    readonly document: DrinkDocument;
    readonly others: readonly DrinkDocument[];
    readonly settings: KitchenSettings;
  }): BrewFigures => brewFigures(brewRecipe({ document, preparations: others, settings }), []),
  /** A brew whose jar stands now, and how it will come out. */
  jar: ({
    recipe: stored,
    events,
    startedAt,
    now,
  }: StoredBrew & { readonly startedAt: string; readonly now: string }) => {
    const [recipe, state] = [brewRecipe(stored), brewState(events)];
    const run = runBrew(recipe, state);
    const jar = standingJar(recipe, state, run, { startedAt: new Date(startedAt), now: new Date(now) });
    return { jar, figures: runFigures(run.analysis) };
  },
  /** What stands on the simulated worktop, in the kitchen as it really is. */
  worktop: ({ recipe, events, habits }: StoredBrew & { readonly habits: Habits }) => {
    const { habits: _believed, ...settings } = recipe.settings;
    return worktop(brewRecipe({ ...recipe, settings: { ...settings, habits } }), brewState(events));
  },
  glass: ({ lines, settings }: { readonly lines: readonly string[]; readonly settings: KitchenSettings }) =>
    glass(lines, settings),
  labels: (of: LabelsToLay) => laid(of),
  labelsPdf: ({ title, ...of }: LabelsToLay & { readonly title: string }): Promise<Uint8Array> =>
    labelsPdf(laid(of), title),
  learn: ({ brews }: { readonly brews: readonly (StoredBrew & { readonly name: string })[] }) => learn(brews),
} as const;

export type RunJobs = typeof RUN_JOBS;
export type RunJob = keyof RunJobs;
