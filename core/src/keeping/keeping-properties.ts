import type { DrinkKind } from '../drink';
import type { Contents } from './contents';

/** What decides how a drink keeps; percentages by mass. */
export interface KeepingProperties {
  readonly kind: DrinkKind;
  readonly dry: boolean;
  readonly pH: number | null;
  readonly phMargin: number;
  readonly waterActivity: number | null;
  readonly brix: number | null;
  readonly alcohol_pctABV: number;
  readonly acetic_pct: number;
  readonly acidSugarIndex: number;
  readonly contents: Contents;
}
