import type { Ingredient } from '../catalogue';
import { balanceCharges, ionicSolution, titratableAcidity, volumeOf, type Composition } from '../liquid';
import { driedFromFresh } from '../process';

/** What a substitute keeps. */
export const KEEPABLE = ['sweetness', 'sodium', 'potassium', 'magnesium', 'sourness', 'strength'] as const;
export type Keeps = (typeof KEEPABLE)[number];

/**
 * Sweetness of a gram against a gram of sucrose, in drinks of some 5 to 10 %.
 * Source: sensory reviews; fructose 1.1 to 1.3, glucose 0.6 to 0.75, short chains 0.2 to 0.4.
 */
export const SWEETNESS = { sucrose_g: 1, fructose_g: 1.2, glucose_g: 0.7, otherCarbohydrate_g: 0.3 } as const;

const sweetness = (c: Composition): number =>
  Object.entries(SWEETNESS).reduce((sum, [sugar, factor]) => sum + factor * c[sugar as keyof typeof SWEETNESS], 0);

/** Acid in a gram: mmol of base that bring it, in nine times as much water, to pH 8.1; 0 for what is not sour. */
function sourness(c: Composition): number {
  const diluted = { ...c, water_g: c.water_g + 9 };
  const volume_mL = volumeOf(diluted);
  const solution = ionicSolution(diluted, volume_mL);
  return balanceCharges(solution).pH < SOUR_pH ? titratableAcidity(solution) * volume_mL : 0;
}
const SOUR_pH = 4.6;

const PER_GRAM: Readonly<Record<Exclude<Keeps, 'strength'>, (c: Composition) => number>> = {
  sweetness,
  sodium: (c) => c.sodium_mmol,
  potassium: (c) => c.potassium_mmol,
  magnesium: (c) => c.magnesium_mmol,
  sourness,
};

/** Dried plant that a gram of a plant stands for. */
function dryShare(ingredient: Ingredient): number {
  return ingredient.dried === false ? driedFromFresh(1, ingredient.composition?.water_g ?? 0) : 1;
}

/**
 * Grams of one ingredient that do what grams of another did.
 *
 * @param keeps the property that is to stay
 * @returns g, or undefined when one of the two has nothing of it
 */
export function equalAmount(from: Ingredient, grams: number, to: Ingredient, keeps: Keeps): number | undefined {
  if (keeps === 'strength') return (grams * dryShare(from)) / dryShare(to);
  if (!from.composition || !to.composition) return undefined;
  const [had, has] = [PER_GRAM[keeps](from.composition), PER_GRAM[keeps](to.composition)];
  return had > 0 && has > 0 ? (grams * had) / has : undefined;
}
