import {
  compositionOf,
  type Composition,
  ASCORBIC_ACID_g_mol,
  ATOMIC_WEIGHTS,
  BICARBONATE_g_mol,
  SULFATE_g_mol,
  WEAK_ACIDS,
} from '../liquid';
import { countElements, crystalWater, molarMass } from './chemical-formula';
import type { CompoundRow, FoodRow, Per100g, WaterRow } from './ingredient-row';
import { residualAnion } from './residual-anion';

const WATER_DENSITY_g_mL = 0.99823;
const WATER_g_mol = 18.015;
/** A plant with less water than this is a dried one, g per 100 g. */
export const DRIED_BELOW_PCT = 50;

const weight = (element: string): number => ATOMIC_WEIGHTS[element] as number;

const FOOD_ACIDS = ['citric', 'malic', 'tartaric', 'acetic', 'lactic', 'gluconic', 'quinic', 'hibiscus'] as const;

function acidAmounts(row: Per100g): Partial<Record<string, number>> {
  return Object.fromEntries(
    FOOD_ACIDS.map((name) => {
      const property = `${name}_mmol`;
      const acid = WEAK_ACIDS.find((candidate) => candidate.property === property);
      return [property, (10 * (row[name] ?? 0)) / (acid?.molarMass_g_mol as number)];
    }),
  );
}

/** One gram of a food from its row of contents per 100 g. */
export function foodComposition(row: Pick<FoodRow, 'per100g' | 'role' | 'state'>): Composition {
  const p = row.per100g;
  const share = (grams: number | undefined) => (grams ?? 0) / 100;
  const ion = (mg: number | undefined, element: string) => (mg ?? 0) / 100 / weight(element);
  const sugars = share(p.sucrose) + share(p.glucose) + share(p.fructose) + share(p.otherCarbohydrate);
  const known = compositionOf({
    water_g: share(p.water),
    solubleSolids_g: share(p.solubleSolids),
    insoluble_g: Math.max(0, 1 - share(p.water) - share(p.solubleSolids) - share(p.ethanol)),
    ethanol_g: share(p.ethanol),
    sucrose_g: share(p.sucrose),
    glucose_g: share(p.glucose),
    fructose_g: share(p.fructose),
    otherCarbohydrate_g: share(p.otherCarbohydrate),
    dextrin_g: share(p.dextrin),
    addedSugars_g: row.role === 'sweetener' ? sugars : 0,
    fat_g: share(p.fat),
    protein_g: share(p.protein),
    fibre_g: share(p.fibre),
    caffeine_mg: share(p.caffeine_mg),
    energy_kcal: share(p.energy_kcal),
    sodium_mmol: ion(p.sodium_mg, 'Na'),
    potassium_mmol: ion(p.potassium_mg, 'K'),
    magnesium_mmol: ion(p.magnesium_mg, 'Mg'),
    calcium_mmol: ion(p.calcium_mg, 'Ca'),
    chloride_mmol: ion(p.chloride_mg, 'Cl'),
    phosphoric_mmol: ion(p.phosphorus_mg, 'P'),
    ascorbic_mmol: (p.vitaminC_mg ?? 0) / 100 / ASCORBIC_ACID_g_mol,
    residualAnion_mEq: (p.residualAnion_mEq_per_kg ?? 0) / 1000,
    ...acidAmounts(p),
  });
  if (p.referencePh === undefined) return known;
  const dried = row.state === 'solid' && p.water < DRIED_BELOW_PCT;
  return { ...known, residualAnion_mEq: residualAnion(known, p.referencePh, dried) };
}

/** One gram of a pure compound from its formula; crystal water joins the water. */
export function compoundComposition(row: CompoundRow): Composition {
  const atoms = countElements(row.formula);
  const mmol = 1000 / molarMass(row.formula);
  const water_g = (crystalWater(row.formula) * WATER_g_mol * mmol) / 1000;
  const [acid, count] = row.acid ?? [undefined, 0];
  return compositionOf({
    water_g,
    solubleSolids_g: 1 - water_g,
    salts_g: 1 - water_g,
    saltsVolume_mL: row.apparentVolume_mL_g * (1 - water_g),
    energy_kcal: row.energy_kcal_g ?? 0,
    sodium_mmol: (atoms.Na ?? 0) * mmol,
    potassium_mmol: (atoms.K ?? 0) * mmol,
    magnesium_mmol: (atoms.Mg ?? 0) * mmol,
    calcium_mmol: (atoms.Ca ?? 0) * mmol,
    chloride_mmol: (atoms.Cl ?? 0) * mmol,
    sulfate_mmol: (atoms.S ?? 0) * mmol,
    ...(acid ? { [acid]: count * mmol } : {}),
  });
}

/** One gram of a water from its supply report; the minerals weigh next to nothing. */
export function waterComposition(row: WaterRow): Composition {
  const perGram = (mg_L: number | undefined, gramsPerMol: number) =>
    (mg_L ?? 0) / gramsPerMol / (1000 * WATER_DENSITY_g_mL);
  const m = row.mg_L;
  const solids_g = Object.values(m).reduce((sum, mg) => sum + mg, 0) / 1e6 / WATER_DENSITY_g_mL;
  return compositionOf({
    water_g: 1 - solids_g,
    solubleSolids_g: solids_g,
    salts_g: solids_g,
    saltsVolume_mL: 0.3 * solids_g,
    sodium_mmol: perGram(m.sodium, weight('Na')),
    potassium_mmol: perGram(m.potassium, weight('K')),
    magnesium_mmol: perGram(m.magnesium, weight('Mg')),
    calcium_mmol: perGram(m.calcium, weight('Ca')),
    chloride_mmol: perGram(m.chloride, weight('Cl')),
    sulfate_mmol: perGram(m.sulfate, SULFATE_g_mol),
    carbonic_mmol:
      perGram(m.bicarbonate, BICARBONATE_g_mol) + (row.carbonDioxide_mmol_L ?? 0) / (1000 * WATER_DENSITY_g_mL),
  });
}
