import type { OwnIngredientFields } from '../drink';
import type { Ingredient, State, Role } from '../catalogue';
import { ingredientFromFormula, ingredientFromLabel, type PackageLabel } from './label-ingredient';

const ROLES = ['salt', 'acid', 'sweetener', 'juice', 'fruit', 'vegetable', 'herb'] as const satisfies readonly Role[];
const STATES = ['liquid', 'soluble', 'solid'] as const satisfies readonly State[];

function oneOf<T extends string>(value: string | undefined, usual: T, names: readonly T[], field: string): T {
  if (value === undefined) return usual;
  if (names.includes(value as T)) return value as T;
  throw new RangeError(`${field} is one of ${names.join(', ')}; got "${value}"`);
}

const LABEL_NUMBERS = [
  'serving_g',
  'energy_kcal',
  'carbohydrate_g',
  'sugars_g',
  'fat_g',
  'protein_g',
  'fibre_g',
  'sodium_mg',
  'potassium_mg',
  'magnesium_mg',
  'calcium_mg',
  'chloride_mg',
  'vitaminC_mg',
  'caffeine_mg',
  'water_g',
] as const satisfies readonly (keyof PackageLabel)[];
const SUGARS = ['sucrose', 'glucose', 'fructose'] as const;

function labelOf({ name, label = {}, role, state, density_g_mL }: OwnIngredientFields): PackageLabel {
  for (const [key, value] of Object.entries(label)) {
    if (key === 'sugar') continue;
    if (!(LABEL_NUMBERS as readonly string[]).includes(key))
      throw new RangeError(`"${key}" is not on a label; it has ${LABEL_NUMBERS.join(', ')} and sugar`);
    if (typeof value !== 'number') throw new RangeError(`${key} is a number; got "${value}"`);
  }
  const { sugar, ...numbers } = label;
  return {
    ...(numbers as unknown as Pick<PackageLabel, 'serving_g'>),
    name,
    role: oneOf(role, 'sweetener', ROLES, 'role'),
    state: oneOf(state, 'soluble', STATES, 'state'),
    ...(sugar === undefined ? {} : { sugar: oneOf(String(sugar), 'sucrose', SUGARS, 'sugar') }),
    ...(density_g_mL === undefined ? {} : { density_g_mL }),
  };
}

/**
 * An ingredient of the maker's own as a drink file has it.
 *
 * @throws RangeError when its formula or its label cannot be
 */
export function ownIngredient(fields: OwnIngredientFields): Ingredient {
  const { name, formula, role, density_g_mL, solubility_g_100g } = fields;
  if (formula === undefined) return ingredientFromLabel(labelOf(fields));
  return ingredientFromFormula({
    name,
    formula,
    role: oneOf(role, 'salt', ROLES, 'role'),
    ...(density_g_mL === undefined ? {} : { density_g_mL }),
    ...(solubility_g_100g === undefined ? {} : { solubility_g_100g }),
  });
}
