import type { Analysis } from './analyse-drink';

/** Figures that have a spread, by their path in an analysis. */
export const SPREAD_FIGURES = [
  'yield.mass_g',
  'yield.volume_mL',
  'perServing.energy_kcal',
  'perServing.carbohydrate_g',
  'perServing.sugars_g',
  'perServing.sodium_mg',
  'perServing.potassium_mg',
  'perServing.magnesium_mg',
  'perServing.calcium_mg',
  'perServing.chloride_mg',
  'perServing.vitaminC_mg',
  'perServing.addedSugars_g',
  'perServing.fat_g',
  'perServing.fibre_g',
  'perServing.protein_g',
  'perServing.ethanol_g',
  'perServing.caffeine_mg',
  'perLitre.sodium_mmol',
  'perLitre.potassium_mmol',
  'perLitre.magnesium_mmol',
  'perLitre.calcium_mmol',
  'perLitre.chloride_mmol',
  'perLitre.citrate_mmol',
  'perLitre.bicarbonate_mmol',
  'perLitre.glucose_mmol',
  'perLitre.fructose_mmol',
  'perLitre.sucrose_mmol',
  'perLitre.glucoseEquivalent_mmol',
  'perLitre.carbohydrate_g',
  'liquid.brix',
  'liquid.osmolarity_mOsm_L',
  'liquid.osmolality_mOsm_kg',
  'liquid.density_g_mL',
  'liquid.alcohol_pctABV',
  'liquid.waterActivity',
  'liquid.titratableAcid_pct',
  'liquid.boilingPoint_C',
  'liquid.viscosity_mPas.at5C',
  'liquid.viscosity_mPas.at20C',
  'liquid.pH',
  'time.total_min',
  'losses.steam_g',
  'losses.strained_g',
] as const;

export type SpreadFigure = (typeof SPREAD_FIGURES)[number];

/** The value of a figure in an analysis; null where it does not apply. */
export function figureValue(analysis: Analysis, figure: SpreadFigure): number | null {
  if (figure === 'yield.volume_mL') return analysis.liquid?.volume_mL ?? null;
  if (figure === 'yield.mass_g') return analysis.trace.pot.mass_g;
  if (figure === 'time.total_min') return analysis.trace.total_min;
  if (figure === 'losses.steam_g') return analysis.trace.losses.steam_g;
  if (figure === 'losses.strained_g') return analysis.trace.losses.strained_g;
  let value: unknown = analysis;
  for (const name of figure.split('.')) value = (value as Readonly<Record<string, unknown>> | null | undefined)?.[name];
  return typeof value === 'number' ? value : null;
}
