import { driedFromFresh } from '../process';
import type { Ingredient } from '../catalogue';
import type { Pot } from '../simulate';

/** A plant in a serving, as what it would be dried. */
export interface BotanicalDose {
  readonly ingredient: Ingredient;
  readonly dryEquivalent_g: number;
}

const BOTANICAL = new Set(['herb', 'spice', 'seed', 'tea']);

/**
 * Dried plant whose strength is in a serving: what went into the pot, less what stayed in strained solids.
 *
 * @param pot the finished pot
 * @param servings in it, above 0
 */
export function botanicalsOf(pot: Pot, servings: number): readonly BotanicalDose[] {
  if (!(servings > 0)) return [];
  const doses: BotanicalDose[] = [];
  for (const [ingredient, grams] of pot.origins) {
    if (ingredient.state !== 'solid' || !BOTANICAL.has(ingredient.role) || !(grams > 0)) continue;
    const water = ingredient.composition?.water_g ?? 0;
    const dried_g = ingredient.dried === false ? driedFromFresh(grams, water) : grams;
    doses.push({ ingredient, dryEquivalent_g: dried_g / servings });
  }
  return doses.sort((a, b) => b.dryEquivalent_g - a.dryEquivalent_g);
}
