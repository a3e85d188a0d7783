import {
  carbohydrateOf,
  sugarsOf,
  type Composition,
  ASCORBIC_ACID_g_mol,
  ATOMIC_WEIGHTS,
  HEXOSE_g_mol,
  SUCROSE_g_mol,
} from '../liquid';

/** What a portion of drink contains. */
export interface Nutrients {
  readonly energy_kcal: number;
  readonly carbohydrate_g: number;
  readonly sugars_g: number;
  readonly addedSugars_g: number;
  readonly sodium_mg: number;
  readonly potassium_mg: number;
  readonly magnesium_mg: number;
  readonly calcium_mg: number;
  readonly chloride_mg: number;
  readonly vitaminC_mg: number;
  readonly fat_g: number;
  readonly ethanol_g: number;
  readonly protein_g: number;
  readonly fibre_g: number;
  readonly caffeine_mg: number;
}

const weight = (element: string): number => ATOMIC_WEIGHTS[element] as number;

/** Contents of a portion, from its totals. */
export function nutrientsOf(c: Composition): Nutrients {
  return {
    energy_kcal: c.energy_kcal,
    carbohydrate_g: carbohydrateOf(c),
    sugars_g: sugarsOf(c),
    addedSugars_g: c.addedSugars_g,
    sodium_mg: c.sodium_mmol * weight('Na'),
    potassium_mg: c.potassium_mmol * weight('K'),
    magnesium_mg: c.magnesium_mmol * weight('Mg'),
    calcium_mg: c.calcium_mmol * weight('Ca'),
    chloride_mg: c.chloride_mmol * weight('Cl'),
    vitaminC_mg: c.ascorbic_mmol * ASCORBIC_ACID_g_mol,
    fat_g: c.fat_g,
    ethanol_g: c.ethanol_g,
    protein_g: c.protein_g,
    fibre_g: c.fibre_g,
    caffeine_mg: c.caffeine_mg,
  };
}

/** Amounts in a litre of the finished drink. */
export interface PerLitre {
  readonly sodium_mmol: number;
  readonly potassium_mmol: number;
  readonly magnesium_mmol: number;
  readonly calcium_mmol: number;
  readonly chloride_mmol: number;
  readonly citrate_mmol: number;
  readonly bicarbonate_mmol: number;
  readonly glucose_mmol: number;
  readonly fructose_mmol: number;
  readonly sucrose_mmol: number;
  /** Glucose that can carry sodium across the gut: glucose + sucrose; fructose carries none. */
  readonly glucoseEquivalent_mmol: number;
  readonly carbohydrate_g: number;
}

/**
 * Concentrations of a liquid.
 *
 * @param c totals of the liquid
 * @param volume_mL its volume, above 0
 */
export function perLitreOf(c: Composition, volume_mL: number): PerLitre {
  const perLitre = 1000 / volume_mL;
  const glucose_mmol = ((1000 * c.glucose_g) / HEXOSE_g_mol) * perLitre;
  const sucrose_mmol = ((1000 * c.sucrose_g) / SUCROSE_g_mol) * perLitre;
  return {
    sodium_mmol: c.sodium_mmol * perLitre,
    potassium_mmol: c.potassium_mmol * perLitre,
    magnesium_mmol: c.magnesium_mmol * perLitre,
    calcium_mmol: c.calcium_mmol * perLitre,
    chloride_mmol: c.chloride_mmol * perLitre,
    citrate_mmol: c.citric_mmol * perLitre,
    bicarbonate_mmol: c.carbonic_mmol * perLitre,
    glucose_mmol,
    fructose_mmol: ((1000 * c.fructose_g) / HEXOSE_g_mol) * perLitre,
    sucrose_mmol,
    glucoseEquivalent_mmol: glucose_mmol + sucrose_mmol,
    carbohydrate_g: carbohydrateOf(c) * perLitre,
  };
}
