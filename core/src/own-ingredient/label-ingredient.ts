import {
  namedIn,
  type Ingredient,
  type State,
  type CompoundRow,
  type Role,
  countElements,
  compoundComposition,
} from '../catalogue';
import { compositionOf, ASCORBIC_ACID_g_mol, ATOMIC_WEIGHTS } from '../liquid';

/** What a package says of one serving; what it does not say is left out. */
export interface PackageLabel {
  readonly name: string;
  readonly serving_g: number;
  /** Density of a liquid or of a level measure of powder, g/mL, where it is known. */
  readonly density_g_mL?: number;
  readonly state: State;
  readonly role: Role;
  readonly energy_kcal?: number;
  readonly carbohydrate_g?: number;
  readonly sugars_g?: number;
  /** Which sugar the sugars are taken for. */
  readonly sugar?: 'sucrose' | 'glucose' | 'fructose';
  readonly fat_g?: number;
  readonly protein_g?: number;
  /** Counted in the carbohydrate on some labels, beside it on others. */
  readonly fibre_g?: number;
  readonly sodium_mg?: number;
  readonly potassium_mg?: number;
  readonly magnesium_mg?: number;
  readonly calcium_mg?: number;
  readonly chloride_mg?: number;
  readonly vitaminC_mg?: number;
  readonly caffeine_mg?: number;
  readonly water_g?: number;
}

const idOf = (name: string): string => `own:${name.trim().toLowerCase().replace(/\s+/g, '-')}`;

/** A label is rounded, and says nothing of acids: its figures are estimates. */
const LABEL_SOURCE = 'From the label of its package; acids are not on labels, so its pH is not known';

const ION_CHARGE = { sodium: 1, potassium: 1, magnesium: 2, calcium: 2, chloride: -1 } as const;

/**
 * An ingredient of the maker's own from the label of its package.
 *
 * @param label contents of one serving; serving_g above 0, parts not more than it
 * @returns an ingredient to be read, run and aimed with like any other
 * @throws RangeError when the parts weigh more than the serving, or a number is negative
 * What balances the charge of its minerals is counted as unmeasured anions, as if the powder were neutral.
 */
export function ingredientFromLabel(label: PackageLabel): Ingredient {
  const { serving_g, name } = label;
  if (!name.trim()) throw new RangeError('ingredientFromLabel: it needs a name');
  if (!(serving_g > 0)) throw new RangeError(`ingredientFromLabel: serving_g must be above 0, got ${serving_g}`);
  for (const [key, value] of Object.entries(label))
    if (typeof value === 'number' && !(value >= 0))
      throw new RangeError(`ingredientFromLabel: ${key} must not be negative, got ${value}`);
  const per = (value: number | undefined): number => (value ?? 0) / serving_g;
  const sugars = per(label.sugars_g);
  const water = per(label.water_g);
  const carbohydrate = Math.max(per(label.carbohydrate_g), sugars);
  const fat = per(label.fat_g);
  const protein = per(label.protein_g);
  if (carbohydrate + water + fat + protein > 1 + 1e-6)
    throw new RangeError(`ingredientFromLabel: its parts weigh more than the serving of ${serving_g} g`);
  const mmol = (mg: number | undefined, element: string): number => per(mg) / (ATOMIC_WEIGHTS[element] as number);
  const ions = {
    sodium: mmol(label.sodium_mg, 'Na'),
    potassium: mmol(label.potassium_mg, 'K'),
    magnesium: mmol(label.magnesium_mg, 'Mg'),
    calcium: mmol(label.calcium_mg, 'Ca'),
    chloride: mmol(label.chloride_mg, 'Cl'),
  };
  const charge = Object.entries(ions).reduce(
    (sum, [ion, amount]) => sum + ION_CHARGE[ion as keyof typeof ION_CHARGE] * amount,
    0,
  );
  const soluble = label.state === 'solid' ? 0 : 1 - water - fat;
  const { density_g_mL } = label;
  const texture = label.state === 'liquid' ? 'liquid' : 'powder';
  return {
    id: idOf(name),
    name: name.trim(),
    aliases: [],
    named: namedIn(name),
    role: label.role,
    state: label.state,
    ...(label.state === 'solid' ? { part: 'powder', dried: water < 0.5 } : {}),
    composition: compositionOf({
      water_g: water,
      solubleSolids_g: soluble,
      insoluble_g: 1 - water - soluble,
      [`${label.sugar ?? 'sucrose'}_g`]: sugars,
      dextrin_g: carbohydrate - sugars,
      addedSugars_g: sugars,
      fat_g: fat,
      protein_g: protein,
      fibre_g: per(label.fibre_g),
      caffeine_mg: per(label.caffeine_mg),
      energy_kcal: per(label.energy_kcal),
      sodium_mmol: ions.sodium,
      potassium_mmol: ions.potassium,
      magnesium_mmol: ions.magnesium,
      calcium_mmol: ions.calcium,
      chloride_mmol: ions.chloride,
      ascorbic_mmol: per(label.vitaminC_mg) / ASCORBIC_ACID_g_mol,
      residualAnion_mEq: charge,
    }),
    bulkDensities: density_g_mL ? [{ density_g_mL, cv: 0.1, texture }] : [],
    pieces: [],
    source: LABEL_SOURCE,
    confidence: 'C',
  };
}

/** A salt, acid or sugar of the maker's own, by its formula. */
export type FormulaIngredient = Pick<CompoundRow, 'name' | 'role' | 'formula' | 'acid'> & {
  readonly density_g_mL?: number;
  readonly solubility_g_100g?: number;
};

/** Volume a dissolved gram of a salt takes up where it is not known, mL/g. Source: middle of common salts. */
const USUAL_APPARENT_VOLUME = 0.28;

/**
 * An ingredient of the maker's own from its formula.
 *
 * @param of name, role, formula such as `MgCl2.6H2O`, and the weak acid in it
 * @returns an ingredient whose contents follow from the formula
 * @throws RangeError when the formula cannot be read
 */
export function ingredientFromFormula(of: FormulaIngredient): Ingredient {
  countElements(of.formula);
  const solubility_g_100g = of.solubility_g_100g ?? Infinity;
  const composition = compoundComposition({
    ...of,
    id: idOf(of.name),
    aliases: [],
    apparentVolume_mL_g: USUAL_APPARENT_VOLUME,
    solubility_g_100g,
    source: 'formula',
    confidence: 'B',
  });
  return {
    id: idOf(of.name),
    name: of.name,
    aliases: [],
    named: namedIn(of.name),
    role: of.role,
    state: 'soluble',
    formula: of.formula,
    composition,
    ...(Number.isFinite(solubility_g_100g) ? { solubility_g_100g } : {}),
    bulkDensities: of.density_g_mL ? [{ density_g_mL: of.density_g_mL, cv: 0.1, texture: 'crystal' }] : [],
    pieces: [],
    source: 'Computed from its formula',
    confidence: 'B',
  };
}
