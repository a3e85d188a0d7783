import type { Drink, DrinkKind } from '../drink';
import type { Contents, Keeping } from '../keeping';
import type { Liquid } from '../liquid';
import type { Nutrients, PerLitre } from '../serving';
import type { Trace } from '../simulate';

/** stop: not to be drunk as it is. warn: shown before the recipe. note: good to know. */
export type Severity = 'stop' | 'warn' | 'note';

/** Minerals that salts, acids and powders bring, apart from those of fruit, milk and water. */
export interface AddedMinerals {
  readonly potassium_mmol: number;
  readonly magnesium_mg: number;
  readonly sodium_mg: number;
}

/** Everything a rule may look at. */
export interface CautionContext {
  readonly kind: DrinkKind;
  readonly drink: Drink;
  readonly trace: Trace;
  /** What is done to each glass, run by itself; null where nothing is. */
  readonly glass: Trace | null;
  readonly keeping: Keeping | null;
  readonly contents: Contents;
  /** Hours between 57 and 5 °C since it last boiled, where it is neither sour nor dry. */
  readonly warm_h: number;
  /** Servings in the batch; 0 where that is not known. */
  readonly servings: number;
  readonly liquid: Liquid | null;
  readonly perLitre: PerLitre | null;
  readonly perServing: Nutrients;
  /** Minerals from salts and powders alone, in one serving. */
  readonly addedPerServing: AddedMinerals;
}

/** A rule: when it fires, and what it says then. */
export interface CautionRule {
  readonly code: string;
  /** How grave it is, where it depends on the drink as what that drink makes of it. */
  readonly severity: Severity | ((context: CautionContext) => Severity);
  /** Who it is for, in words that fit behind "for". */
  readonly concerns: string;
  readonly fires: (context: CautionContext) => boolean;
  /** A few words for a line of its own. */
  readonly title: string;
  readonly text: (context: CautionContext) => string;
  readonly source: string;
}

/** A rule that fired on a drink. */
export interface Caution {
  readonly code: string;
  readonly severity: Severity;
  readonly title: string;
  readonly text: string;
  readonly concerns: string;
  readonly source: string;
}
