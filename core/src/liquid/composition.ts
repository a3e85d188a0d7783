/**
 * What adds up when things are mixed. Masses in g, amounts in mmol, charge in mEq, volume in mL.
 * A weak acid is counted in all its forms together (citric = citric acid + every citrate);
 * which form it is in follows from the pH and is never stored.
 */
export const EXTENSIVE_PROPERTIES = [
  'water_g',
  'solubleSolids_g',
  'insoluble_g',
  'ethanol_g',
  'salts_g',
  'saltsVolume_mL',
  'sucrose_g',
  'glucose_g',
  'fructose_g',
  'otherCarbohydrate_g',
  'dextrin_g',
  'addedSugars_g',
  'fat_g',
  'protein_g',
  'fibre_g',
  'caffeine_mg',
  'energy_kcal',
  'sodium_mmol',
  'potassium_mmol',
  'magnesium_mmol',
  'calcium_mmol',
  'chloride_mmol',
  'sulfate_mmol',
  'citric_mmol',
  'malic_mmol',
  'tartaric_mmol',
  'acetic_mmol',
  'ascorbic_mmol',
  'lactic_mmol',
  'gluconic_mmol',
  'quinic_mmol',
  'hibiscus_mmol',
  'phosphoric_mmol',
  'carbonic_mmol',
  'glycine_mmol',
  'residualAnion_mEq',
] as const;

export type ExtensiveProperty = (typeof EXTENSIVE_PROPERTIES)[number];

/** Totals of a portion of matter; for an ingredient, the totals of one gram of it. */
export type Composition = Readonly<Record<ExtensiveProperty, number>>;
export type MutableComposition = Record<ExtensiveProperty, number>;

/** A composition of nothing, to add to. */
export function emptyComposition(): MutableComposition {
  return {
    water_g: 0,
    solubleSolids_g: 0,
    insoluble_g: 0,
    ethanol_g: 0,
    salts_g: 0,
    saltsVolume_mL: 0,
    sucrose_g: 0,
    glucose_g: 0,
    fructose_g: 0,
    otherCarbohydrate_g: 0,
    dextrin_g: 0,
    addedSugars_g: 0,
    fat_g: 0,
    protein_g: 0,
    fibre_g: 0,
    caffeine_mg: 0,
    energy_kcal: 0,
    sodium_mmol: 0,
    potassium_mmol: 0,
    magnesium_mmol: 0,
    calcium_mmol: 0,
    chloride_mmol: 0,
    sulfate_mmol: 0,
    citric_mmol: 0,
    malic_mmol: 0,
    tartaric_mmol: 0,
    acetic_mmol: 0,
    ascorbic_mmol: 0,
    lactic_mmol: 0,
    gluconic_mmol: 0,
    quinic_mmol: 0,
    hibiscus_mmol: 0,
    phosphoric_mmol: 0,
    carbonic_mmol: 0,
    glycine_mmol: 0,
    residualAnion_mEq: 0,
  };
}

/** A composition with the given properties, the others zero. */
export function compositionOf(properties: Partial<Composition>): Composition {
  return { ...emptyComposition(), ...properties };
}

/**
 * Adds `factor` times `part` to `total`, in place. Written out property by property: this is the hot
 * path of every mixture, and a loop over property names is ten times slower.
 */
export function addScaled(total: MutableComposition, part: Composition, factor: number): void {
  total.water_g += part.water_g * factor;
  total.solubleSolids_g += part.solubleSolids_g * factor;
  total.insoluble_g += part.insoluble_g * factor;
  total.ethanol_g += part.ethanol_g * factor;
  total.salts_g += part.salts_g * factor;
  total.saltsVolume_mL += part.saltsVolume_mL * factor;
  total.sucrose_g += part.sucrose_g * factor;
  total.glucose_g += part.glucose_g * factor;
  total.fructose_g += part.fructose_g * factor;
  total.otherCarbohydrate_g += part.otherCarbohydrate_g * factor;
  total.dextrin_g += part.dextrin_g * factor;
  total.addedSugars_g += part.addedSugars_g * factor;
  total.fat_g += part.fat_g * factor;
  total.protein_g += part.protein_g * factor;
  total.fibre_g += part.fibre_g * factor;
  total.caffeine_mg += part.caffeine_mg * factor;
  total.energy_kcal += part.energy_kcal * factor;
  total.sodium_mmol += part.sodium_mmol * factor;
  total.potassium_mmol += part.potassium_mmol * factor;
  total.magnesium_mmol += part.magnesium_mmol * factor;
  total.calcium_mmol += part.calcium_mmol * factor;
  total.chloride_mmol += part.chloride_mmol * factor;
  total.sulfate_mmol += part.sulfate_mmol * factor;
  total.citric_mmol += part.citric_mmol * factor;
  total.malic_mmol += part.malic_mmol * factor;
  total.tartaric_mmol += part.tartaric_mmol * factor;
  total.acetic_mmol += part.acetic_mmol * factor;
  total.ascorbic_mmol += part.ascorbic_mmol * factor;
  total.lactic_mmol += part.lactic_mmol * factor;
  total.gluconic_mmol += part.gluconic_mmol * factor;
  total.quinic_mmol += part.quinic_mmol * factor;
  total.hibiscus_mmol += part.hibiscus_mmol * factor;
  total.phosphoric_mmol += part.phosphoric_mmol * factor;
  total.carbonic_mmol += part.carbonic_mmol * factor;
  total.glycine_mmol += part.glycine_mmol * factor;
  total.residualAnion_mEq += part.residualAnion_mEq * factor;
}

/** `factor` times `composition`. */
export function scaled(composition: Composition, factor: number): Composition {
  const result = emptyComposition();
  addScaled(result, composition, factor);
  return result;
}

/** Mass in g: water, dissolved and undissolved solids, and spirit. */
export function massOf(composition: Composition): number {
  return composition.water_g + composition.solubleSolids_g + composition.insoluble_g + composition.ethanol_g;
}

/** All sugars, g: sucrose, glucose, fructose, and the maltose and its like in honey and malt. */
export function sugarsOf(composition: Composition): number {
  return composition.sucrose_g + composition.glucose_g + composition.fructose_g + composition.otherCarbohydrate_g;
}

/** All digestible carbohydrate, g. */
export function carbohydrateOf(composition: Composition): number {
  return sugarsOf(composition) + composition.dextrin_g;
}
