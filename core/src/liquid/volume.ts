import type { Composition } from './composition';
import { sugarSolutionDensity } from './sugar-solution-density';

/** Density of plant matter that floats in the liquid, g/mL (estimate). */
export const SUSPENDED_SOLIDS_DENSITY_g_mL = 1.5;
/** Density of oils and fats in a drink, g/mL. Source: food tables, 0.91 to 0.93. */
export const FAT_DENSITY_g_mL = 0.92;
/** Density of ethanol at 20 °C, g/mL. Source: CRC handbook. */
export const ETHANOL_DENSITY_g_mL = 0.789;

/**
 * The totals that decide the volume: water, soluble solids, salts, apparent volume of the salts,
 * insolubles without fat, ethanol, fat. An array, for the hot paths that draw thousands of pots.
 */
export type VolumeVector = Float64Array;

/** Entries of a {@link VolumeVector}. */
export const VOLUME_VECTOR_LENGTH = 7;

/** The part of a composition that decides its volume. */
export function volumeVector(c: Composition): VolumeVector {
  const fat_g = Math.min(c.fat_g, c.insoluble_g);
  return Float64Array.of(
    c.water_g,
    c.solubleSolids_g,
    c.salts_g,
    c.saltsVolume_mL,
    c.insoluble_g - fat_g,
    c.ethanol_g,
    fat_g,
  );
}

/** Volume at 20 °C, mL, of `a` with `grams` of `b` (totals of one gram) in it. */
export function mixedVolume(a: VolumeVector, b: VolumeVector, grams: number): number {
  const at = (index: number): number => (a[index] as number) + grams * (b[index] as number);
  const sugars = at(1) - at(2);
  const solution = at(0) + sugars;
  const brix = solution > 0 ? (100 * sugars) / solution : 0;
  return (
    solution / sugarSolutionDensity(brix) +
    at(3) +
    at(4) / SUSPENDED_SOLIDS_DENSITY_g_mL +
    at(5) / ETHANOL_DENSITY_g_mL +
    at(6) / FAT_DENSITY_g_mL
  );
}

const NOTHING: VolumeVector = new Float64Array(VOLUME_VECTOR_LENGTH);

/**
 * Volume of a mixed liquid at 20 °C:
 * V = (water + dissolved - salts)/ρ(Brix of the non-salt solids) + Σ salt mass x apparent volume.
 *
 * @param c totals of the liquid
 * @returns mL
 * Holds to about 0.3 %; the contraction of spirit and water (under 1.5 %) is left out.
 */
export function volumeOf(c: Composition): number {
  return mixedVolume(volumeVector(c), NOTHING, 0);
}

/** Grams of dissolved solids in 100 g of the liquid part; 0 for nothing. */
export function brixOf(c: Composition): number {
  const liquid = c.solubleSolids_g + c.water_g;
  return liquid > 0 ? (100 * c.solubleSolids_g) / liquid : 0;
}

/**
 * Grams of a liquid that must be added for the mixture to fill `volume_mL`, by Newton steps.
 *
 * @param present what is already in the vessel
 * @param perGram one gram of what is poured
 * @param volume_mL the mark to fill to, at 20 °C
 * @returns g; negative when the vessel is already over the mark
 */
export function gramsToVolume(present: VolumeVector, perGram: VolumeVector, volume_mL: number): number {
  const gramVolume = mixedVolume(perGram, NOTHING, 0);
  let grams = (volume_mL - mixedVolume(present, NOTHING, 0)) / gramVolume;
  for (let step = 0; step < 12; step += 1) {
    const miss = volume_mL - mixedVolume(present, perGram, grams);
    grams += miss / gramVolume;
    if (Math.abs(miss) < 1e-9 * volume_mL) break;
  }
  return grams;
}
