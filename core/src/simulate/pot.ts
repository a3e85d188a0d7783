import type { Ingredient } from '../catalogue';
import { VOLUME_VECTOR_LENGTH, gramsToVolume, massOf, volumeOf, volumeVector, type Composition } from '../liquid';
import { AS_WRITTEN, columnOf, type Chance, type Column } from './chance';
import { addParts, contentCv, partsOf } from './ingredient-parts';
import { Mixture } from './mixture';
import { withSediment, type Pot, type PotEntry, type Sediment } from './pot-picture';
import { addRemains, soakedBy, solidMass, type Solid } from './solid';

/** Solids with the liquid that clings to them, out of the pot. */
export interface Cake {
  readonly solids: readonly Solid[];
  readonly held: Mixture;
}

/** Where everything that went in has gone besides the pot: the other side of the balance. */
export interface Ledger {
  readonly steam_g: Column;
  readonly spirit_g: Column;
  readonly vitaminC_mmol: Column;
  readonly drawn: Mixture;
  readonly discarded: Cake[];
  readonly skimmed: Mixture;
}

/** Syrups bring their own water; only crystals can be more than the water holds. */
const wets = (ingredient: Ingredient): boolean =>
  ingredient.state === 'liquid' || ingredient.bulkDensities.some((row) => row.texture === 'syrup');

/** Warm water holds more sugar: about 1 % more a degree above 20 °C. Source: sucrose solubility tables. */
const WARMER_HOLDS_per_K = 0.012;

/** Less than this is rounding, g. */
const LEAST_MOVE_g = 1e-15;
/** Most times the crystals are looked at after an addition; each round moves far less than the one before. */
const SETTLING_ROUNDS = 16;

const zeros = (samples: number): Column => new Float64Array(samples);

/** The pot while steps are run, in every sample of {@link Chance} at once. */
export class WorkingPot {
  readonly samples: number;
  readonly liquid: Mixture;
  readonly entries: PotEntry[] = [];
  solids: Solid[] = [];
  /** The last solids strained off, which can still be pressed or rinsed. */
  cake: Cake | undefined;
  readonly sediment = new Map<Ingredient, Column>();
  dry = true;
  /** Grams of the last ingredient that went in. */
  lastAdded: Column | undefined;
  readonly temperature_C: Column;
  /** Crystals added since the last settling, or lying at the bottom; only they can fall out. */
  private readonly canFall = new Set<Ingredient>();
  /** Minutes spent where alcohol leaves. */
  hotMinutes = 0;
  readonly ledger: Ledger;

  constructor(
    readonly chance: Chance = AS_WRITTEN,
    temperature_C = 20,
    /** Shared with the pot that a pass of rinsing belongs to. */
    ledger?: Ledger,
  ) {
    const { samples } = chance;
    this.samples = samples;
    this.liquid = new Mixture(samples);
    this.temperature_C = zeros(samples).fill(temperature_C);
    this.ledger = ledger ?? {
      steam_g: zeros(samples),
      spirit_g: zeros(samples),
      vitaminC_mmol: zeros(samples),
      drawn: new Mixture(samples),
      discarded: [],
      skimmed: new Mixture(samples),
    };
  }

  /** Puts something that pours or dissolves into the pot. */
  addDissolving(ingredient: Ingredient, grams: Column): void {
    if (wets(ingredient)) this.dry = false;
    this.pourIn(ingredient, grams);
    this.liquid.credit(ingredient, grams);
    this.canFall.add(ingredient);
    this.settle();
  }

  /** Puts a preparation in: its composition, and credit for what it was made of. */
  addPrepared(ingredient: Ingredient, grams: Column, origins: ReadonlyMap<Ingredient, number>): void {
    this.dry = false;
    this.pourIn(ingredient, grams);
    for (const [origin, perGram] of origins)
      this.liquid.credit(
        origin,
        grams.map((mass) => mass * perGram),
      );
    this.settle();
  }

  private pourIn(ingredient: Ingredient, grams: Column): void {
    addParts(this.liquid, partsOf(ingredient), grams.slice(), this.contentOf(ingredient));
  }

  contentOf(ingredient: Ingredient): Column {
    const cv = contentCv(ingredient);
    return this.chance.shared(cv === 0 ? 'steady' : `content:${ingredient.id}`, cv);
  }

  /** Dissolves what the water holds, and lets the rest of it lie at the bottom. */
  settle(): void {
    if (this.dry) return;
    // What lay at the bottom may fall again: it dissolves for a moment in water that other crystals bring and take.
    for (const ingredient of this.sediment.keys()) this.canFall.add(ingredient);
    // What falls out takes its crystal water along, so that the others are looked at again.
    for (let round = 0; round < SETTLING_ROUNDS && this.settleOnce(); round += 1);
    this.canFall.clear();
  }

  /** @returns whether anything moved */
  private settleOnce(): boolean {
    const water = this.liquid.column('water_g');
    let moved = false;
    for (const [ingredient, dissolved] of this.liquid.origins) {
      const limit = ingredient.solubility_g_100g;
      if (limit === undefined || wets(ingredient)) continue;
      const lying = this.sediment.get(ingredient);
      // What has once dissolved stays dissolved while the pot is reduced: syrups are often oversaturated.
      if (!lying && !this.canFall.has(ingredient)) continue;
      const crystalWater = ingredient.composition?.water_g ?? 0;
      const moves = columnOf(this.samples, (sample) => {
        const warmth = 1 + WARMER_HOLDS_per_K * Math.max(0, this.temperature_C[sample]! - 20);
        const grams = dissolved[sample]!;
        const held = Math.max(0, (limit * warmth * water[sample]!) / 100);
        // Crystals cannot take more water along than there is.
        const mostFalls = Math.min(grams, crystalWater > 0 ? Math.max(0, water[sample]!) / crystalWater : grams);
        return Math.max(-mostFalls, Math.min(grams + (lying?.[sample] ?? 0), held) - grams);
      });
      if (moves.every((grams) => Math.abs(grams) < LEAST_MOVE_g)) continue;
      moved = true;
      this.pourIn(ingredient, moves);
      this.liquid.credit(ingredient, moves);
      const rest = moves.map((grams, sample) => (lying?.[sample] ?? 0) - grams);
      if (rest.some((grams) => grams > 1e-12)) this.sediment.set(ingredient, rest);
      else {
        this.pourIn(ingredient, rest);
        this.liquid.credit(ingredient, rest);
        this.sediment.delete(ingredient);
      }
    }
    return moved;
  }

  /** Grams of an ingredient that fill each sample to a mark; 0 or less where it is over the mark already. */
  gramsToFill(ingredient: Ingredient, marks_mL: Column): Column {
    if (!ingredient.composition) return zeros(this.samples);
    const perGram = volumeVector(ingredient.composition);
    const present = new Float64Array(VOLUME_VECTOR_LENGTH);
    const body = this.body();
    return marks_mL.map((mark, sample) => {
      body.volumeVector(sample, present);
      return gramsToVolume(present, perGram, mark);
    });
  }

  /** The liquid with what is suspended in it. */
  body(): Mixture {
    const suspended = this.solids.filter((solid) => solid.suspended);
    if (suspended.length === 0) return this.liquid;
    const body = new Mixture(this.samples);
    body.pour(this.liquid);
    for (const solid of suspended) addRemains(body, solid);
    return body;
  }

  /** The body with the crystals at the bottom. */
  drunk(body: Mixture): Mixture {
    if (this.sediment.size === 0) return body;
    const drunk = new Mixture(this.samples);
    drunk.pour(body);
    for (const [ingredient, grams] of this.sediment) {
      addParts(drunk, partsOf(ingredient), grams.slice(), this.contentOf(ingredient));
    }
    return drunk;
  }

  /** Pours a share of the body off. */
  pourOff(share: Column): Mixture {
    const taken = this.liquid.take(share);
    for (const solid of this.solids) {
      if (!solid.suspended) continue;
      addRemains(taken, solid, share);
      solid.grams = solid.grams.map((grams, sample) => grams * (1 - share[sample]!));
    }
    return taken;
  }

  /** Leaves a share of the body in the pot and nothing else, as in a bottle that was drawn off. */
  keepOnly(share: Column): void {
    this.ledger.drawn.pour(this.pourOff(share.map((kept) => 1 - kept)));
    for (const [ingredient, grams] of this.sediment)
      addParts(this.ledger.drawn, partsOf(ingredient), grams.slice(), this.contentOf(ingredient));
    this.sediment.clear();
    const left = this.solids.filter((solid) => !solid.suspended);
    this.solids = this.solids.filter((solid) => solid.suspended);
    if (left.length > 0) this.ledger.discarded.push({ solids: left, held: new Mixture(this.samples) });
  }

  /** What dried plants have taken up of the liquid, g in sample 0: no more than there is. */
  private soaked(liquid: Composition): number {
    if (this.dry || this.solids.length === 0) return 0;
    const all_mL = volumeOf(liquid);
    const soaked_mL = this.solids.reduce((sum, solid) => sum + soakedBy(solid), 0);
    return soaked_mL > 0 ? (Math.min(soaked_mL, all_mL) / all_mL) * massOf(liquid) : 0;
  }

  /** The pot as it stands in sample 0. */
  snapshot(): Pot {
    const liquid = this.liquid.composition(0);
    const whole = this.body();
    const body = whole === this.liquid ? liquid : whole.composition(0);
    const sediment = [...this.sediment].map(([ingredient, grams]) => ({ ingredient, mass_g: grams[0]! }));
    const weighed = (suspended: boolean): readonly Sediment[] =>
      this.solids
        .filter((solid) => solid.suspended === suspended)
        .map((solid) => ({ ingredient: solid.ingredient, mass_g: solidMass(solid)[0]! }));
    const solids = weighed(false);
    const pieces_g = solids.reduce((sum, { mass_g }) => sum + mass_g, 0);
    return {
      entries: this.entries.slice(),
      liquid,
      body,
      drunk: withSediment(body, sediment),
      suspended: weighed(true),
      sediment: sediment.filter(({ mass_g }) => mass_g > 1e-12),
      solids,
      pieces_g,
      soaked_g: this.soaked(liquid),
      dry: this.dry,
      mass_g: massOf(body) + pieces_g + sediment.reduce((sum, { mass_g }) => sum + mass_g, 0),
      origins: new Map([...this.liquid.origins].map(([ingredient, grams]) => [ingredient, grams[0]!])),
    };
  }
}
