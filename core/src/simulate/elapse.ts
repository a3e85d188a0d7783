import {
  ALCOHOL_LEAVES_AT_C,
  alcoholLeft,
  vitaminCLossRate,
  FRESH_ACCESS,
  OPENS_AT_C,
  RATE_CV,
  extractionRate,
  modeAt,
  type ExtractionForm,
  type Medium,
} from '../process';
import { waterOf, type GivingMode } from './ingredient-parts';
import { columnOf, type Column } from './chance';
import type { WorkingPot } from './pot';
import { dryTo, giveTo, isFresh, type Solid } from './solid';

/** Sour or thick enough that plants give slowly, as in vinegar and honey. */
const SOUR_ACETIC_PCT = 2;
const THICK_BRIX = 25;
const ACETIC_g_mol = 60.05;
/** Fruit cooks from here, °C. */
const COOKS_AT_C = 85;
/** Honey and vinegar thin out when they are warm; above this the rates in water hold, °C. */
const MACERATION_BELOW_C = 45;

function mediumOf({ liquid, temperature_C }: WorkingPot): Medium {
  if (temperature_C[0]! > MACERATION_BELOW_C) return 'water';
  if (liquid.brix() >= THICK_BRIX) return 'oxymel';
  const acetic_g = (liquid.amount('acetic_mmol') * ACETIC_g_mol) / 1000;
  return acetic_g > 0 && (100 * acetic_g) / liquid.masses()[0]! >= SOUR_ACETIC_PCT ? 'vinegar' : 'water';
}

function isEven(column: Column): boolean {
  for (let sample = 1; sample < column.length; sample += 1) if (column[sample] !== column[0]) return false;
  return true;
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

/** Share of a fresh plant's juice that ends up in the water around it. */
function reach(pot: WorkingPot, solid: Solid): (sample: number) => number {
  const access = solid.opened ? FRESH_ACCESS.opened : FRESH_ACCESS.raw;
  const water = pot.liquid.column('water_g');
  const own_g = waterOf(solid.ingredient);
  return (sample) => {
    const around = water[sample]!;
    return around > 0 ? (access * around) / (around + solid.grams[sample]! * own_g) : 0;
  };
}

/** Share of a plant's own water that joins the liquid: all of a dried one's, and what cooked fruit lets go of as it falls apart. */
function ownWaterOut(solid: Solid, fresh: boolean, temperature_C: number): number {
  if (!fresh) return 1;
  return solid.ingredient.part === 'fruit' && temperature_C >= COOKS_AT_C ? FRESH_ACCESS.opened : 0;
}

function extractFrom(pot: WorkingPot, solid: Solid, minutes: Column, temperature_C: Column, medium: Medium): void {
  const rate = rates(solid.form, temperature_C, medium);
  const spread = pot.chance.shared(`rate:${solid.ingredient.id}`, RATE_CV);
  const fresh = isFresh(solid);
  const mode_C = temperature_C[0]!;
  if (mode_C >= OPENS_AT_C) solid.opened = true;
  const { progress } = solid;
  for (let sample = 0; sample < progress.length; sample += 1)
    progress[sample] = 1 - (1 - progress[sample]!) * Math.exp(-rate(sample) * spread[sample]! * minutes[sample]!);
  if (solid.mode === 'juice') return;
  const mode = further(solid.mode, fresh ? 'raw' : modeAt(mode_C));
  const most = fresh ? reach(pot, solid) : () => 1;
  const share = columnOf(pot.samples, (sample) => Math.max(solid.given[sample]!, most(sample) * progress[sample]!));
  giveTo(pot.liquid, solid, mode, share);
  const wetted = ownWaterOut(solid, fresh, mode_C);
  if (wetted > 0)
    dryTo(
      pot.liquid,
      solid,
      columnOf(pot.samples, (sample) => (fresh ? wetted * progress[sample]! : wetted)),
    );
}

function loseVitaminC(pot: WorkingPot, minutes: Column, temperature_C: Column): void {
  const vitamin = pot.liquid.column('ascorbic_mmol');
  const even = isEven(temperature_C) ? vitaminCLossRate(temperature_C[0]!) : undefined;
  for (let sample = 0; sample < vitamin.length; sample += 1) {
    const rate = even ?? vitaminCLossRate(temperature_C[sample]!);
    const lost = vitamin[sample]! * (1 - Math.exp(-rate * minutes[sample]!));
    vitamin[sample]! -= lost;
    pot.ledger.vitaminC_mmol[sample]! += lost;
  }
}

function loseAlcohol(pot: WorkingPot, minutes: Column, temperature_C: Column): void {
  const spirit = pot.liquid.column('ethanol_g');
  if (temperature_C[0]! < ALCOHOL_LEAVES_AT_C || spirit[0] === 0) return;
  const left = alcoholLeft(pot.hotMinutes + minutes[0]!) / alcoholLeft(pot.hotMinutes);
  pot.hotMinutes += minutes[0]!;
  const kcal = pot.liquid.column('energy_kcal');
  for (let sample = 0; sample < spirit.length; sample += 1) {
    const lost = spirit[sample]! * (1 - left);
    spirit[sample]! -= lost;
    kcal[sample]! -= lost * ETHANOL_kcal_g;
    pot.ledger.spirit_g[sample]! += lost;
  }
}
const ETHANOL_kcal_g = 6.93;

/**
 * Lets time pass at a temperature: plants give, vitamin C and alcohol leave.
 *
 * @param pot changed in place
 * @param minutes in each sample
 * @param temperature_C in each sample
 */
export function elapse(pot: WorkingPot, minutes: Column, temperature_C: Column): void {
  if (pot.dry) return;
  const medium = pot.solids.length > 0 ? mediumOf(pot) : 'water';
  for (const solid of pot.solids)
    if (solid.ingredient.composition) extractFrom(pot, solid, minutes, temperature_C, medium);
  loseVitaminC(pot, minutes, temperature_C);
  loseAlcohol(pot, minutes, temperature_C);
}

/** Water that can boil away before the pot is called dry: all but a twentieth. */
const DRY_SHARE = 0.95;

/**
 * Takes water out of the pot as steam, never more than {@link DRY_SHARE} of it.
 *
 * @returns whether it would have boiled dry in sample 0
 */
export function evaporate(pot: WorkingPot, steam_g: Column): boolean {
  const water = pot.liquid.column('water_g');
  let driest = false;
  for (let sample = 0; sample < water.length; sample += 1) {
    const most = water[sample]! * DRY_SHARE;
    const lost = Math.min(Math.max(0, steam_g[sample]!), most);
    if (sample === 0 && steam_g[0]! > most) driest = true;
    water[sample]! -= lost;
    pot.ledger.steam_g[sample]! += lost;
  }
  return driest;
}
