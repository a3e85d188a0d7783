import { latentHeat } from './evaporation';

/** What the vessel stands in, and how fast heat leaves it, W/(m² K). Source: textbook ranges. */
export const COOLING_RATES = { room: 11, fan: 20, fridge: 8, 'ice bath': 60, 'stirred ice bath': 150 } as const;
export type CoolingPlace = keyof typeof COOLING_RATES;

/** Relative standard deviation of a time constant: draughts, how the vessel stands. Source: trials in print, about ±25 %. */
export const COOLING_CV = 0.13;

export const GLASS_kJ_kgK = 0.84;
export const STEEL_kJ_kgK = 0.5;

/** A vessel that cools: its wetted and outer surface, and its own heat. */
export interface CoolingVessel {
  readonly area_m2: number;
  readonly shell_kg: number;
  readonly shell_kJ_kgK: number;
}

/** Heat that a kilogram of water holds. */
const WATER_kJ_kgK = 4.187;

/** Two-stage rule for low-acid liquids, °C and min. Source: US FDA Food Code. */
export const TWO_STAGE = { from_C: 57, middle_C: 21, to_C: 5, first_min: 120, all_min: 360 } as const;

/**
 * A jar or bottle of glass that a volume fills: surface and glass grow with the litres to 2/3.
 * Source: fit to common jars of 250 mL to 2 L.
 */
export function jarFor(volume_mL: number): CoolingVessel {
  const litres = Math.max(volume_mL, 1) / 1000;
  return {
    area_m2: 0.06 * Math.pow(litres, 2 / 3),
    shell_kg: 0.42 * Math.pow(litres, 2 / 3),
    shell_kJ_kgK: GLASS_kJ_kgK,
  };
}

/** A steel pot of a diameter (m) filled with a volume: floor, sides and surface. */
export function potFor(volume_mL: number, diameter_m: number, shell_kg: number): CoolingVessel {
  const base = (Math.PI / 4) * diameter_m ** 2;
  const height = Math.max(volume_mL, 1) / 1e6 / base;
  return { area_m2: 2 * base + Math.PI * diameter_m * height, shell_kg, shell_kJ_kgK: STEEL_kJ_kgK };
}

/**
 * Time constant of cooling, (m cp + shell)/(U A).
 *
 * @param heat_kJ_K heat capacity of the liquid
 * @returns minutes
 */
export function coolingConstant(heat_kJ_K: number, vessel: CoolingVessel, place: CoolingPlace): number {
  const capacity_J_K = 1000 * (heat_kJ_K + vessel.shell_kg * vessel.shell_kJ_kgK);
  return capacity_J_K / (COOLING_RATES[place] * vessel.area_m2) / 60;
}

/**
 * Minutes to cool by Newton's law, τ ln((T0 - Ta)/(T1 - Ta)).
 *
 * @returns 0 when it is cold enough already, Infinity when it never gets there
 */
export function coolingTime(tau_min: number, from_C: number, to_C: number, around_C: number): number {
  if (from_C <= to_C) return 0;
  if (to_C <= around_C) return Infinity;
  return tau_min * Math.log((from_C - around_C) / (to_C - around_C));
}

/** Steps of temperature in which an open pot is followed. */
const OPEN_STEPS = 24;

/**
 * Cooling of an open pot: heat leaves through its walls and with the steam of its surface, q = U A (T - Ta) + E(T) h.
 *
 * @param options heat_kJ_K of liquid and pot, the vessel and where it stands, °C from, to (above what is around it) and
 *   around; steam_kg_h at a temperature
 * @returns minutes, and grams of steam that leave meanwhile
 */
export function openCooling(options: {
  readonly heat_kJ_K: number;
  readonly vessel: CoolingVessel;
  readonly place: CoolingPlace;
  readonly from_C: number;
  readonly to_C: number;
  readonly around_C: number;
  readonly steam_kg_h: (temperature_C: number) => number;
}): { readonly minutes: number; readonly steam_g: number } {
  const { heat_kJ_K, vessel, place, from_C, to_C, around_C, steam_kg_h } = options;
  const loss_W_K = COOLING_RATES[place] * vessel.area_m2;
  let capacity_kJ_K = heat_kJ_K + vessel.shell_kg * vessel.shell_kJ_kgK;
  let minutes = 0;
  let steam_g = 0;
  for (let step = 0; step < OPEN_STEPS; step += 1) {
    // Even steps of what is left above the surroundings: short at first, where steam takes most.
    const at = (share: number): number =>
      around_C + (from_C - around_C) * ((to_C - around_C) / (from_C - around_C)) ** share;
    const [upper, lower] = [at(step / OPEN_STEPS), at((step + 1) / OPEN_STEPS)];
    const middle_C = (upper + lower) / 2;
    const steam = steam_kg_h(middle_C);
    const loss_W = loss_W_K * (middle_C - around_C) + (steam * 1000 * latentHeat(middle_C)) / 3600;
    const took_min = (1000 * capacity_kJ_K * (upper - lower)) / loss_W / 60;
    minutes += took_min;
    const left_g = (steam * 1000 * took_min) / 60;
    steam_g += left_g;
    capacity_kJ_K -= (left_g * WATER_kJ_kgK) / 1000;
  }
  return { minutes, steam_g };
}

/** Temperature after some minutes. */
export function cooledTo(tau_min: number, from_C: number, around_C: number, minutes: number): number {
  return around_C + (from_C - around_C) * Math.exp(-minutes / tau_min);
}

/** A stretch of cooling: so long at a time constant in surroundings. */
export interface CoolingStage {
  readonly minutes: number;
  readonly tau_min: number;
  readonly around_C: number;
}

/**
 * Whether cooling passes the two-stage rule, stage by stage.
 *
 * @param from_C where it starts
 * @param stages in order; the last one goes on for ever
 * @returns minutes from 57 to 21 °C and from 57 to 5 °C (Infinity where never), and whether both are short enough
 */
export function twoStageCooling(from_C: number, stages: readonly CoolingStage[]) {
  const passes = (mark_C: number): number => {
    let clock = 0;
    let temperature_C = from_C;
    if (temperature_C <= mark_C) return 0;
    for (const [index, { minutes, tau_min, around_C }] of stages.entries()) {
      const needed = coolingTime(tau_min, temperature_C, mark_C, around_C);
      if (needed <= minutes || index === stages.length - 1) return clock + needed;
      clock += minutes;
      temperature_C = cooledTo(tau_min, temperature_C, around_C, minutes);
    }
    return Infinity;
  };
  const start = passes(TWO_STAGE.from_C);
  const first_min = passes(TWO_STAGE.middle_C) - start;
  const all_min = passes(TWO_STAGE.to_C) - start;
  return { first_min, all_min, ok: first_min <= TWO_STAGE.first_min && all_min <= TWO_STAGE.all_min };
}
