import type { SpreadFigure } from '@wellhydra/core/analyse';
import type { DailyValue, Nutrients } from '@wellhydra/core/serving';
import type { RailTone } from '../../../ui/rail';

/** How a figure is called, its unit, and the colour of its dot. */
export interface Measure {
  readonly label: string;
  readonly unit: string;
  readonly tone: RailTone;
}

/** Figures of the liquid itself and of a litre, as a target sets them. */
export const LITRE_MEASURES: Readonly<Partial<Record<SpreadFigure, Measure>>> = {
  'perLitre.sodium_mmol': { label: 'Sodium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.glucoseEquivalent_mmol': { label: 'Glucose, sucrose counted', unit: 'mmol/L', tone: 'sugar' },
  'perLitre.carbohydrate_g': { label: 'Carbohydrate', unit: 'g/L', tone: 'sugar' },
  'perLitre.potassium_mmol': { label: 'Potassium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.chloride_mmol': { label: 'Chloride', unit: 'mmol/L', tone: 'salt' },
  'perLitre.magnesium_mmol': { label: 'Magnesium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.calcium_mmol': { label: 'Calcium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.citrate_mmol': { label: 'Citrate', unit: 'mmol/L', tone: 'acid' },
  'liquid.osmolarity_mOsm_L': { label: 'Dissolved particles', unit: 'mOsm/L', tone: 'water' },
  'liquid.osmolality_mOsm_kg': { label: 'Dissolved particles', unit: 'mOsm/kg', tone: 'water' },
  'liquid.pH': { label: 'Acidity', unit: 'pH', tone: 'acid' },
};

/** Without a target, a litre shows these. */
export const PLAIN_LITRE: readonly SpreadFigure[] = [
  'perLitre.carbohydrate_g',
  'perLitre.sodium_mmol',
  'perLitre.potassium_mmol',
  'liquid.osmolality_mOsm_kg',
  'liquid.pH',
];

/** A content of a portion. */
export interface PortionMeasure extends Measure {
  readonly nutrient: keyof Nutrients;
  /** The figure of a target that sets its band. */
  readonly follows?: readonly SpreadFigure[];
  readonly daily?: DailyValue;
}

/** Figures of a portion; those that are nothing are left out, but for sugars and sodium. */
export const PORTION_MEASURES: readonly PortionMeasure[] = [
  {
    nutrient: 'sugars_g',
    label: 'Sugars',
    unit: 'g',
    tone: 'sugar',
    follows: ['perLitre.glucoseEquivalent_mmol', 'perLitre.carbohydrate_g'],
  },
  {
    nutrient: 'sodium_mg',
    label: 'Sodium',
    unit: 'mg',
    tone: 'salt',
    follows: ['perLitre.sodium_mmol'],
    daily: 'sodium_mg',
  },
  {
    nutrient: 'potassium_mg',
    label: 'Potassium',
    unit: 'mg',
    tone: 'salt',
    follows: ['perLitre.potassium_mmol'],
    daily: 'potassium_mg',
  },
  {
    nutrient: 'magnesium_mg',
    label: 'Magnesium',
    unit: 'mg',
    tone: 'salt',
    follows: ['perLitre.magnesium_mmol'],
    daily: 'magnesium_mg',
  },
  { nutrient: 'vitaminC_mg', label: 'Vitamin C', unit: 'mg', tone: 'acid', daily: 'vitaminC_mg' },
  { nutrient: 'energy_kcal', label: 'Energy', unit: 'kcal', tone: 'sugar' },
  { nutrient: 'fat_g', label: 'Fat', unit: 'g', tone: 'plain', daily: 'fat_g' },
  { nutrient: 'fibre_g', label: 'Fibre', unit: 'g', tone: 'botanical', daily: 'fibre_g' },
  { nutrient: 'protein_g', label: 'Protein', unit: 'g', tone: 'plain' },
  { nutrient: 'caffeine_mg', label: 'Caffeine', unit: 'mg', tone: 'botanical' },
];
export const ALWAYS_SHOWN = new Set<keyof Nutrients>(['sugars_g', 'sodium_mg']);
/** Of anything less nothing is said. */
export const WORTH_SHOWING: Partial<Record<keyof Nutrients, number>> = {
  potassium_mg: 1,
  magnesium_mg: 1,
  vitaminC_mg: 0.5,
  energy_kcal: 1,
  fat_g: 0.5,
  fibre_g: 0.5,
  protein_g: 0.5,
  caffeine_mg: 1,
};
