import type { Analysis } from './analyse-drink';

export const ANALYSIS_FORMAT = 'wellhydra-analysis/1';

/**
 * An analysis as the command line prints it: plain JSON, null where a figure does not apply.
 *
 * @param analysis of a drink without problems
 */
export function analysisReport(analysis: Analysis) {
  const { serving, liquid, trace, keeping } = analysis;
  return {
    format: ANALYSIS_FORMAT,
    name: analysis.drink.name,
    yield: {
      mass_g: trace.pot.mass_g,
      volume_mL: liquid?.volume_mL ?? null,
      servings: serving?.servings ?? null,
      serving_mL: serving?.volume_mL ?? null,
    },
    perServing: {
      ...analysis.perServing,
      botanicals: analysis.botanicals.map(({ ingredient, dryEquivalent_g }) => ({
        ingredient: ingredient.name,
        dryEquivalent_g,
      })),
    },
    perLitre: analysis.perLitre ?? NO_CONCENTRATIONS,
    liquid: {
      brix: liquid?.brix ?? null,
      density_g_mL: liquid?.density_g_mL ?? null,
      osmolarity_mOsm_L: liquid?.osmolarity_mOsm_L ?? null,
      osmolality_mOsm_kg: liquid?.osmolality_mOsm_kg ?? null,
      tonicity: liquid?.tonicity ?? null,
      pH: liquid?.pH ?? null,
      waterActivity: liquid?.waterActivity ?? null,
      alcohol_pctABV: liquid?.alcohol_pctABV ?? null,
      titratableAcid_pct: liquid?.titratableAcid_pct ?? null,
      boilingPoint_C: liquid?.boilingPoint_C ?? null,
      viscosity_mPas: liquid?.viscosity_mPas ?? null,
      feel: liquid?.feel ?? null,
    },
    time: { total_min: trace.total_min, handsOn_min: trace.handsOn_min },
    losses: trace.losses,
    keeping: keeping ? { place: keeping.place, days: keeping.days, heldBackBy: keeping.heldBackBy } : null,
    cautions: analysis.cautions.map(({ code, severity, text }) => ({ code, severity, text })),
    findings: analysis.findings,
    trace: trace.entries.map(({ step, verb, at_min, mass_g, volume_mL, temperature_C, brix }) => ({
      step,
      verb,
      at_min,
      mass_g,
      volume_mL,
      temperature_C,
      brix,
    })),
  };
}

const NO_CONCENTRATIONS = {
  sodium_mmol: null,
  potassium_mmol: null,
  magnesium_mmol: null,
  calcium_mmol: null,
  chloride_mmol: null,
  citrate_mmol: null,
  bicarbonate_mmol: null,
  glucose_mmol: null,
  fructose_mmol: null,
  sucrose_mmol: null,
  glucoseEquivalent_mmol: null,
  carbohydrate_g: null,
};
