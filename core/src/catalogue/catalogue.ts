import { BULK_DENSITIES } from './data/bulk-densities';
import { COMPOUNDS } from './data/compounds';
import { JUICES_AND_VINEGARS } from './data/juices-and-vinegars';
import { GROUND_SUGARS, MEASURED_ONLY } from './data/measured-only';
import { JUICE_YIELDS, PIECES, ROOTS } from './data/pieces';
import { PLANTS } from './data/plants';
import { SOURCES } from './data/sources';
import { SWEETENERS } from './data/sweeteners';
import { WATERS } from './data/waters';
import type { BulkDensity, Ingredient } from './ingredient';
import type { FoodRow } from './ingredient-row';
import { compoundComposition, foodComposition, waterComposition } from './row-compositions';

const WATER_DENSITY: BulkDensity = { density_g_mL: 0.99823, cv: 0, texture: 'liquid' };
/** Sucrose at 20 °C in 100 g of water; glucose and fructose dissolve at least as well in a drink. */
const SUGAR_SOLUBILITY_g_100g = 202;

const FOODS: readonly FoodRow[] = [
  ...JUICES_AND_VINEGARS,
  ...SWEETENERS,
  ...PLANTS,
  ...GROUND_SUGARS.map(({ sameAs, ...row }) => {
    const model = SWEETENERS.find((sugar) => sugar.id === sameAs);
    if (!model) throw new RangeError(`catalogue: '${row.id}' is the same as '${sameAs}', which is missing`);
    return { ...row, per100g: model.per100g };
  }),
];

function measuresOf(id: string) {
  return {
    bulkDensities: BULK_DENSITIES.filter((row) => row.ingredient === id) as readonly BulkDensity[],
    pieces: PIECES.filter((row) => row.ingredient === id),
    root: ROOTS.find((row) => row.ingredient === id),
    juice: JUICE_YIELDS.find((row) => row.fruit === id),
  };
}

function fromFood(row: FoodRow): Ingredient {
  const { per100g: _contents, density_g_mL, source, ...named } = row;
  const measures = measuresOf(row.id);
  const poured: readonly BulkDensity[] =
    density_g_mL && row.state === 'liquid' ? [{ density_g_mL, cv: 0.005, texture: 'liquid' }] : [];
  return {
    ...named,
    ...measures,
    bulkDensities: [...measures.bulkDensities, ...poured],
    composition: foodComposition(row),
    ...(row.role === 'sweetener' ? { solubility_g_100g: SUGAR_SOLUBILITY_g_100g } : {}),
    source: SOURCES[source],
  };
}

function buildCatalogue(): readonly Ingredient[] {
  return [
    ...WATERS.map(({ mg_L: _minerals, ...row }, index): Ingredient => ({
      ...row,
      role: 'water',
      state: 'liquid',
      ...measuresOf(row.id),
      bulkDensities: [WATER_DENSITY],
      composition: waterComposition(WATERS[index]!),
      source: SOURCES[row.source],
    })),
    ...COMPOUNDS.map((row): Ingredient => ({
      id: row.id,
      name: row.name,
      aliases: row.aliases,
      role: row.role,
      state: 'soluble',
      formula: row.formula,
      solubility_g_100g: row.solubility_g_100g,
      ...measuresOf(row.id),
      composition: compoundComposition(row),
      source: SOURCES[row.source],
      confidence: row.confidence,
    })),
    ...FOODS.map(fromFood),
    ...MEASURED_ONLY.map((row): Ingredient => ({
      ...row,
      state: 'solid',
      ...measuresOf(row.id),
      source: SOURCES[row.source],
    })),
  ];
}

/** All ingredients that ship with the application, in the order of their tables. */
export const CATALOGUE: readonly Ingredient[] = buildCatalogue();

const BY_ID = new Map(CATALOGUE.map((ingredient) => [ingredient.id, ingredient]));

/**
 * The ingredient with an id.
 *
 * @throws RangeError when no row has it
 */
export function ingredientById(id: string): Ingredient {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`ingredientById: no ingredient has the id '${id}'`);
  return found;
}
