import type { SweatTest } from '../household';
import { USUAL_SWEAT, sweatLoss } from '../serving';

export interface Spread {
  readonly likely: number;
  /** Nine of ten lie between. */
  readonly low: number;
  readonly high: number;
}

export interface SweatResult {
  readonly litres_h: Spread;
  readonly sodium_mg_h: Spread;
  readonly salt_g_h: Spread;
  /** Weight lost in all, of what it was before. */
  readonly lost_share: number;
}

/** Bathroom scale, one standard deviation, kg (estimate of ours, C). */
const SCALE_kg = 0.1;
/** A bottle that is judged by eye, relative (C). */
const DRUNK_cv = 0.05;
/** Sweat that hangs in soaked clothes and was not lost on the scale, kg (C). */
const SOAKED_kg = { likely: 0.2, sd: 0.1 } as const;
/** Sodium of sweat by what it leaves behind, mmol/L, and how far people differ. Source: exercise physiology reviews. */
const SODIUM_mmol_L: Readonly<Record<SweatTest['marks'], { readonly likely: number; readonly cv: number }>> = {
  none: { likely: 30, cv: 0.35 },
  some: { likely: USUAL_SWEAT.sodium_mmol_L, cv: 0.35 },
  white: { likely: 60, cv: 0.3 },
  unknown: { likely: USUAL_SWEAT.sodium_mmol_L, cv: 0.45 },
};
/** Nine of ten, in standard deviations. */
const NINE_OF_TEN = 1.645;

const around = (likely: number, sd: number): Spread => ({
  likely,
  low: Math.max(0, likely - NINE_OF_TEN * sd),
  high: likely + NINE_OF_TEN * sd,
});
const times = (likely: number, cv: number): Spread => ({
  likely,
  low: likely * Math.exp(-NINE_OF_TEN * cv),
  high: likely * Math.exp(NINE_OF_TEN * cv),
});

/** Why a test tells nothing. */
export interface NoSweat {
  readonly kind: 'unclear';
  readonly because: string;
}

/**
 * Sweat an hour: (weight before - weight after + drunk - passed) / time, with the spread of scale, bottle and clothes.
 * Its salt is not measured by it and only as sure as people are alike.
 *
 * @param test weights in kg, volumes in mL, at least 20 minutes
 * @returns litres, sodium and salt an hour; or why it tells nothing
 * @throws RangeError where a weight or the time is not above 0
 */
export function sweatTest(test: SweatTest): ({ readonly kind: 'rate' } & SweatResult) | NoSweat {
  const { before_kg, after_kg, drunk_mL, urine_mL, minutes, clothes, marks } = test;
  if (!(before_kg > 0 && after_kg > 0 && minutes > 0))
    throw new RangeError('sweatTest: weights and minutes are above 0');
  if (minutes < 20) return { kind: 'unclear', because: 'In less than 20 minutes the scale tells nothing.' };
  const hours = minutes / 60;
  const soaked_kg = clothes === 'soaked' ? SOAKED_kg.likely : 0;
  const lost_kg = before_kg - after_kg + (drunk_mL - urine_mL) / 1000 + soaked_kg;
  if (lost_kg <= 0)
    return { kind: 'unclear', because: 'That would be no sweat at all. Look at the weights and at what was drunk.' };
  if (lost_kg / hours > 4)
    return { kind: 'unclear', because: 'Nobody sweats more than 4 L an hour. Look at the weights and at the minutes.' };
  const sd_kg = Math.hypot(
    Math.SQRT2 * SCALE_kg,
    (DRUNK_cv * drunk_mL) / 1000,
    clothes === 'soaked' ? SOAKED_kg.sd : 0,
  );
  const litres_h = lost_kg / hours;
  const { likely, cv } = SODIUM_mmol_L[marks];
  const loss = sweatLoss(1, { litres_h, sodium_mmol_L: likely, potassium_mmol_L: USUAL_SWEAT.potassium_mmol_L });
  const allCv = Math.hypot(cv, sd_kg / lost_kg);
  return {
    kind: 'rate',
    litres_h: around(litres_h, sd_kg / hours),
    sodium_mg_h: times(loss.sodium_mg, allCv),
    salt_g_h: times(loss.salt_g, allCv),
    lost_share: (before_kg - after_kg) / before_kg,
  };
}

/** More than this in an hour is too much water, L. Source: ACSM 2007. */
export const MOST_AN_HOUR_L = 1;

/** How a drink makes up for sweat. */
export interface Replacement {
  /** mL an hour: what was lost, and no more than {@link MOST_AN_HOUR_L}. */
  readonly volume_mL_h: number;
  readonly sodium_mg_h: number;
  readonly sugars_g_h: number;
  /** Of the sodium that is lost. */
  readonly sodium_share: number;
}

/** How much of a drink an hour makes up for sweat, and what it brings. */
export function replacement(
  { litres_h, sodium_mg_h }: Pick<SweatResult, 'litres_h' | 'sodium_mg_h'>,
  perLitre: { readonly sodium_mg: number; readonly sugars_g: number },
): Replacement {
  const litres = Math.min(litres_h.likely, MOST_AN_HOUR_L);
  const sodium = litres * perLitre.sodium_mg;
  return {
    volume_mL_h: 1000 * litres,
    sodium_mg_h: sodium,
    sugars_g_h: litres * perLitre.sugars_g,
    sodium_share: sodium / sodium_mg_h.likely,
  };
}
