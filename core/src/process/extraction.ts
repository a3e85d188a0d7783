const GAS_CONSTANT = 8.314e-3; // kJ/(mol K)
const REFERENCE_K = 368.15; // 95 °C
const DAY_min = 1440;

/** Activation energies, kJ/mol: dried plants, and living tissue. */
export const ACTIVATION_kJ_mol = { dried: 40, fresh: 25 } as const;

/** Spread of a rate constant: about a factor of two at 95 %, as a relative standard deviation of its logarithm. */
export const RATE_CV = 0.35;

/** Rate constants at 95 °C, 1/min, by form. Source: extraction studies in print, condensed (C). */
export const EXTRACTION_RATES = {
  powder: 1.2,
  tea_bag: 0.6,
  cut_leaf: 0.3,
  whole_leaf: 0.15,
  flower: 0.25,
  hibiscus_cut: 0.25,
  cut_root: 0.12,
  root_slice: 0.06,
  berry_crushed: 0.12,
  berry_whole_dried: 0.04,
  stick_bark: 0.03,
  fresh_leaf_torn: 0.1,
  fresh_leaf_whole: 0.04,
  fresh_fruit_slice: 0.12,
  fresh_berry_cut: 0.06,
  fresh_berry_whole: 0.005,
  fresh_root_grated: 0.4,
  fresh_root_slice: 0.15,
} as const;
export type ExtractionForm = keyof typeof EXTRACTION_RATES;

/** Rates at room temperature in sour or thick liquids, 1/day: dried cut, fresh chopped, whole dried berries. */
export const MACERATION_RATES = {
  vinegar: { dried: 0.25, fresh: 0.2, berry: 0.12 },
  oxymel: { dried: 0.15, fresh: 0.12, berry: 0.08 },
} as const;
export type Medium = 'water' | keyof typeof MACERATION_RATES;

export const isFreshForm = (form: ExtractionForm): boolean => form.startsWith('fresh');

/**
 * Rate of extraction, k(T) = k95 exp(-Ea/R (1/T - 1/368.15 K)); in vinegar or oxymel the slower
 * rate of maceration.
 *
 * @param form of the plant
 * @param temperature_C of the liquid
 * @param medium what it lies in
 * @returns 1/min
 */
export function extractionRate(form: ExtractionForm, temperature_C: number, medium: Medium = 'water'): number {
  const fresh = isFreshForm(form);
  const energy = fresh ? ACTIVATION_kJ_mol.fresh : ACTIVATION_kJ_mol.dried;
  const arrhenius = (reference_K: number) =>
    Math.exp((-energy / GAS_CONSTANT) * (1 / (temperature_C + 273.15) - 1 / reference_K));
  if (medium === 'water') return EXTRACTION_RATES[form] * arrhenius(REFERENCE_K);
  const rates = MACERATION_RATES[medium];
  const perDay = fresh ? rates.fresh : form === 'berry_whole_dried' ? rates.berry : rates.dried;
  return (perDay / DAY_min) * arrhenius(293.15);
}

/** Share extracted after some minutes, 1 - exp(-k t). */
export function extractedShare(form: ExtractionForm, temperature_C: number, minutes: number): number {
  return 1 - Math.exp(-extractionRate(form, temperature_C) * minutes);
}

/** How hot the water ever was decides how much can come out at all. */
export type ExtractionMode = 'cold_night' | 'hot_steep' | 'decoction';

/** Least temperatures of the modes, °C. */
export const MODE_TEMPERATURES = { hot_steep: 60, decoction: 85 } as const;

/** Shares of what is in a dried plant that water can take out, by what it is. Source: estimates (C). */
export const EXTRACTABLE_SHARES = {
  decoction: {
    sugar: 0.9,
    acid: 0.9,
    monovalent: 0.9,
    magnesium: 0.6,
    calcium: 0.2,
    phosphate: 0.6,
    vitaminC: 0.5,
    solids: 0.9,
  },
  hot_steep: {
    sugar: 0.75,
    acid: 0.8,
    monovalent: 0.8,
    magnesium: 0.5,
    calcium: 0.15,
    phosphate: 0.5,
    vitaminC: 0.6,
    solids: 0.73,
  },
  cold_night: {
    sugar: 0.6,
    acid: 0.65,
    monovalent: 0.65,
    magnesium: 0.35,
    calcium: 0.1,
    phosphate: 0.35,
    vitaminC: 0.5,
    solids: 0.56,
  },
} as const;

/** The mode that a temperature allows. */
export function modeAt(temperature_C: number): ExtractionMode {
  if (temperature_C >= MODE_TEMPERATURES.decoction) return 'decoction';
  return temperature_C >= MODE_TEMPERATURES.hot_steep ? 'hot_steep' : 'cold_night';
}
