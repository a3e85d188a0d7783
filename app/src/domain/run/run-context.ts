import type { AnalyseOptions } from '@wellhydra/core/analyse';
import { preparationLibrary, type Drink, type DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS, type KitchenSettings } from '@wellhydra/core/kitchen';
import { kitchenOptions } from '@wellhydra/core/simulate';

/** What every drink of a kitchen is run with: what the kitchen has, and its other drinks as preparations. */
export interface RunContext {
  readonly settings: KitchenSettings;
  readonly options: AnalyseOptions;
  readonly documents: readonly DrinkDocument[];
  readonly preparationsFor: (name: string) => Readonly<Record<string, Drink>>;
}

/** The same settings give the same options, so that what was run with them need not be run again. */
const known = new WeakMap<KitchenSettings, AnalyseOptions>();

function optionsOf(settings: KitchenSettings): AnalyseOptions {
  const options = known.get(settings) ?? kitchenOptions(settings);
  known.set(settings, options);
  return options;
}

/** A context from what is stored; made anew only when one of the two changes. */
export function runContext(settings: KitchenSettings | null, documents: readonly DrinkDocument[]): RunContext {
  const has = settings ?? DEFAULT_SETTINGS;
  return {
    settings: has,
    options: optionsOf(has),
    documents,
    preparationsFor: (name) => preparationLibrary(documents, name),
  };
}

/** A kitchen of which nothing is known, with no other drinks. */
export const USUAL_CONTEXT = runContext(null, []);

const NO_DRINKS = (): Readonly<Record<string, Drink>> => ({});

/** A context for a drink that is made of no other: the same while the settings are. */
export const withoutOthers = (context: RunContext): RunContext => ({
  ...context,
  documents: [],
  preparationsFor: NO_DRINKS,
});
