import type { Ingredient } from '../catalogue';
import type { TraceEntry } from '../simulate';
import type { CautionContext } from './caution';

/** Whether anything with one of these ids has gone in, by itself or in a preparation. */
export function has({ trace }: CautionContext, ...ids: readonly string[]): boolean {
  return trace.pot.entries.some(({ ingredient }) => ids.includes(ingredient.id));
}

/** Whether anything with one of these ids was added by a step of this drink itself. */
export function addedHere({ trace }: CautionContext, ...ids: readonly string[]): boolean {
  return trace.pot.entries.some(({ ingredient, within }) => within === undefined && ids.includes(ingredient.id));
}

/** Grams of these ingredients whose strength is in a serving. */
export function gramsPerServing({ trace, servings }: CautionContext, ...ids: readonly string[]): number {
  if (!(servings > 0)) return 0;
  let grams = 0;
  for (const [ingredient, mass_g] of trace.pot.origins) if (ids.includes(ingredient.id)) grams += mass_g;
  return grams / servings;
}

/** Salts, acids and powders: what minerals are added with. */
export const isMineral = ({ role, state }: Ingredient): boolean =>
  (role === 'salt' || role === 'acid') && state === 'soluble';

/** Grams of an ingredient that went into the batch. */
export function gramsOf({ trace }: CautionContext, id: string): number {
  return trace.pot.entries.reduce((sum, { ingredient, mass_g }) => sum + (ingredient.id === id ? mass_g : 0), 0);
}

/** The steps from the first addition of any of these ingredients on. */
function since({ trace }: CautionContext, ids: readonly string[]): readonly TraceEntry[] {
  const first = trace.pot.entries.find(({ ingredient, within }) => within === undefined && ids.includes(ingredient.id));
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
