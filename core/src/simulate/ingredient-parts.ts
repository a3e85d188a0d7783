import type { Confidence, Ingredient } from '../catalogue';
import { WEAK_ACIDS, compositionOf, sugarsOf, type Composition, type ExtensiveProperty } from '../liquid';
import { EXTRACTABLE_SHARES, type ExtractionMode, RETENTION } from '../process';
import type { Column } from './chance';
import { perGramOf, type Mixture, type PerGram } from './mixture';

/** What varies between batches of a food without changing its mass: minerals, acids, vitamin C. */
const VARIES = new Set<ExtensiveProperty>([
  'sodium_mmol',
  'potassium_mmol',
  'magnesium_mmol',
  'calcium_mmol',
  'chloride_mmol',
  'sulfate_mmol',
  'residualAnion_mEq',
  ...WEAK_ACIDS.map(({ property }) => property),
]);

/** Relative standard deviation of minerals and acids by how sure a row is; compounds do not vary. */
const CONTENT_CV: Readonly<Record<Confidence, number>> = { A: 0.12, B: 0.16, C: 0.25 };

/** The causes of error in what a gram of an ingredient contains. */
export function contentCv(ingredient: Ingredient): number {
  return ingredient.formula ? 0 : CONTENT_CV[ingredient.confidence];
}

/** One gram split in what is steady, what varies, and what varies twice as much. */
export interface IngredientParts {
  readonly steady: PerGram;
  readonly varying: PerGram;
  readonly labile: PerGram;
}

/** Vitamin C fades on the way and differs twice as much as minerals do. */
const LABILE: ExtensiveProperty = 'ascorbic_mmol';

type Share = 'steady' | 'varying' | 'labile';
const shareOf = (name: ExtensiveProperty): Share =>
  name === LABILE ? 'labile' : VARIES.has(name) ? 'varying' : 'steady';

const pick = (c: Composition, share: Share): PerGram =>
  perGramOf(
    compositionOf(
      Object.fromEntries(
        Object.entries(c).filter(([name]) => shareOf(name as ExtensiveProperty) === share),
      ) as Partial<Composition>,
    ),
  );

const split = (c: Composition): IngredientParts => ({
  steady: pick(c, 'steady'),
  varying: pick(c, 'varying'),
  labile: pick(c, 'labile'),
});

/**
 * Adds grams of an ingredient's parts; changes `grams`.
 *
 * @param content factor on what varies; twice it on what is labile
 */
export function addParts(
  mixture: Mixture,
  { steady, varying, labile }: IngredientParts,
  grams: Column,
  content: Column,
): void {
  mixture.add(steady, grams);
  for (let sample = 0; sample < grams.length; sample += 1) grams[sample]! *= content[sample]!;
  mixture.add(varying, grams);
  if (labile.amounts.length === 0) return;
  for (let sample = 0; sample < grams.length; sample += 1) grams[sample]! *= content[sample]!;
  mixture.add(labile, grams);
}

const WHOLE_PARTS = new WeakMap<Ingredient, IngredientParts>();

/** Everything in one gram of an ingredient. */
export function partsOf(ingredient: Ingredient): IngredientParts {
  let parts = WHOLE_PARTS.get(ingredient);
  if (!parts) {
    parts = split(ingredient.composition ?? compositionOf({ insoluble_g: 1 }));
    WHOLE_PARTS.set(ingredient, parts);
  }
  return parts;
}

/** How a plant gives: by the heat of the water, raw, or as pressed juice. */
export type GivingMode = ExtractionMode | 'raw' | 'juice';

/** A fresh plant gives its juice as it is; how much of it, access and balance decide. */
const JUICE_SHARES = {
  sugar: 1,
  acid: 1,
  monovalent: 1,
  magnesium: 1,
  calcium: 1,
  phosphate: 1,
  vitaminC: 1,
  solids: 1,
};

type Shares = Readonly<Record<keyof typeof JUICE_SHARES, number>>;

function sharesOf(mode: GivingMode): Shares {
  return mode === 'raw' || mode === 'juice' ? JUICE_SHARES : EXTRACTABLE_SHARES[mode];
}

/** kcal a gram. Source: Atwater factors of the single sugars; organic acids by EU labelling, 2.47 measured. */
const ENERGY_kcal_g = { sucrose: 3.87, hexose: 3.74, other: 4, acid: 2.47 } as const;

function dissolvedEnergy(c: Composition): number {
  let acids_g = 0;
  for (const { property, molarMass_g_mol } of WEAK_ACIDS)
    if (property !== 'phosphoric_mmol' && property !== 'carbonic_mmol')
      acids_g += (c[property] * molarMass_g_mol) / 1000;
  return (
    c.sucrose_g * ENERGY_kcal_g.sucrose +
    (c.glucose_g + c.fructose_g) * ENERGY_kcal_g.hexose +
    (c.otherCarbohydrate_g + c.dextrin_g) * ENERGY_kcal_g.other +
    acids_g * ENERGY_kcal_g.acid
  );
}

const PHOSPHATE_CHARGE = 1.5;
const strongCharge = (c: Composition): number =>
  c.sodium_mmol + c.potassium_mmol + 2 * (c.magnesium_mmol + c.calcium_mmol) - c.chloride_mmol - 2 * c.sulfate_mmol;

/**
 * Unmeasured anions that come out of a dried plant. They were fitted to a decoction; in cooler water less
 * calcium and magnesium come out, and as many fewer of the anions that go with them, so that the charge
 * left to the known acids stays in proportion.
 */
function residualGiven(c: Composition, dissolved: Composition, shares: Shares): number {
  if (c.residualAnion_mEq === 0) return 0;
  const full = EXTRACTABLE_SHARES.decoction;
  const decocted =
    full.monovalent * (c.sodium_mmol + c.potassium_mmol - c.chloride_mmol - 2 * c.sulfate_mmol) +
    2 * (full.magnesium * c.magnesium_mmol + full.calcium * c.calcium_mmol);
  // Phosphate has a share of its own, and about one and a half charges at the pH of plants.
  const phosphate = (share: number): number => PHOSPHATE_CHARGE * share * c.phosphoric_mmol;
  const forKnownAcids = decocted - full.acid * c.residualAnion_mEq - phosphate(full.phosphate);
  const left = (shares.acid / full.acid) * forKnownAcids + phosphate(shares.phosphate);
  return strongCharge(dissolved) - left;
}

/** What one gram of a plant can give to the water in a mode, without its own water. */
function giving(ingredient: Ingredient, mode: GivingMode): Composition {
  const c = ingredient.composition ?? compositionOf({});
  const shares = sharesOf(mode);
  const part = ingredient.part ?? 'leaf';
  const soluble_g =
    ingredient.dried && part !== 'fruit' ? Math.max(RETENTION[part].extractable, sugarsOf(c)) : c.solubleSolids_g;
  const dissolved = compositionOf({
    solubleSolids_g: Math.min(soluble_g * shares.solids, c.solubleSolids_g + c.insoluble_g),
    sucrose_g: c.sucrose_g * shares.sugar,
    glucose_g: c.glucose_g * shares.sugar,
    fructose_g: c.fructose_g * shares.sugar,
    otherCarbohydrate_g: c.otherCarbohydrate_g * shares.sugar,
    dextrin_g: c.dextrin_g * shares.sugar,
    caffeine_mg: c.caffeine_mg * shares.monovalent,
    sodium_mmol: c.sodium_mmol * shares.monovalent,
    potassium_mmol: c.potassium_mmol * shares.monovalent,
    chloride_mmol: c.chloride_mmol * shares.monovalent,
    sulfate_mmol: c.sulfate_mmol * shares.monovalent,
    magnesium_mmol: c.magnesium_mmol * shares.magnesium,
    calcium_mmol: c.calcium_mmol * shares.calcium,
    phosphoric_mmol: c.phosphoric_mmol * shares.phosphate,
    ascorbic_mmol: c.ascorbic_mmol * shares.vitaminC,
    citric_mmol: c.citric_mmol * shares.acid,
    malic_mmol: c.malic_mmol * shares.acid,
    tartaric_mmol: c.tartaric_mmol * shares.acid,
    acetic_mmol: c.acetic_mmol * shares.acid,
    lactic_mmol: c.lactic_mmol * shares.acid,
    gluconic_mmol: c.gluconic_mmol * shares.acid,
    quinic_mmol: c.quinic_mmol * shares.acid,
    hibiscus_mmol: c.hibiscus_mmol * shares.acid,
    residualAnion_mEq: c.residualAnion_mEq * shares.acid,
  });
  const residual = ingredient.dried ? residualGiven(c, dissolved, shares) : dissolved.residualAnion_mEq;
  return { ...dissolved, residualAnion_mEq: residual, energy_kcal: dissolvedEnergy(dissolved) };
}

const GIVING_PARTS = new WeakMap<Ingredient, Map<GivingMode, IngredientParts>>();

/** {@link giving}, split and kept. */
export function givingOf(ingredient: Ingredient, mode: GivingMode): IngredientParts {
  let modes = GIVING_PARTS.get(ingredient);
  if (!modes) GIVING_PARTS.set(ingredient, (modes = new Map()));
  let parts = modes.get(mode);
  if (!parts) modes.set(mode, (parts = split(giving(ingredient, mode))));
  return parts;
}

/** Water in one gram, g. */
export const waterOf = (ingredient: Ingredient): number => ingredient.composition?.water_g ?? 0;

/** Dissolved solids that one gram gives in a mode when all is out, g. */
export function solidsGiven(ingredient: Ingredient, mode: GivingMode): number {
  const { steady } = givingOf(ingredient, mode);
  const at = steady.properties.indexOf(SOLIDS);
  return at < 0 ? 0 : steady.amounts[at]!;
}

const SOLIDS = perGramOf(compositionOf({ solubleSolids_g: 1 })).properties[0]!;
