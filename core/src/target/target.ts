import type { DrinkKind } from '../drink';

/** Figures that a target can set; all per litre or of the liquid itself. */
export type TargetFigure =
  | 'perLitre.sodium_mmol'
  | 'perLitre.potassium_mmol'
  | 'perLitre.magnesium_mmol'
  | 'perLitre.chloride_mmol'
  | 'perLitre.citrate_mmol'
  | 'perLitre.glucoseEquivalent_mmol'
  | 'perLitre.carbohydrate_g'
  | 'liquid.osmolarity_mOsm_L'
  | 'liquid.osmolality_mOsm_kg'
  | 'liquid.pH';

/** One figure of a target: what to aim at, and the band that counts as met. */
export interface TargetBand {
  readonly figure: TargetFigure;
  readonly aim: number;
  readonly low: number;
  readonly high: number;
}

/** A wanted composition. */
export interface Target {
  readonly code: string;
  readonly name: string;
  /** Kinds of drink it is for; the first target of a kind is its default. */
  readonly kinds: readonly DrinkKind[];
  readonly bands: readonly TargetBand[];
  readonly note: string;
  readonly source: string;
}
