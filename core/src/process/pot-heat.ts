import type { CookingPot } from '../equipment';
import { STEEL_kJ_kgK } from './cooling';

/** Heat a pot itself takes up, kJ/K. */
export const potHeat = (pot: CookingPot): number => pot.mass_kg * STEEL_kJ_kgK;
/** Open surface of what is in a pot, m². */
export const potArea = (pot: Pick<CookingPot, 'diameter_m'>): number => (Math.PI / 4) * pot.diameter_m ** 2;

/** A gentle simmer, °C, where the boil allows it. */
export const SIMMER_C = 95;
/** A simmer stays at least this far below the boil, K. */
export const SIMMER_BELOW_BOIL_K = 2;
