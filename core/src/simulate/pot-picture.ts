import type { Ingredient } from '../catalogue';
import { addScaled, massOf, volumeOf, type Composition } from '../liquid';

/** Grams of an ingredient that have gone into the pot. */
export interface PotEntry {
  readonly ingredient: Ingredient;
  readonly mass_g: number;
  /** Step that put it there, counted from 0. */
  readonly step: number;
  /** Name of the preparation it came in, where it did not come by itself. */
  readonly within?: string;
  /** How hot it had been in that preparation before it came here, °C. */
  readonly was_C?: number;
}

/** A soluble ingredient of which more is in the pot than the water holds. */
export interface Sediment {
  readonly ingredient: Ingredient;
  readonly mass_g: number;
}

/** What is in the pot. */
export interface Pot {
  /** Everything that has ever gone in. */
  readonly entries: readonly PotEntry[];
  /** What is in solution, with the fat and pulp that juice and milk bring. */
  readonly liquid: Composition;
  /** {@link liquid}, and what is suspended in it: powder, blended and swollen plants. */
  readonly body: Composition;
  /** What whoever empties the pot drinks: its body, and the crystals at the bottom. */
  readonly drunk: Composition;
  /** Crystals that do not dissolve. */
  readonly sediment: readonly Sediment[];
  /** Plants that lie in it and stay behind, as they weigh now. */
  readonly solids: readonly Sediment[];
  /** All of them together, g. */
  readonly pieces_g: number;
  /** Of the liquid, what dried plants have taken up as they swelled, g. */
  readonly soaked_g: number;
  /** Plants that pour with it, as they weigh now. */
  readonly suspended: readonly Sediment[];
  /** True while nothing that pours has been added. */
  readonly dry: boolean;
  readonly mass_g: number;
  /** Grams of each ingredient whose strength is in the liquid. */
  readonly origins: ReadonlyMap<Ingredient, number>;
}

/** A stretch of time in which a pot stood as it was. */
export interface Standing {
  readonly minutes: number;
  readonly pot: Pot;
}

/** A composition with crystals in it. */
export function withSediment(body: Composition, sediment: readonly Sediment[]): Composition {
  if (sediment.length === 0) return body;
  const drunk = { ...body };
  for (const { ingredient, mass_g } of sediment)
    if (ingredient.composition) addScaled(drunk, ingredient.composition, mass_g);
  return drunk;
}

/** Volume of the pot at 20 °C, mL; null while it is dry. Pieces displace liquid but are not counted. */
export function potVolume(pot: Pot): number | null {
  return pot.dry ? null : volumeOf(pot.body);
}

/** Mass that the pot accounts for in its parts; equal to `mass_g` to rounding. */
export function accountedMass(pot: Pot): number {
  return massOf(pot.body) + pot.sediment.reduce((sum, { mass_g }) => sum + mass_g, 0) + pot.pieces_g;
}
