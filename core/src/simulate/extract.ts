import { ETHANOL_DENSITY_g_mL } from '../liquid';
import {
  FRESH_ACCESS,
  OPENS_AT_C,
  OPEN_AT_ONCE,
  RATE_CV,
  drawnRate,
  extractionRate,
  modeAt,
  openingRate,
  skinOf,
  type ExtractionForm,
  type Liquor,
  type Medium,
} from '../process';
import { columnOf, isEven, type Column } from './chance';
import { waterOf, type GivingMode } from './ingredient-parts';
import type { WorkingPot } from './pot';
import { dryTo, giveTo, isFresh, isThin, type Solid } from './solid';

/** Sour or thick enough that plants give slowly, as in vinegar and honey. */
const SOUR_ACETIC_PCT = 2;
const THICK_BRIX = 25;
const ACETIC_g_mol = 60.05;
/** Honey and vinegar thin out when they are warm; above this the rates in water hold, °C. */
const MACERATION_BELOW_C = 45;

function mediumOf({ brix, acetic_pct }: Liquor, temperature_C: number): Medium {
  if (temperature_C > MACERATION_BELOW_C) return 'water';
  if (brix >= THICK_BRIX) return 'oxymel';
  return acetic_pct >= SOUR_ACETIC_PCT ? 'vinegar' : 'water';
}

/** Rate of a form in every sample, 1/min. */
function rates(form: ExtractionForm, temperature_C: Column, medium: Medium): (sample: number) => number {
  if (isEven(temperature_C)) {
    const rate = extractionRate(form, temperature_C[0]!, medium);
    return () => rate;
  }
  return (sample) => extractionRate(form, temperature_C[sample]!, medium);
}

const HEAT_ORDER: readonly GivingMode[] = ['raw', 'cold_night', 'hot_steep', 'decoction', 'juice'];
const further = (a: GivingMode, b: GivingMode): GivingMode => (HEAT_ORDER.indexOf(a) >= HEAT_ORDER.indexOf(b) ? a : b);

/** What passes in a stretch of time, and in what. */
interface Passing {
  readonly minutes: Column;
  readonly temperature_C: Column;
  readonly medium: Medium;
  readonly liquor: Liquor;
  /** More of the same stretch follows. */
  readonly goesOn: boolean;
}

/** How far extraction goes on, at the rate of the form. */
function progressIn(pot: WorkingPot, solid: Solid, { minutes, temperature_C, medium }: Passing): void {
  const rate = rates(solid.form, temperature_C, medium);
  const spread = pot.chance.shared(`rate:${solid.ingredient.id}`, RATE_CV);
  if (temperature_C[0]! >= OPENS_AT_C) solid.opened = true;
  const { progress } = solid;
  for (let sample = 0; sample < progress.length; sample += 1)
    progress[sample] = 1 - (1 - progress[sample]!) * Math.exp(-rate(sample) * spread[sample]! * minutes[sample]!);
}

const skinIn = (solid: Solid) => skinOf(solid.cutting, isThin(solid.ingredient));

/** Membranes give way to heat, sugar, acid and spirit. */
function breakIn(pot: WorkingPot, solid: Solid, { minutes, temperature_C, liquor }: Passing): void {
  const even = isEven(temperature_C) ? openingRate(skinIn(solid), temperature_C[0]!, liquor) : undefined;
  if (even === 0) return;
  const spread = pot.chance.shared(`rate:${solid.ingredient.id}`, RATE_CV);
  const { broken } = solid;
  for (let sample = 0; sample < broken.length; sample += 1) {
    const rate = even ?? openingRate(skinIn(solid), temperature_C[sample]!, liquor);
    broken[sample] = 1 - (1 - broken[sample]!) * Math.exp(-rate * spread[sample]! * minutes[sample]!);
  }
}

/** Open sap joins the liquor, with all that is dissolved in it. */
function giveSap(pot: WorkingPot, solid: Solid): void {
  const access = solid.opened ? FRESH_ACCESS.opened : FRESH_ACCESS.raw;
  const { given, broken, progress } = solid;
  const share = columnOf(pot.samples, (sample) =>
    Math.max(given[sample]!, broken[sample]!, pot.dry ? 0 : access * progress[sample]!),
  );
  giveTo(pot.liquid, solid, 'raw', share);
  dryTo(pot.liquid, solid, share);
}

/** While time goes on, what has come out is put into the liquor once it is this share of all that a plant can give. */
const WORTH_GIVING = 0.03;

function giveExtract(pot: WorkingPot, solid: Solid, temperature_C: number, goesOn: boolean): void {
  const { given, progress } = solid;
  const mode = further(solid.mode, modeAt(temperature_C));
  const waits = goesOn && mode === solid.mode && progress[0]! - given[0]! < WORTH_GIVING;
  if (!waits) {
    const share = new Float64Array(pot.samples);
    for (let sample = 0; sample < share.length; sample += 1)
      share[sample] = Math.max(given[sample]!, progress[sample]!);
    giveTo(pot.liquid, solid, mode, share);
  }
  // Its own water is out as soon as it is wet.
  if (solid.dryness[0]! < 1) dryTo(pot.liquid, solid, new Float64Array(pot.samples).fill(1));
}

/** Sap that has come out of plants wets a dry pot once it is this share of what lies in it. */
const WETS_FROM_SHARE = 0.05;

/** Whether the sap of broken fruit wets a pot in which nothing pours yet. */
function isWetted(pot: WorkingPot): boolean {
  let sap_g = 0;
  let all_g = pot.liquid.mass();
  for (const solid of pot.solids) {
    const grams = solid.grams[0]!;
    all_g += grams;
    if (isFresh(solid)) sap_g += grams * waterOf(solid.ingredient) * solid.broken[0]!;
  }
  return sap_g > WETS_FROM_SHARE * all_g;
}

/** Dry sugar draws as its saturated syrup does, °Brix. */
const SATURATED_BRIX = 67;

/** What draws on the plants in the pot, in sample 0. */
function liquorOf({ liquid, dry }: WorkingPot): Liquor {
  const mass_g = liquid.mass();
  if (dry) return { brix: Math.min(liquid.brix(), SATURATED_BRIX), acetic_pct: 0, ethanol_pct: 0 };
  const acetic_g = (liquid.amount('acetic_mmol') * ACETIC_g_mol) / 1000;
  const ethanol_g = liquid.amount('ethanol_g');
  return {
    brix: liquid.brix(),
    acetic_pct: mass_g > 0 ? (100 * acetic_g) / mass_g : 0,
    ethanol_pct: ethanol_g > 0 ? (100 * ethanol_g) / ETHANOL_DENSITY_g_mL / liquid.volume() : 0,
  };
}

/** Most parts that a stretch of time is cut into, so that the liquor thins as the plants give. */
const MOST_PARTS = 16;
/** Parts that a rate times its minutes asks for. */
const PARTS_PER_CHANGE = 4;

/** Parts of a stretch: many where a strong liquor draws sap that makes it weaker, else one. */
function partsOfTime(pot: WorkingPot, minutes: number, temperature_C: number, liquor: Liquor): number {
  let fastest = 0;
  for (const solid of pot.solids)
    if (isFresh(solid) && solid.broken[0]! < OPEN_AT_ONCE.blended)
      fastest = Math.max(fastest, drawnRate(skinIn(solid), temperature_C, liquor));
  return Math.min(MOST_PARTS, Math.max(1, Math.ceil(PARTS_PER_CHANGE * fastest * minutes)));
}

function extract(pot: WorkingPot, passing: Passing): void {
  const { temperature_C, goesOn } = passing;
  const fresh = pot.solids.filter((solid) => isFresh(solid) && solid.ingredient.composition);
  for (const solid of fresh) breakIn(pot, solid, passing);
  if (pot.dry) {
    if (!isWetted(pot)) return;
    for (const solid of fresh) giveSap(pot, solid);
    pot.dry = false;
    pot.settle();
  }
  for (const solid of pot.solids) {
    if (!solid.ingredient.composition) continue;
    progressIn(pot, solid, passing);
    if (solid.mode === 'juice') continue;
    if (isFresh(solid)) giveSap(pot, solid);
    else giveExtract(pot, solid, temperature_C[0]!, goesOn);
  }
  if (fresh.length > 0 && pot.sediment.size > 0) pot.settle();
}

/**
 * Plants give for some time, in parts that are longer and longer.
 *
 * @param pot changed in place; a dry one stays dry until fruit has given enough sap to wet it
 * @param minutes in each sample
 * @param temperature_C in each sample
 * @param goesOn more time follows at once: a little that has come out may wait for it
 */
export function extractFor(pot: WorkingPot, minutes: Column, temperature_C: Column, goesOn: boolean): void {
  if (pot.solids.length === 0 || (pot.dry && !pot.solids.some(isFresh))) return;
  const parts = partsOfTime(pot, minutes[0]!, temperature_C[0]!, liquorOf(pot));
  for (let part = 0; part < parts; part += 1) {
    const share = (2 * part + 1) / parts ** 2;
    const liquor = liquorOf(pot);
    extract(pot, {
      minutes: parts === 1 ? minutes : minutes.map((each) => each * share),
      temperature_C,
      liquor,
      medium: mediumOf(liquor, temperature_C[0]!),
      goesOn: goesOn || part + 1 < parts,
    });
  }
}
