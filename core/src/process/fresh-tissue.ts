import type { Straining } from './retention';

/**
 * Fresh tissue is sap (water and what is dissolved in it) behind membranes, and matter that never dissolves. What is
 * open shares its sap with the liquor around it; what is closed keeps it. Heat, sugar, acid, spirit, cutting and time
 * open it. Source: shape from studies of blanching, osmotic drying and pickling in print (B); rates condensed from
 * them, good to a factor of two (C).
 */

/** Share of the sap that is open from the first moment, by what was done to the plant. */
export const OPEN_AT_ONCE = {
  whole: 0.02,
  halved: 0.06,
  sliced: 0.12,
  torn: 0.2,
  chopped: 0.25,
  muddled: 0.6,
  thawed: 0.75,
  crushed: 0.8,
  blended: 0.97,
} as const;
export type Cutting = keyof typeof OPEN_AT_ONCE;

/** How fast something gets in: through a skin, through a cut face, or at once. */
export type Skin = 'whole' | 'cut' | 'broken';

/** What a cutting leaves of the skin; leaves and petals are thin and have none to speak of. */
export function skinOf(cutting: Cutting, thin: boolean): Skin {
  const open = OPEN_AT_ONCE[cutting];
  if (open >= OPEN_AT_ONCE.muddled) return 'broken';
  return open > OPEN_AT_ONCE.whole || thin ? 'cut' : 'whole';
}

/** The liquor that a plant lies in, at one moment. */
export interface Liquor {
  readonly brix: number;
  /** Acetic acid, % of its mass. */
  readonly acetic_pct: number;
  /** Spirit, % of its volume. */
  readonly ethanol_pct: number;
}

const HEAT = { from_C: 50, at70C_per_min: 0.5, most_per_min: 2, whole: 0.15, cut: 0.5, broken: 1 } as const;
const SUGAR = { above_brix: 30, per_brix: 35, whole: 0.03, cut: 0.15, broken: 0.15 } as const;
const ACETIC = { above_pct: 1, per_pct: 5, most: 1.2, whole: 0.03, cut: 0.1, broken: 0.1 } as const;
const SPIRIT = { above_pct: 15, whole: 0.05, cut: 0.15, broken: 0.15 } as const;

/** Rates that are given an hour at 20 °C grow tenfold in 40 K. */
const warmth = (temperature_C: number): number => 10 ** ((temperature_C - 20) / 40) / 60;

/**
 * Rate at which membranes give way: open = 1 − (1 − open at once) exp(−∫ rate dt).
 *
 * @param skin what is left of it
 * @param temperature_C of the liquor
 * @param liquor around it
 * @returns 1/min
 */
export function openingRate(skin: Skin, temperature_C: number, liquor: Liquor): number {
  const heat =
    temperature_C >= HEAT.from_C
      ? HEAT[skin] * Math.min(HEAT.most_per_min, HEAT.at70C_per_min * 10 ** ((temperature_C - 70) / 10))
      : 0;
  return heat + drawnRate(skin, temperature_C, liquor);
}

/** The part of the {@link openingRate} that is the liquor's: it falls as the sap thins the liquor, 1/min. */
export function drawnRate(skin: Skin, temperature_C: number, { brix, acetic_pct, ethanol_pct }: Liquor): number {
  const drawn =
    (brix > SUGAR.above_brix ? ((brix - SUGAR.above_brix) / SUGAR.per_brix) * SUGAR[skin] : 0) +
    (acetic_pct > ACETIC.above_pct ? Math.min(acetic_pct / ACETIC.per_pct, ACETIC.most) * ACETIC[skin] : 0) +
    (ethanol_pct > SPIRIT.above_pct ? SPIRIT[skin] : 0);
  return drawn > 0 ? drawn * warmth(temperature_C) : 0;
}

/** Share of the sap that diffusion alone can reach: raw and cut, or opened by heat, frost or a masher. */
export const FRESH_ACCESS = { raw: 0.6, opened: 0.9 } as const;
/** Raw tissue is opened above this temperature, °C. */
export const OPENS_AT_C = 60;

/** Grams of liquor that a gram of open tissue's insoluble matter, and a gram of closed tissue, hold back. */
export const FRESH_HOLDS: Readonly<Record<Straining, { readonly insoluble: number; readonly closed: number }>> = {
  drain: { insoluble: 6, closed: 0.1 },
  press: { insoluble: 4, closed: 0.06 },
  cloth: { insoluble: 3, closed: 0.04 },
  mill: { insoluble: 1.8, closed: 0.03 },
};

const CITRUS_FLESH = 0.035;
const CITRUS_PEEL = 0.13;
const HERB_LEAF = 0.1;

/** Matter that never dissolves, g in a gram, where it was measured: fibre and half the protein otherwise. */
export const INSOLUBLE_SHARES: Readonly<Record<string, number>> = {
  raspberries: 0.077,
  blackberries: 0.058,
  'elderberries-fresh': 0.08,
  blueberries: 0.03,
  strawberries: 0.023,
  'sour-cherries': 0.02,
  'sweet-cherries': 0.02,
  apple: 0.026,
  lemon: CITRUS_FLESH,
  'meyer-lemon': CITRUS_FLESH,
  lime: CITRUS_FLESH,
  'key-lime': CITRUS_FLESH,
  orange: CITRUS_FLESH,
  'blood-orange': CITRUS_FLESH,
  'bitter-orange': CITRUS_FLESH,
  mandarin: CITRUS_FLESH,
  grapefruit: CITRUS_FLESH,
  pomelo: CITRUS_FLESH,
  tangelo: CITRUS_FLESH,
  'lemon-peel': CITRUS_PEEL,
  'lime-peel': CITRUS_PEEL,
  'orange-peel': CITRUS_PEEL,
  'grapefruit-peel': CITRUS_PEEL,
  'pomelo-peel': CITRUS_PEEL,
  'bitter-orange-peel': CITRUS_PEEL,
  'rose-hips-fresh': 0.21,
  'ginger-fresh': 0.166,
  'turmeric-fresh': 0.15,
  carrot: 0.03,
  beetroot: 0.03,
  cucumber: 0.01,
  'spearmint-fresh': HERB_LEAF,
  'peppermint-fresh': HERB_LEAF,
  'basil-fresh': HERB_LEAF,
  'lemon-balm-fresh': HERB_LEAF,
  'lemon-verbena-fresh': HERB_LEAF,
  'parsley-fresh': HERB_LEAF,
};
