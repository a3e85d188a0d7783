import type { DrinkFacts } from './drink-facts';

/** What a pour brought to somebody: amounts that lines are drawn for. */
export interface Intake {
  readonly sodium_mg: number;
  /** From salts, acids and powders. */
  readonly addedPotassium_mg: number;
  readonly addedMagnesium_mg: number;
  readonly sugars_g: number;
  readonly caffeine_mg: number;
  readonly vitaminC_mg: number;
  readonly ethanol_g: number;
  /** Dried plant by family, g. */
  readonly plants_g: Readonly<Record<string, number>>;
}

export const NO_INTAKE: Intake = {
  sodium_mg: 0,
  addedPotassium_mg: 0,
  addedMagnesium_mg: 0,
  sugars_g: 0,
  caffeine_mg: 0,
  vitaminC_mg: 0,
  ethanol_g: 0,
  plants_g: {},
};
type Figure = Exclude<keyof Intake, 'plants_g'>;
const FIGURES = Object.keys(NO_INTAKE).filter((key) => key !== 'plants_g') as readonly Figure[];

/** The forms of a plant are one family, as dried plant: fresh and dried ginger are ginger. */
const FORMS = /-(?:fresh|dried|ground|stick|whole|powder|paste|pods)$/;
/** The family of a plant by its id in the catalogue; "cinnamon" is the common one, cassia. */
export function plantFamily(id: string): string {
  const base = id.replace(FORMS, '');
  return base === id ? id : plantFamily(base);
}

/** What so many servings of a drink bring. */
export function intakeOf({ perServing, added, dried_g }: DrinkFacts, servings: number): Intake {
  const plants_g: Record<string, number> = {};
  for (const [id, grams] of Object.entries(dried_g)) {
    const family = plantFamily(id);
    plants_g[family] = (plants_g[family] ?? 0) + servings * grams;
  }
  return {
    sodium_mg: servings * perServing.sodium_mg,
    addedPotassium_mg: servings * added.potassium_mg,
    addedMagnesium_mg: servings * added.magnesium_mg,
    sugars_g: servings * perServing.sugars_g,
    caffeine_mg: servings * perServing.caffeine_mg,
    vitaminC_mg: servings * perServing.vitaminC_mg,
    ethanol_g: servings * perServing.ethanol_g,
    plants_g,
  };
}

/** All of them together. */
export function intakeSum(intakes: readonly Intake[]): Intake {
  const sum = { ...NO_INTAKE, plants_g: {} as Record<string, number> };
  for (const intake of intakes) {
    for (const figure of FIGURES) sum[figure] += intake[figure];
    for (const [family, grams] of Object.entries(intake.plants_g))
      sum.plants_g[family] = (sum.plants_g[family] ?? 0) + grams;
  }
  return sum;
}

/** So many times as much of everything. */
export function scaledIntake(intake: Intake, factor: number): Intake {
  const scaled = { ...intake, plants_g: {} as Record<string, number> };
  for (const figure of FIGURES) scaled[figure] = factor * intake[figure];
  for (const [family, grams] of Object.entries(intake.plants_g)) scaled.plants_g[family] = factor * grams;
  return scaled;
}
