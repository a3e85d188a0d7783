import {
  ETHANOL_DENSITY_g_mL,
  balanceCharges,
  brixOf,
  ionicSolution,
  phMargin,
  volumeOf,
  waterActivityOf,
} from '../liquid';
import { TWO_STAGE, coolingTime } from '../process';
import type { Pot, Trace, TraceEntry } from '../simulate';
import { keepsByAlcohol } from './classify-keeping';
import { BOILED_C } from './contents';

/** Between these germs grow, °C. Source: US FDA Food Code 2022, 3-501. */
const WARM = { above_C: TWO_STAGE.to_C, below_C: TWO_STAGE.from_C } as const;
/** In a fridge it is on its way to the cold from here, °C. */
const SETTLING_C = TWO_STAGE.middle_C;
/** No warmer than this is a fridge, °C. */
const FRIDGE_C = 8;
/** pH with all doubt counted, and water activity, above which germs that matter grow. Source: 21 CFR 114; sheet of limits. */
const GROWS = { pH: 4.6, waterActivity: 0.91 } as const;

/** Hours that a drink may stand warm: a word, a warning and a day less, no day at all. Source: Food Code, condensed. */
export const STOOD_WARM_h = { note: 2, warn: 4, none: 12 } as const;

/** Minutes of a step in which the pot was between 57 and 5 °C. */
function warmMinutes({ minutes, cooling, temperature_C, processed }: TraceEntry, from_C: number): number {
  if (processed) return 0;
  if (!cooling) return temperature_C > WARM.above_C && temperature_C < WARM.below_C ? minutes : 0;
  const { tau_min, around_C } = cooling;
  const until = (mark_C: number) => Math.min(minutes, coolingTime(tau_min, from_C, mark_C, around_C));
  if (around_C <= FRIDGE_C) return until(SETTLING_C) - until(WARM.below_C);
  return around_C > WARM.below_C ? 0 : minutes - until(WARM.below_C);
}

/** Whether germs that matter would grow in the pot as it is. */
function feedsGerms(pot: Pot): boolean {
  const { liquid } = pot;
  const activity = waterActivityOf(liquid);
  if (activity === null || activity <= GROWS.waterActivity) return false;
  const volume_mL = volumeOf(liquid);
  if (keepsByAlcohol({ alcohol_pctABV: (100 * liquid.ethanol_g) / ETHANOL_DENSITY_g_mL / volume_mL })) return false;
  const { pH } = balanceCharges(ionicSolution(liquid, volume_mL));
  return pH + phMargin(liquid, pH) > GROWS.pH;
}

/** Less than this in a step is not worth looking at its acid, min. */
const BRIEF_min = 15;

/**
 * Hours that a drink stood between 57 and 5 °C since it last boiled, or since it was mixed, while it was neither sour
 * nor dry enough to hold germs back. A cold steep in the fridge does not count.
 *
 * @param trace of the drink
 * @returns h; 0 for what stays dry. Up to two hours nobody asks how sour it is
 */
export function hoursWarm({ entries }: Trace): number {
  const since = Math.max(
    0,
    entries.findLastIndex(({ hottest_C, processed }) => hottest_C >= BOILED_C || processed !== undefined),
  );
  const stood = entries.slice(since).flatMap((entry, index) => {
    const from_C = entries[since + index - 1]?.temperature_C ?? entry.temperature_C;
    const minutes = entry.pot.dry ? 0 : warmMinutes(entry, from_C);
    return minutes > BRIEF_min ? [{ minutes, pot: entry.pot }] : [];
  });
  const most_h = stood.reduce((sum, { minutes }) => sum + minutes, 0) / 60;
  if (most_h <= STOOD_WARM_h.note) return most_h;
  return stood.filter(({ pot }) => feedsGerms(pot)).reduce((sum, { minutes }) => sum + minutes, 0) / 60;
}

/** Sugar that makes roots and vegetables keep a little, °Brix. */
const SWEETENED_BRIX = 15;

/** Whether it is poured away after four hours: milk, or roots and vegetables without sugar. */
export const spoilsWarm = ({ pot }: Trace): boolean => {
  const unsweetened = !pot.dry && brixOf(pot.liquid) < SWEETENED_BRIX;
  return pot.entries.some(
    ({ ingredient: { role, part, dried, id } }) =>
      role === 'milk' ||
      id === 'egg' ||
      (unsweetened && (role === 'vegetable' || (part === 'root_bark' && dried === false))),
  );
};
