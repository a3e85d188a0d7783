import { saturationPressure } from './vapour-pressure';

/** How far a lid leaves the surface open to the air. */
export const LIDS = { off: 1, ajar: 0.45, on: 0.15 } as const;
export type Lid = keyof typeof LIDS;

/** Mass transfer from a pot in still kitchen air, kg/(m² h kPa): 0.07 in a deep sheltered pot, 0.18 under a hood. */
export const SURFACE_TRANSFER = 0.116;

/** Relative standard deviation of evaporation below the boil. Source: trials in print, about ±40 %. */
export const SURFACE_EVAPORATION_CV = 0.2;

/** Heat that turns a kilogram of water at a temperature to vapour, kJ/kg. Source: linear fit to steam tables. */
export function latentHeat(temperature_C: number): number {
  return 2500.8 - 2.44 * temperature_C;
}

/**
 * Water that leaves an open surface below the boil: E = L A k (aw psat(T) - RH psat(Ta)).
 *
 * @param options area in m², temperatures in °C, humidity and water activity 0 to 1, lid
 * @returns kg/h, 0 when the air is damper than the liquid
 */
export function surfaceEvaporation(options: {
  readonly area_m2: number;
  readonly temperature_C: number;
  readonly room_C: number;
  readonly humidity: number;
  readonly lid: Lid;
  readonly waterActivity?: number;
}): number {
  const { area_m2, temperature_C, room_C, humidity, lid, waterActivity = 1 } = options;
  const drive_kPa = waterActivity * saturationPressure(temperature_C) - humidity * saturationPressure(room_C);
  return Math.max(0, LIDS[lid] * area_m2 * SURFACE_TRANSFER * drive_kPa);
}

/**
 * Water boiled off at a fixed burner: E = (P - UA (Tb - Ta))/h. A lid does not slow it.
 *
 * @param power_W that reaches the pot
 * @param loss_W_K of the pot's sides and lid
 * @returns kg/h, 0 when the burner only makes up for the losses
 */
export function boilOff(power_W: number, loss_W_K: number, boiling_C: number, room_C: number): number {
  const net_kW = (power_W - loss_W_K * (boiling_C - room_C)) / 1000;
  return Math.max(0, (3600 * net_kW) / latentHeat(boiling_C));
}
