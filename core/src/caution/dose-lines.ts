import type { Ingredient } from '../catalogue';
import type { DrinkKind } from '../drink';
import { ATOMIC_WEIGHTS, osmolarity, type Composition } from '../liquid';
import { perLitreOf } from '../serving';
import { isMineral } from './in-the-drink';
import { REHYDRATION_POTASSIUM, REHYDRATION_SODIUM, REHYDRATION_SUGAR } from './rehydration-dilution';

/** Potassium from salts in a serving worth a word, and too much of it, mmol. Source: label and prescribing practice. */
export const POTASSIUM_mmol = { some: 0.5, much: 10, tooMuch: 20 } as const;
/** Baking soda in a serving, g: a quarter of a teaspoon. Source: US FDA antacid labelling. */
export const SODA_g = 1.2;
/** Magnesium from salts in a serving, mg. Source: EFSA tolerable upper intake from supplements. */
export const MAGNESIUM_mg = 250;

/** A line about an amount: what a drink may have of something before a caution about it fires. */
export interface DoseLine {
  /** Code of the caution. */
  readonly code: string;
  readonly name: string;
  readonly unit: string;
  readonly most: number;
  readonly per: 'litre' | 'serving';
  /** Kinds of drink it holds for; all where there are none. */
  readonly kinds?: readonly DrinkKind[];
  /** What a gram of an ingredient brings. */
  readonly of: (ingredient: Ingredient) => number;
}

const litre =
  (figure: (c: Composition) => number) =>
  ({ composition }: Ingredient): number =>
    composition ? figure(composition) : 0;
const mineral =
  (figure: (c: Composition) => number) =>
  (ingredient: Ingredient): number =>
    isMineral(ingredient) && ingredient.composition ? figure(ingredient.composition) : 0;
const rehydration = { per: 'litre', kinds: ['rehydration'] } as const;

/** Lines that doses must not cross. Their sources stand with the cautions of the same code. */
export const DOSE_LINES: readonly DoseLine[] = [
  {
    ...rehydration,
    code: 'rehydration-salt-high',
    name: 'sodium',
    unit: 'mmol/L',
    most: REHYDRATION_SODIUM.high,
    of: litre((c) => c.sodium_mmol),
  },
  {
    ...rehydration,
    code: 'rehydration-potassium-high',
    name: 'potassium',
    unit: 'mmol/L',
    most: REHYDRATION_POTASSIUM.high,
    of: litre((c) => c.potassium_mmol),
  },
  {
    ...rehydration,
    code: 'rehydration-sugar-high',
    name: 'glucose that carries sodium',
    unit: 'mmol/L',
    most: REHYDRATION_SUGAR.glucose_mmol_L,
    of: litre((c) => perLitreOf(c, 1000).glucoseEquivalent_mmol),
  },
  {
    ...rehydration,
    code: 'rehydration-sugar-high',
    name: 'dissolved particles',
    unit: 'mOsm/L',
    most: REHYDRATION_SUGAR.osmolarity_mOsm_L,
    of: litre((c) => osmolarity(c, 1000)),
  },
  {
    code: 'potassium-too-much',
    name: 'added potassium',
    unit: 'mmol a serving',
    most: POTASSIUM_mmol.tooMuch,
    per: 'serving',
    of: mineral((c) => c.potassium_mmol),
  },
  {
    code: 'magnesium-laxative',
    name: 'added magnesium',
    unit: 'mg a serving',
    most: MAGNESIUM_mg,
    per: 'serving',
    of: mineral((c) => c.magnesium_mmol * (ATOMIC_WEIGHTS['Mg'] as number)),
  },
  {
    code: 'soda-dose',
    name: 'baking soda',
    unit: 'g a serving',
    most: SODA_g,
    per: 'serving',
    of: ({ id }) => (id === 'baking-soda' ? 1 : 0),
  },
];

/** The lines that hold for kinds of drink. */
export const doseLinesFor = (kinds: readonly DrinkKind[]): readonly DoseLine[] =>
  DOSE_LINES.filter((line) => !line.kinds || line.kinds.some((kind) => kinds.includes(kind)));
