import type { Ingredient } from '../catalogue';
import {
  EXTENSIVE_PROPERTIES,
  emptyComposition,
  type Composition,
  type ExtensiveProperty,
  VOLUME_VECTOR_LENGTH,
  mixedVolume,
} from '../liquid';
import { columnOf, type Column } from './chance';

const PROPERTY_INDEX = Object.fromEntries(EXTENSIVE_PROPERTIES.map((name, index) => [name, index])) as Readonly<
  Record<ExtensiveProperty, number>
>;

/** Amounts that a gram carries, without the ones it has none of. */
export interface PerGram {
  readonly properties: readonly number[];
  readonly amounts: readonly number[];
}

/** The amounts of a composition that are not zero. */
export function perGramOf(c: Composition): PerGram {
  const properties: number[] = [];
  const amounts: number[] = [];
  EXTENSIVE_PROPERTIES.forEach((name, index) => {
    if (c[name] === 0) return;
    properties.push(index);
    amounts.push(c[name]);
  });
  return { properties, amounts };
}

const NOTHING = new Float64Array(VOLUME_VECTOR_LENGTH);

/** Totals of a portion of matter, in every lane at once. */
export class Mixture {
  /** Property by property, lane by lane. */
  private readonly totals: Float64Array;
  /** Grams of each ingredient whose strength is in it, dissolved or steeped. */
  readonly origins = new Map<Ingredient, Column>();

  constructor(readonly lanes: number) {
    this.totals = new Float64Array(EXTENSIVE_PROPERTIES.length * lanes);
  }

  /** The column of a property; changing it changes the mixture. */
  column(property: ExtensiveProperty): Column {
    const start = PROPERTY_INDEX[property] * this.lanes;
    return this.totals.subarray(start, start + this.lanes);
  }

  /** Adds grams of something that carries `part` a gram. */
  add(part: PerGram, grams: Column): void {
    const { lanes, totals } = this;
    for (let each = 0; each < part.properties.length; each += 1) {
      const start = part.properties[each]! * lanes;
      const amount = part.amounts[each]!;
      for (let lane = 0; lane < lanes; lane += 1) totals[start + lane]! += grams[lane]! * amount;
    }
  }

  /** Notes that the strength of so many grams of an ingredient is in it. */
  credit(ingredient: Ingredient, grams: Column): void {
    const known = this.origins.get(ingredient);
    if (!known) this.origins.set(ingredient, grams.slice());
    else for (let lane = 0; lane < this.lanes; lane += 1) known[lane]! += grams[lane]!;
  }

  pour(other: Mixture): void {
    for (let index = 0; index < this.totals.length; index += 1) this.totals[index]! += other.totals[index]!;
    for (const [ingredient, grams] of other.origins) this.credit(ingredient, grams);
  }

  /** Takes a share of everything out, and returns it. */
  take(share: Column): Mixture {
    const taken = new Mixture(this.lanes);
    const { lanes, totals } = this;
    for (let index = 0; index < totals.length; index += 1) {
      const part = totals[index]! * share[index % lanes]!;
      taken.totals[index] = part;
      totals[index]! -= part;
    }
    for (const [ingredient, grams] of this.origins) {
      const part = columnOf(lanes, (lane) => grams[lane]! * share[lane]!);
      for (let lane = 0; lane < lanes; lane += 1) grams[lane]! -= part[lane]!;
      taken.origins.set(ingredient, part);
    }
    return taken;
  }

  /** What one lane holds. */
  composition(lane = 0): Composition {
    const c = emptyComposition();
    for (let index = 0; index < EXTENSIVE_PROPERTIES.length; index += 1)
      c[EXTENSIVE_PROPERTIES[index]!] = this.totals[index * this.lanes + lane]!;
    return c;
  }

  /** One amount in one lane, without the others. */
  amount(property: ExtensiveProperty, lane = 0): number {
    return this.totals[PROPERTY_INDEX[property] * this.lanes + lane]!;
  }

  /** °Brix of a lane; 0 for nothing. */
  brix(lane = 0): number {
    const solids = this.amount('solubleSolids_g', lane);
    const solution = solids + this.amount('water_g', lane);
    return solution > 0 ? (100 * solids) / solution : 0;
  }

  /** Water, dissolved and undissolved solids and spirit, g. */
  masses(): Column {
    const water = this.column('water_g');
    const solids = this.column('solubleSolids_g');
    const rest = this.column('insoluble_g');
    const spirit = this.column('ethanol_g');
    return columnOf(this.lanes, (lane) => water[lane]! + solids[lane]! + rest[lane]! + spirit[lane]!);
  }

  /** The totals that decide the volume of a lane, written into `vector`. */
  volumeVector(lane: number, vector: Float64Array): void {
    const { totals, lanes } = this;
    const at = (name: ExtensiveProperty): number => totals[PROPERTY_INDEX[name] * lanes + lane]!;
    const insoluble_g = at('insoluble_g');
    const fat_g = Math.min(at('fat_g'), insoluble_g);
    vector[0] = at('water_g');
    vector[1] = at('solubleSolids_g');
    vector[2] = at('salts_g');
    vector[3] = at('saltsVolume_mL');
    vector[4] = insoluble_g - fat_g;
    vector[5] = at('ethanol_g');
    vector[6] = fat_g;
  }

  /** Volumes at 20 °C, mL. */
  volumes(): Column {
    const volumes = new Float64Array(this.lanes);
    const vector = new Float64Array(VOLUME_VECTOR_LENGTH);
    for (let lane = 0; lane < this.lanes; lane += 1) {
      this.volumeVector(lane, vector);
      volumes[lane] = mixedVolume(vector, NOTHING, 0);
    }
    return volumes;
  }
}
