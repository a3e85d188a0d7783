import type { AcidSpecies } from './charge-balance-ph';
import type { Composition } from './composition';
import { DEXTRIN_g_mol, HEXOSE_g_mol, OTHER_CARBOHYDRATE_g_mol, SUCROSE_g_mol } from './molar-masses';
import { WEAK_ACIDS } from './weak-acids';

/** Osmotic coefficients by charge, valid for drinks below about 0.2 mol/L of salt. */
export const OSMOTIC_COEFFICIENTS = { monovalent: 0.93, divalent: 0.85, trivalent: 0.75 } as const;

export type Tonicity = 'hypotonic' | 'isotonic' | 'hypertonic';

/** Lines between the classes, mOsm/kg. Source: EFSA and SCF on carbohydrate-electrolyte drinks. */
export const ISOTONIC_BAND_mOsm_kg = { low: 270, high: 330 } as const;

function saccharides(c: Composition) {
  return {
    single_mmol: (1000 * (c.glucose_g + c.fructose_g)) / HEXOSE_g_mol,
    double_mmol: (1000 * c.sucrose_g) / SUCROSE_g_mol + (1000 * c.otherCarbohydrate_g) / OTHER_CARBOHYDRATE_g_mol,
    chains_mmol: (1000 * c.dextrin_g) / DEXTRIN_g_mol,
  };
}

function strongIons(c: Composition) {
  return {
    monovalent_mmol: c.sodium_mmol + c.potassium_mmol + c.chloride_mmol + Math.max(c.residualAnion_mEq, 0),
    divalent_mmol: c.magnesium_mmol + c.calcium_mmol + c.sulfate_mmol,
  };
}

/**
 * Plain sum of all dissolved particles: what is printed on a sachet of rehydration salts.
 *
 * @param c totals of the liquid
 * @param volume_mL its volume
 * @returns mOsm/L
 */
export function osmolarity(c: Composition, volume_mL: number): number {
  const ions = strongIons(c);
  const sugars = saccharides(c);
  let particles_mmol =
    ions.monovalent_mmol + ions.divalent_mmol + sugars.single_mmol + sugars.double_mmol + sugars.chains_mmol;
  for (const acid of WEAK_ACIDS) particles_mmol += c[acid.property];
  return (1000 * particles_mmol) / volume_mL;
}

/**
 * What an osmometer would read: Σ φ n over the kilograms of water, φ by charge for ions,
 * 1 + 0.023 m for single and 1 + 0.085 m for double sugars (m in mol/kg).
 *
 * @param c totals of the liquid
 * @param volume_mL its volume
 * @param species forms of the weak acids, mol/L
 * @returns mOsm/kg; within about 4 % below 1 Osm/kg, 8 % for syrups
 */
export function osmolality(c: Composition, volume_mL: number, species: readonly AcidSpecies[]): number {
  const water_kg = c.water_g / 1000;
  const ions = strongIons(c);
  const sugars = saccharides(c);
  const phi = OSMOTIC_COEFFICIENTS;
  let osmoles = ions.monovalent_mmol * phi.monovalent + ions.divalent_mmol * phi.divalent;
  for (const form of species) {
    const size = Math.abs(form.charge);
    const coefficient = size === 0 ? 1 : size === 1 ? phi.monovalent : size === 2 ? phi.divalent : phi.trivalent;
    osmoles += coefficient * form.concentration * volume_mL;
  }
  osmoles += sugars.single_mmol * (1 + (0.023 * sugars.single_mmol) / (1000 * water_kg));
  osmoles += sugars.double_mmol * (1 + (0.085 * sugars.double_mmol) / (1000 * water_kg));
  osmoles += sugars.chains_mmol;
  return osmoles / water_kg;
}

/** The class of an osmolality (mOsm/kg) against body fluid. */
export function tonicityOf(osmolality_mOsm_kg: number): Tonicity {
  if (osmolality_mOsm_kg < ISOTONIC_BAND_mOsm_kg.low) return 'hypotonic';
  return osmolality_mOsm_kg > ISOTONIC_BAND_mOsm_kg.high ? 'hypertonic' : 'isotonic';
}
