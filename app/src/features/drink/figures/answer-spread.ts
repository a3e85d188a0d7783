import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { measureSpread } from '@wellhydra/core/spread';
import { targetFor } from '@wellhydra/core/target';
import { REHYDRATION_SODIUM } from '@wellhydra/core/caution';
import { runContext } from '../../../domain/run/run-context';
import { analyseDocument } from '../../../domain/run/analyse-document';
import type { Ranges } from './figures-view';

export interface SpreadQuestion {
  readonly document: DrinkDocument;
  readonly settings: KitchenSettings | null;
  /** Drinks that this one may use. */
  readonly others: readonly DrinkDocument[];
}

export interface SpreadAnswer {
  readonly ranges: Ranges;
  /** Share of drinks made like this that come out above the salt line; null where there is none. */
  readonly chanceTooSalty: number | null;
}

const DRAWS = 2000;

/** Computes the spread of a drink; runs in the worker, and in place where there is none. */
export function answerSpread({ document, settings, others }: SpreadQuestion): SpreadAnswer {
  const analysis = analyseDocument(document, runContext(settings, others));
  const spread = measureSpread(analysis, { draws: DRAWS });
  const hasLine = targetFor(analysis.drink)?.kinds.includes('rehydration') ?? false;
  return {
    ranges: spread.ranges,
    chanceTooSalty: hasLine ? spread.chanceAbove('perLitre.sodium_mmol', REHYDRATION_SODIUM.high) : null,
  };
}
