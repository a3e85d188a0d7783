import {
  ETHANOL_DENSITY_g_mL,
  balanceCharges,
  brixOf,
  ionicSolution,
  phMargin,
  volumeOf,
  waterActivityOf,
} from '../liquid';
import { standingWarm, type Pot, type Standing, type Trace } from '../simulate';
import { keepsByAlcohol } from './classify-keeping';

/** pH with all doubt counted, and water activity, above which germs that matter grow. Source: 21 CFR 114; sheet of limits. */
const GROWS = { pH: 4.6, waterActivity: 0.91 } as const;

/** Hours that a drink may stand warm: a word, a warning and a day less, no day at all. Source: Food Code, condensed. */
export const STOOD_WARM_h = { note: 2, warn: 4, none: 12 } as const;

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

/**
 * Hours that a drink stood between 57 and 5 °C since it last boiled, or since it was mixed, while it was neither sour
 * nor dry enough to hold germs back. A cold steep in the fridge does not count; hours of a preparation in it do.
 *
 * @param trace of the drink
 * @returns h; 0 for what stays dry. Up to two hours nobody asks how sour it is
 */
export function hoursWarm({ entries }: Trace): number {
  const hours = (stood: readonly Standing[]) => stood.reduce((sum, { minutes }) => sum + minutes, 0) / 60;
  const stood = standingWarm(entries);
  const most_h = hours(stood);
  return most_h <= STOOD_WARM_h.note ? most_h : hours(stood.filter(({ pot }) => feedsGerms(pot)));
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
