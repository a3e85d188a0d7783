import type { Ingredient } from '../catalogue/ingredient';
import { addScaled, emptyComposition, massOf, type Composition } from '../liquid/composition';
import { gramsToVolume, volumeOf, volumeVector } from '../liquid/volume';

/** Grams of an ingredient that have gone into the pot. */
export interface PotEntry {
  readonly ingredient: Ingredient;
  readonly mass_g: number;
  /** Step that put it there, counted from 0. */
  readonly step: number;
}

/** A soluble ingredient of which more is in the pot than the water holds. */
export interface Sediment {
  readonly ingredient: Ingredient;
  readonly mass_g: number;
}

/** What is in the pot. */
export interface Pot {
  readonly entries: readonly PotEntry[];
  /** What is in solution or pours with it. */
  readonly liquid: Composition;
  /** Crystals that do not dissolve. */
  readonly sediment: readonly Sediment[];
  /** Pieces that stay whole, g. */
  readonly pieces_g: number;
  /** True while nothing that pours has been added. */
  readonly dry: boolean;
  readonly mass_g: number;
}

const wets = (ingredient: Ingredient): boolean =>
  ingredient.state === 'liquid' || ingredient.bulkDensities.some((row) => row.texture === 'syrup');

/** Syrups bring their own water; only crystals can be more than the water holds. */
const limitOf = (ingredient: Ingredient, water_g: number): number =>
  wets(ingredient) || ingredient.solubility_g_100g === undefined
    ? Infinity
    : (ingredient.solubility_g_100g * water_g) / 100;

/** Fills a pot entry by entry, so that a trace of n steps costs n additions. */
export class PotFiller {
  private readonly entries: PotEntry[] = [];
  /** What pours, summed; and what dissolves, summed by ingredient, since each has a limit of its own. */
  private readonly poured = emptyComposition();
  private readonly soluble = new Map<Ingredient, number>();
  private solubleWater_g = 0;
  private pieces_g = 0;
  private mass_g = 0;
  private dry = true;

  add(entry: PotEntry): void {
    const { ingredient, mass_g } = entry;
    const { composition } = ingredient;
    this.entries.push(entry);
    this.mass_g += mass_g;
    if (wets(ingredient)) this.dry = false;
    if (ingredient.state === 'solid' || !composition) this.pieces_g += mass_g;
    else if (ingredient.state === 'liquid') addScaled(this.poured, composition, mass_g);
    else {
      this.soluble.set(ingredient, (this.soluble.get(ingredient) ?? 0) + mass_g);
      this.solubleWater_g += composition.water_g * mass_g;
    }
  }

  /** The pot as it is now, stirred. */
  pot(): Pot {
    const liquid = { ...this.poured };
    const water_g = this.poured.water_g + this.solubleWater_g;
    const sediment: Sediment[] = [];
    for (const [ingredient, mass_g] of this.soluble) {
      const dissolved = this.dry ? mass_g : Math.min(mass_g, limitOf(ingredient, water_g));
      addScaled(liquid, ingredient.composition as Composition, dissolved);
      if (dissolved < mass_g) sediment.push({ ingredient, mass_g: mass_g - dissolved });
    }
    const { pieces_g, mass_g, dry } = this;
    return { entries: this.entries.slice(), liquid, sediment, pieces_g, dry, mass_g };
  }
}

/**
 * The pot after its entries have been stirred: soluble things dissolve as far as the water holds
 * them at 20 °C, pieces stay whole.
 *
 * @param entries everything added so far, g each
 */
export function potOf(entries: readonly PotEntry[]): Pot {
  const filler = new PotFiller();
  for (const entry of entries) filler.add(entry);
  return filler.pot();
}

/** Volume of the pot at 20 °C, mL; null while it is dry. Pieces displace liquid but are not counted. */
export function potVolume(pot: Pot): number | null {
  return pot.dry ? null : volumeOf(pot.liquid);
}

/** Grams of `ingredient` that fill the pot to a mark; 0 or less when it is over the mark already. */
export function gramsToFill(pot: Pot, ingredient: Ingredient, volume_mL: number): number {
  if (!ingredient.composition) return 0;
  // A dry pot has no volume of liquid yet, but what is in it will take up room once it dissolves.
  return gramsToVolume(volumeVector(pot.liquid), volumeVector(ingredient.composition), volume_mL);
}

/** Mass that the pot accounts for in its parts; equal to `mass_g` to rounding. */
export function accountedMass(pot: Pot): number {
  return massOf(pot.liquid) + pot.sediment.reduce((sum, { mass_g }) => sum + mass_g, 0) + pot.pieces_g;
}
