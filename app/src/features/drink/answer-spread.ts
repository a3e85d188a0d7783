import { analyseDrink } from '@wellhydra/core/analyse';
import type { DrinkDocument, DrinkKind } from '@wellhydra/core/drink';
import { measureSpread } from '@wellhydra/core/spread';
import { targetFor } from '@wellhydra/core/target';
import { REHYDRATION_SODIUM } from '@wellhydra/core/caution';
import type { Ranges } from './figures-view';

export interface SpreadQuestion {
  readonly number: number;
  readonly document: DrinkDocument;
}

export interface SpreadAnswer {
  readonly number: number;
  readonly ranges: Ranges;
  /** Share of drinks made like this that come out above the salt line; null where there is none. */
  readonly chanceTooSalty: number | null;
}

const DRAWS = 2000;

/** Computes the spread of a drink; runs in the worker, and in place where there is none. */
export function answerSpread({ number, document }: SpreadQuestion): SpreadAnswer {
  const { name, serving, target, steps } = document;
  const drink = { name, kind: document.kind as DrinkKind, serving, ...(target ? { target } : {}), steps };
  const spread = measureSpread(analyseDrink(drink), { draws: DRAWS });
  const hasLine = targetFor(drink)?.kinds.includes('rehydration') ?? false;
  return {
    number,
    ranges: spread.ranges,
    chanceTooSalty: hasLine ? spread.chanceAbove('perLitre.sodium_mmol', REHYDRATION_SODIUM.high) : null,
  };
}
