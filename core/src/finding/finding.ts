import type { Drink } from '../drink';
import type { Keeping } from '../keeping';
import type { Liquid } from '../liquid';
import type { Nutrients, PerLitre, ServingSize } from '../serving';
import type { Trace } from '../simulate';

/** Something about a step that its maker should know; codes are stable. */
export interface Finding {
  readonly code: string;
  /** Counted from 0; null when it concerns the drink as a whole. */
  readonly step: number | null;
  readonly text: string;
  /** It is said of the end of a sheet that has none yet: something still to come, nothing wrong. */
  readonly open?: true;
}

/** Everything a finding may look at. */
export interface FindingContext {
  readonly drink: Drink;
  readonly trace: Trace;
  readonly liquid: Liquid | null;
  readonly perLitre: PerLitre | null;
  readonly perServing: Nutrients;
  readonly serving: ServingSize | null;
  readonly keeping: Keeping | null;
}

/** Looks for one kind of slip. */
export type FindingRule = (context: FindingContext) => readonly Finding[];
