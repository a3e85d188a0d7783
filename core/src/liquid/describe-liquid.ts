import { SEA_LEVEL_kPa, boilingPoint } from '../process';
import { balanceCharges, titratableAcidity } from './charge-balance-ph';
import { massOf, type Composition } from './composition';
import { ionicSolution } from './ionic-solution';
import { feelOf, type Feel } from './feel';
import { waterActivityOf } from './norrish-water-activity';
import { osmolality, osmolarity, tonicityOf, type Tonicity } from './osmolality';
import { phMargin } from './ph-uncertainty';
import { viscosityOf } from './syrup-viscosity';
import { ETHANOL_DENSITY_g_mL, brixOf, volumeOf } from './volume';

/** Everything a liquid is, besides what it is made of. */
export interface Liquid {
  readonly mass_g: number;
  readonly volume_mL: number;
  readonly brix: number;
  readonly density_g_mL: number;
  readonly osmolarity_mOsm_L: number;
  readonly osmolality_mOsm_kg: number;
  readonly tonicity: Tonicity;
  readonly pH: number;
  readonly phMargin: number;
  readonly waterActivity: number;
  readonly alcohol_pctABV: number;
  /** Acid that base takes up to pH 8.1, as citric acid, % by mass. */
  readonly titratableAcid_pct: number;
  /** At sea level. */
  readonly boilingPoint_C: number;
  /** Cold, at table, and in the pot: a syrup that runs hot may not run cold. */
  readonly viscosity_mPas: { readonly at5C: number; readonly at20C: number; readonly at95C: number };
  readonly feel: { readonly at5C: Feel; readonly at20C: Feel; readonly at95C: Feel };
}

/** Grams of citric acid that a mole of base takes up. */
const CITRIC_g_eq = 192.124 / 3;

/** Share of water below which nothing of this means anything. */
const LEAST_WATER = 1e-3;

/**
 * The properties of a mixed liquid at 20 °C, closed to the air.
 *
 * @param c totals of the liquid
 * @returns the liquid, or null when there is next to no water in it: oil is none
 */
export function describeLiquid(c: Composition): Liquid | null {
  const mass_g = massOf(c);
  if (!(c.water_g > LEAST_WATER * mass_g)) return null;
  const waterActivity = waterActivityOf(c);
  if (waterActivity === null) return null;
  const volume_mL = volumeOf(c);
  const solution = ionicSolution(c, volume_mL);
  const balanced = balanceCharges(solution);
  const viscosity_mPas = { at5C: viscosityOf(c, 5), at20C: viscosityOf(c, 20), at95C: viscosityOf(c, 95) };
  const osmolality_mOsm_kg = osmolality(c, volume_mL, balanced.species);
  return {
    mass_g,
    volume_mL,
    brix: brixOf(c),
    density_g_mL: mass_g / volume_mL,
    osmolarity_mOsm_L: osmolarity(c, volume_mL),
    osmolality_mOsm_kg,
    tonicity: tonicityOf(osmolality_mOsm_kg),
    pH: balanced.pH,
    phMargin: phMargin(c, balanced.pH),
    waterActivity,
    alcohol_pctABV: (100 * c.ethanol_g) / ETHANOL_DENSITY_g_mL / volume_mL,
    titratableAcid_pct: (titratableAcidity(solution) * CITRIC_g_eq * volume_mL) / 10 / mass_g,
    boilingPoint_C: boilingPoint(SEA_LEVEL_kPa, waterActivity),
    viscosity_mPas,
    feel: {
      at5C: feelOf(viscosity_mPas.at5C),
      at20C: feelOf(viscosity_mPas.at20C),
      at95C: feelOf(viscosity_mPas.at95C),
    },
  };
}
