import type { TargetBand } from './target';

/** Rounding that the acceptance window allows on each side. Source: WHO/UNICEF. */
export const ROUNDING_ALLOWANCE = 0.015;

export type BandPosition = 'low' | 'within' | 'high';

/** Where a value lies against a band, with the rounding allowance on both ends. */
export function bandPosition(band: TargetBand, value: number): BandPosition {
  if (value < band.low * (1 - ROUNDING_ALLOWANCE)) return 'low';
  return value > band.high * (1 + ROUNDING_ALLOWANCE) ? 'high' : 'within';
}
