import { latentHeat, surfaceEvaporation, type Lid } from './evaporation';

/** Relative standard deviation of the heat that reaches a pot. Source: efficiencies in print, about ±20 %. */
export const BURNER_CV = 0.1;

/** Temperature nodes of the integral; the integrand is smooth, so few are needed. */
const INTERVALS = 24;

/**
 * Specific heat of a sugar solution, kJ/(kg K): 4.187 - 0.0251 B + 7.5e-5 B T.
 *
 * @param brix °Brix
 * @param temperature_C of the liquid
 * Source: sugar technologists' fit, as used for juices.
 */
export function specificHeat(brix: number, temperature_C = 20): number {
  return 4.187 - 0.0251 * brix + 7.5e-5 * brix * temperature_C;
}

/** What heating takes for each kJ/K of pot and contents; times and steam grow with the heat capacity. */
export interface HeatUp {
  readonly kind: 'heated';
  readonly minutes_per_kJ_K: number;
  readonly steam_g_per_kJ_K: number;
}
/** The burner cannot bring it there. */
export interface Stalls {
  readonly kind: 'stalls';
  readonly temperature_C: number;
}

export interface Heating {
  readonly from_C: number;
  readonly to_C: number;
  readonly power_W: number;
  readonly loss_W_K: number;
  readonly area_m2: number;
  readonly room_C: number;
  readonly humidity: number;
  readonly lid: Lid;
}

/**
 * Heating with losses and evaporation: C dT/dt = P - UA (T - Ta) - E(T) h(T), integrated over
 * temperature by the midpoint rule.
 *
 * @param heating from and to in °C, net power in W, losses in W/K, open area in m²
 * @returns minutes and g of steam for each kJ/K of heat capacity; or where it stalls
 * Holds to about 20 %; the change of mass while heating is left out.
 */
export function heatUp(heating: Heating): HeatUp | Stalls {
  const { from_C, to_C, power_W, loss_W_K, room_C, area_m2, humidity, lid } = heating;
  const step = (to_C - from_C) / INTERVALS;
  let seconds = 0;
  let steam_g = 0;
  for (let index = 0; index < INTERVALS; index += 1) {
    const temperature_C = from_C + (index + 0.5) * step;
    const steam_kg_h = surfaceEvaporation({ area_m2, temperature_C, room_C, humidity, lid });
    const net_W = power_W - loss_W_K * (temperature_C - room_C) - (steam_kg_h / 3.6) * latentHeat(temperature_C);
    if (net_W <= 0) return { kind: 'stalls', temperature_C };
    const span = (1000 * step) / net_W;
    seconds += span;
    steam_g += (span * steam_kg_h) / 3.6;
  }
  return { kind: 'heated', minutes_per_kJ_K: seconds / 60, steam_g_per_kJ_K: steam_g };
}
