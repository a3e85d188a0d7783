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

/** Totals of a portion of matter, in every sample at once. */
export class Mixture {
  /** Property by property, sample by sample. */
  private readonly totals: Float64Array;
  /** Grams of each ingredient whose strength is in it, dissolved or steeped. */
  readonly origins = new Map<Ingredient, Column>();

  constructor(readonly samples: number) {
    this.totals = new Float64Array(EXTENSIVE_PROPERTIES.length * samples);
  }

  /** The column of a property; changing it changes the mixture. */
  column(property: ExtensiveProperty): Column {
    const start = PROPERTY_INDEX[property] * this.samples;
    return this.totals.subarray(start, start + this.samples);
  }

  /** Adds grams of something that carries `part` a gram. */
  add(part: PerGram, grams: Column): void {
    const { samples, totals } = this;
    for (let each = 0; each < part.properties.length; each += 1) {
      const start = part.properties[each]! * samples;
      const amount = part.amounts[each]!;
      for (let sample = 0; sample < samples; sample += 1) totals[start + sample]! += grams[sample]! * amount;
    }
  }

  /** Notes that the strength of so many grams of an ingredient is in it. */
  credit(ingredient: Ingredient, grams: Column): void {
    const known = this.origins.get(ingredient);
    if (!known) this.origins.set(ingredient, grams.slice());
    else for (let sample = 0; sample < this.samples; sample += 1) known[sample]! += grams[sample]!;
  }

  pour(other: Mixture): void {
    for (let index = 0; index < this.totals.length; index += 1) this.totals[index]! += other.totals[index]!;
    for (const [ingredient, grams] of other.origins) this.credit(ingredient, grams);
  }

  /** Takes a share of everything out, and returns it. */
  take(share: Column): Mixture {
    const taken = new Mixture(this.samples);
    const { samples, totals } = this;
    for (let index = 0; index < totals.length; index += 1) {
      const part = totals[index]! * share[index % samples]!;
      taken.totals[index] = part;
      totals[index]! -= part;
    }
    for (const [ingredient, grams] of this.origins) {
      const part = columnOf(samples, (sample) => grams[sample]! * share[sample]!);
      for (let sample = 0; sample < samples; sample += 1) grams[sample]! -= part[sample]!;
      taken.origins.set(ingredient, part);
    }
    return taken;
  }

  /** What one sample holds. */
  composition(sample = 0): Composition {
    const c = emptyComposition();
    for (let index = 0; index < EXTENSIVE_PROPERTIES.length; index += 1)
      c[EXTENSIVE_PROPERTIES[index]!] = this.totals[index * this.samples + sample]!;
    return c;
  }

  /** One amount in one sample, without the others. */
  amount(property: ExtensiveProperty, sample = 0): number {
    return this.totals[PROPERTY_INDEX[property] * this.samples + sample]!;
  }

  /** °Brix of a sample; 0 for nothing. */
  brix(sample = 0): number {
    const solids = this.amount('solubleSolids_g', sample);
    const solution = solids + this.amount('water_g', sample);
    return solution > 0 ? (100 * solids) / solution : 0;
  }

  /** {@link masses} of one sample, g. */
  mass(sample = 0): number {
    return (
      this.amount('water_g', sample) +
      this.amount('solubleSolids_g', sample) +
      this.amount('insoluble_g', sample) +
      this.amount('ethanol_g', sample)
    );
  }

  /** {@link volumes} of one sample, mL. */
  volume(sample = 0): number {
    const vector = new Float64Array(VOLUME_VECTOR_LENGTH);
    this.volumeVector(sample, vector);
    return mixedVolume(vector, NOTHING, 0);
  }

  /** Water, dissolved and undissolved solids and spirit, g. */
  masses(): Column {
    const water = this.column('water_g');
    const solids = this.column('solubleSolids_g');
    const rest = this.column('insoluble_g');
    const spirit = this.column('ethanol_g');
    return columnOf(this.samples, (sample) => water[sample]! + solids[sample]! + rest[sample]! + spirit[sample]!);
  }

  /** The totals that decide the volume of a sample, written into `vector`. */
  volumeVector(sample: number, vector: Float64Array): void {
    const { totals, samples } = this;
    const insoluble_g = totals[PROPERTY_INDEX.insoluble_g * samples + sample]!;
    const fat_g = Math.min(totals[PROPERTY_INDEX.fat_g * samples + sample]!, insoluble_g);
    vector[0] = totals[PROPERTY_INDEX.water_g * samples + sample]!;
    vector[1] = totals[PROPERTY_INDEX.solubleSolids_g * samples + sample]!;
    vector[2] = totals[PROPERTY_INDEX.salts_g * samples + sample]!;
    vector[3] = totals[PROPERTY_INDEX.saltsVolume_mL * samples + sample]!;
    vector[4] = insoluble_g - fat_g;
    vector[5] = totals[PROPERTY_INDEX.ethanol_g * samples + sample]!;
    vector[6] = fat_g;
  }

  /** Volumes at 20 °C, mL. */
  volumes(): Column {
    const volumes = new Float64Array(this.samples);
    const vector = new Float64Array(VOLUME_VECTOR_LENGTH);
    for (let sample = 0; sample < this.samples; sample += 1) {
      this.volumeVector(sample, vector);
      volumes[sample] = mixedVolume(vector, NOTHING, 0);
    }
    return volumes;
  }
}
