import { BULK_DENSITIES } from './data/bulk-densities';
import { COMPOUNDS } from './data/compounds';
import { JUICES_AND_VINEGARS } from './data/juices-and-vinegars';
import { DRIED_PLANTS } from './data/dried-plants';
import { FRESH_PLANTS } from './data/fresh-plants';
import { GROUND_SUGARS } from './data/ground-sugars';
import { LIQUIDS, MORE_SWEETENERS } from './data/liquids';
import { PIECES, ROOTS } from './data/pieces';
import { PLANTS } from './data/plants';
import { SOURCES } from './data/sources';
import { SWEETENERS } from './data/sweeteners';
import { WATERS } from './data/waters';
import type { BulkDensity, Ingredient } from './ingredient';
import type { FoodRow } from './ingredient-row';
import { BERRY_YIELDS, FIRM_YIELDS, JUICE_YIELDS, type JuiceYields } from '../process';
import { plantRow } from './plant-tuple';
import { DRIED_BELOW_PCT, compoundComposition, foodComposition, waterComposition } from './row-compositions';

const WATER_DENSITY: BulkDensity = { density_g_mL: 0.99823, cv: 0, texture: 'liquid' };
/** Sucrose at 20 °C in 100 g of water; glucose and fructose dissolve at least as well in a drink. */
const SUGAR_SOLUBILITY_g_100g = 202;

const FOODS: readonly FoodRow[] = [
  ...JUICES_AND_VINEGARS,
  ...LIQUIDS,
  ...SWEETENERS,
  ...MORE_SWEETENERS,
  ...PLANTS,
  ...FRESH_PLANTS.map(plantRow),
  ...DRIED_PLANTS.map(plantRow),
  ...GROUND_SUGARS.map(({ sameAs, ...row }) => {
    const model = SWEETENERS.find((sugar) => sugar.id === sameAs);
    if (!model) throw new RangeError(`catalogue: '${row.id}' is the same as '${sameAs}', which is missing`);
    return { ...row, per100g: model.per100g };
  }),
];

/** How a plant lies in a spoon or cup where nobody has weighed it, g/mL (estimates of ours, C). */
const GUESSED_BULK = {
  leaf: { dried: 0.1, fresh: 0.08 },
  flower: { dried: 0.08, fresh: 0.07 },
  hibiscus: { dried: 0.3, fresh: 0.3 },
  root_bark: { dried: 0.35, fresh: 0.5 },
  berry_dried: { dried: 0.55, fresh: 0.6 },
  rosehip_cut: { dried: 0.5, fresh: 0.5 },
  seed: { dried: 0.45, fresh: 0.45 },
  powder: { dried: 0.42, fresh: 0.42 },
  mucilage_seed: { dried: 0.6, fresh: 0.6 },
  fruit: { dried: 0.55, fresh: 0.6 },
} as const;

function guessedBulk(row: FoodRow): BulkDensity {
  const bulk = GUESSED_BULK[row.part ?? 'leaf'];
  const texture = row.part === 'powder' ? 'powder' : 'leaf';
  return { density_g_mL: row.per100g.water < DRIED_BELOW_PCT ? bulk.dried : bulk.fresh, cv: 0.25, texture };
}

function measuresOf(id: string) {
  return {
    bulkDensities: BULK_DENSITIES.filter((row) => row.ingredient === id) as readonly BulkDensity[],
    pieces: PIECES.filter((row) => row.ingredient === id),
    root: ROOTS.find((row) => row.ingredient === id),
  };
}

const SOFT = /berr|currant|cherr|grapes|pomegranate/;

/** How much juice a fresh plant gives: its own row, or that of soft or firm fruit. */
function juiceOf(row: FoodRow): JuiceYields | undefined {
  if (JUICE_YIELDS[row.id]) return JUICE_YIELDS[row.id];
  if (row.part !== 'fruit' || row.id.endsWith('peel')) return undefined;
  return SOFT.test(row.id) ? BERRY_YIELDS : FIRM_YIELDS;
}

const LIQUID_IDS = new Set(JUICES_AND_VINEGARS.map((row) => row.id));

function botanyOf(row: FoodRow) {
  if (row.state !== 'solid') return {};
  const juice = juiceOf(row);
  const juiceId = `${row.id}-juice`;
  return {
    part: row.part ?? 'leaf',
    dried: row.per100g.water < DRIED_BELOW_PCT,
    ...(juice ? { juice } : {}),
    ...(LIQUID_IDS.has(juiceId) ? { juiceId } : {}),
  } as const;
}

function fromFood(row: FoodRow): Ingredient {
  const { per100g: _contents, density_g_mL, source, ...named } = row;
  const measures = measuresOf(row.id);
  const poured: readonly BulkDensity[] = density_g_mL
    ? row.state === 'liquid'
      ? [{ density_g_mL, cv: 0.005, texture: 'liquid' }]
      : row.state === 'soluble' && measures.bulkDensities.length === 0
        ? [{ density_g_mL, cv: 0.02, texture: 'syrup' }]
        : []
    : [];
  const guessed =
    measures.bulkDensities.length + poured.length === 0 && row.state === 'solid' ? [guessedBulk(row)] : [];
  return {
    ...named,
    ...measures,
    ...botanyOf(row),
    bulkDensities: [...measures.bulkDensities, ...poured, ...guessed],
    composition: foodComposition(row),
    ...(row.role === 'sweetener' ? { solubility_g_100g: SUGAR_SOLUBILITY_g_100g } : {}),
    source: SOURCES[source],
  };
}

function buildCatalogue(): readonly Ingredient[] {
  return [
    ...WATERS.map(({ mg_L: _minerals, carbonDioxide_mmol_L: _gas, ...row }, index): Ingredient => ({
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
  ];
}

/** All ingredients that ship with the application, in the order of their tables. */
export const CATALOGUE: readonly Ingredient[] = buildCatalogue();

const BY_ID = new Map(CATALOGUE.map((ingredient) => [ingredient.id, ingredient]));

/** The ingredient with an id; undefined for one that the catalogue does not have. */
export const catalogued = (id: string): Ingredient | undefined => BY_ID.get(id);

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
