import { findIngredient, type Ingredient } from '../catalogue';
import type { Amount, SpoonKind } from './amount';
import { formatNumber } from './format-number';
import type { IngredientPhrase } from './ingredient-phrase';
import type { MeasureError } from './measure-error';
import type { MeasuredMass } from './measured-mass';
import type { OwnMeasure } from './own-measure';
import { WHOLE } from './units';

/** So much of it. */
export interface MassDose extends MeasuredMass {
  readonly kind: 'mass';
}

/** As much as it takes to reach a mark. */
export interface FillDose {
  readonly kind: 'fill';
  readonly volume_mL: number;
  readonly cv: number;
  readonly errors: readonly MeasureError[];
}

/** How an amount follows from what is in the pot. */
export type PotRule =
  /** So many times as much, by mass or volume, as all that pours, or as something by the name it has there. */
  | { readonly kind: 'ratio'; readonly factor: number; readonly of: string | null; readonly by: 'mass' | 'volume' }
  /** g for every g, or for every mL, of what pours. */
  | { readonly kind: 'every'; readonly factor: number; readonly of: 'mass' | 'volume' }
  /** Until the pieces are covered. */
  | { readonly kind: 'cover' };

/** As much as what is in the pot asks for. */
export interface PotDose {
  readonly kind: 'pot';
  readonly rule: PotRule;
  readonly cv: number;
  readonly errors: readonly MeasureError[];
}

/** One line of a recipe, understood. */
export interface IngredientLine {
  readonly kind: 'read';
  readonly ingredient: Ingredient;
  readonly form?: string;
  readonly amount: Amount;
  readonly dose: MassDose | FillDose | PotDose;
  /** What was understood, in full: "0.667 US cup honey". */
  readonly understood: string;
  /** The measure of the maker's own by which it was told. */
  readonly byOwn?: Pick<OwnMeasure, 'id' | 'name'>;
  /** What was taken for granted, to be shown beside it. */
  readonly assumed: readonly string[];
}

export interface LineOptions {
  /** Spoons used where the line does not say. */
  readonly spoons?: SpoonKind;
  /** Ingredients of the maker's own, beside the catalogue. */
  readonly own?: readonly Ingredient[];
  /** What the maker's own pinch, handful or mug weighs. */
  readonly measures?: readonly OwnMeasure[];
  /** False for who only asks whether it can be read: what it could have meant instead is not looked for. */
  readonly suggests?: boolean;
}

/** Assumptions that hold for a name as short as this one. */
const SHORT_NAMES: Readonly<Record<string, string>> = {
  salt: 'read as fine table salt; flaky and coarse salt weigh less by the spoon',
  sugar: 'read as white granulated sugar',
  'tap water': 'read as tap water of average hardness',
};

function describeUnit(amount: Amount): string {
  if (amount.unit === WHOLE) return '';
  const heap = amount.heap === 'heaped' ? 'heaped ' : '';
  const spoons = amount.spoons === 'cutlery' && amount.unit.tool === 'spoon' ? 'cutlery ' : '';
  return `${heap}${spoons}${amount.value > 1 ? amount.unit.plural : amount.unit.name}`;
}

/** An amount of a thing in full: number, unit, name. */
export function describe(amount: Amount, thing: string): string {
  const number =
    amount.low < amount.high
      ? `${formatNumber(amount.low)} to ${formatNumber(amount.high)}`
      : formatNumber(amount.value);
  return [number, describeUnit(amount), thing].filter(Boolean).join(' ');
}

/** What a short name takes for granted; nothing of an ingredient that is not the catalogue's own of that name. */
export function assumptions(phrase: IngredientPhrase, ingredient: Ingredient): readonly string[] {
  const name = phrase.words.join(' ');
  const known = SHORT_NAMES[name];
  return known && findIngredient(name) === ingredient ? [known] : [];
}
