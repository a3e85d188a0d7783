import type { Ingredient } from '../catalogue';
import type { PotEntry, Trace, TraceEntry } from '../simulate';
import type { CautionContext } from './caution';

/** Everything that went in, into the batch or into a glass: honey in a cup is honey. */
export const everything = ({ trace, glass }: Pick<CautionContext, 'trace' | 'glass'>): readonly PotEntry[] =>
  glass ? [...trace.pot.entries, ...glass.pot.entries] : trace.pot.entries;

/** Whether an ingredient is one of these, or is called after one: of its own label nobody knows what it leaves out. */
const isOneOf = ({ id, named = [] }: Ingredient, ids: readonly string[]): boolean =>
  ids.includes(id) || named.some((each) => ids.includes(each));

/** Whether anything with one of these ids has gone in, by itself or in a preparation. */
export function has(context: CautionContext, ...ids: readonly string[]): boolean {
  return everything(context).some(({ ingredient }) => isOneOf(ingredient, ids));
}

/** Whether anything with one of these ids was added by a step of this drink itself. */
export function addedHere(context: CautionContext, ...ids: readonly string[]): boolean {
  return everything(context).some(({ ingredient, within }) => within === undefined && isOneOf(ingredient, ids));
}

/** Grams of these ingredients whose strength is in a serving. */
export function gramsPerServing({ trace, glass, servings }: CautionContext, ...ids: readonly string[]): number {
  if (!(servings > 0)) return 0;
  const of = ({ pot }: Trace): number => {
    let grams = 0;
    for (const [ingredient, mass_g] of pot.origins) if (isOneOf(ingredient, ids)) grams += mass_g;
    return grams;
  };
  return of(trace) / servings + (glass ? of(glass) : 0);
}

/** Salts, acids and powders: what minerals are added with. */
export const isMineral = ({ role, state }: Ingredient): boolean =>
  (role === 'salt' || role === 'acid') && state === 'soluble';

/** Grams of an ingredient that go into the batch and into all its glasses. */
export function gramsOf({ trace, glass, servings }: CautionContext, id: string): number {
  const of = ({ pot }: Trace): number =>
    pot.entries.reduce((sum, { ingredient, mass_g }) => sum + (ingredient.id === id ? mass_g : 0), 0);
  return of(trace) + (glass ? servings * of(glass) : 0);
}

/** The steps from the first addition of any of these ingredients on. */
function since({ trace }: CautionContext, ids: readonly string[]): readonly TraceEntry[] {
  const first = trace.pot.entries.find(({ ingredient, within }) => within === undefined && isOneOf(ingredient, ids));
  return first ? trace.entries.filter(({ step }) => step >= first.step) : [];
}

/** Minutes that these ingredients were simmered or boiled after they went in. */
export function cookedMinutes(context: CautionContext, ...ids: readonly string[]): number {
  return since(context, ids).reduce((sum, { cooking_min }) => sum + (cooking_min ?? 0), 0);
}

/** The hottest the pot was after these ingredients went in, °C. */
export function hottestSince(context: CautionContext, ...ids: readonly string[]): number {
  return since(context, ids).reduce((most, { hottest_C }) => Math.max(most, hottest_C), -Infinity);
}

/** How these ingredients were strained, in the words of the steps. */
export function strainersAfter(context: CautionContext, ...ids: readonly string[]): readonly string[] {
  return since(context, ids).flatMap(({ strainer }) => strainer ?? []);
}

/** Whether a step with one of these verbs came while the ingredients were in. */
export function doneTo(context: CautionContext, verbs: readonly string[], ...ids: readonly string[]): boolean {
  return since(context, ids).some(({ verb }) => verbs.includes(verb));
}
