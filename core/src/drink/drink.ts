import type { OwnIngredientFields } from './own-ingredient-fields';
import type { Verb } from './verbs';

/** Name and version of the drink file. */
export const DRINK_FORMAT = 'wellhydra-drink/1';

export const DRINK_KINDS = [
  'infused-water',
  'juice',
  'tea',
  'tonic',
  'syrup',
  'vinegar-honey',
  'concentrate',
  'gel',
  'dry-mix',
  'rehydration',
  'sport',
  'daily-hydration',
] as const;
export type DrinkKind = (typeof DRINK_KINDS)[number];

/** One thing done, as written. */
export interface DrinkStep {
  readonly verb: Verb;
  readonly text: string;
  readonly note?: string;
  readonly optional?: boolean;
  /** on, ajar or off. */
  readonly lid?: string;
  readonly burner?: string;
  readonly pot?: string;
  /** Where or how warm it stands. */
  readonly at?: string;
  /** What it stands or lies in. */
  readonly in?: string;
  readonly for?: string;
  readonly keepLiquid?: boolean;
  readonly loadLimit?: string;
  readonly gently?: boolean;
  /** The pieces are eaten with the drink. */
  readonly eaten?: boolean;
  readonly strain?: string;
  readonly as?: string;
  readonly headspace?: string;
  readonly method?: string;
  readonly altitude?: string;
}

/** Qualifiers of a step that are text, and those that are yes or no. */
export const TEXT_QUALIFIERS = [
  'note',
  'lid',
  'burner',
  'pot',
  'at',
  'in',
  'for',
  'loadLimit',
  'strain',
  'as',
  'headspace',
  'method',
  'altitude',
] as const satisfies readonly (keyof DrinkStep)[];
export const FLAG_QUALIFIERS = [
  'optional',
  'keepLiquid',
  'gently',
  'eaten',
] as const satisfies readonly (keyof DrinkStep)[];

/** A formula: what it is for, how it is served, and its steps in order. */
export interface Drink {
  readonly name: string;
  readonly kind: DrinkKind;
  /** Size of a serving as written; {@link DEFAULT_SERVINGS} where it is missing. */
  readonly serving?: string;
  /** Code of the target it is measured against, where not the first of its kind. */
  readonly target?: string;
  readonly steps: readonly DrinkStep[];
  /** Done to each glass, not to the batch. */
  readonly atServing?: readonly DrinkStep[];
  /** Drinks used inside this one, by name. */
  readonly preparations?: Readonly<Record<string, Drink>>;
  /** Ingredients of the maker's own, by formula or by the label of a package. */
  readonly ingredients?: readonly OwnIngredientFields[];
  /** The recipe it was read from, in the words in which it was written. */
  readonly source?: string;
}

/** Size of a serving by kind, where the drink does not say. */
export const DEFAULT_SERVINGS: Readonly<Record<DrinkKind, string>> = {
  'infused-water': '250 mL',
  juice: '200 mL',
  tea: '200 mL',
  tonic: '150 mL',
  syrup: '15 mL',
  'vinegar-honey': '15 mL',
  concentrate: '30 mL',
  gel: '30 mL',
  'dry-mix': '5 g',
  rehydration: '250 mL',
  sport: '500 mL',
  'daily-hydration': '500 mL',
};
