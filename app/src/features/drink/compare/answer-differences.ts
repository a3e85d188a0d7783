import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { runContext } from '../../../domain/run/run-context';
import { differencesOf, type DifferenceView } from './differences';

export interface DifferencesQuestion {
  /** Which question it is: the answer carries it back. */
  readonly asked: string;
  readonly first: DrinkDocument;
  readonly second: DrinkDocument;
  readonly settings: KitchenSettings | null;
  /** Drinks that the two may use. */
  readonly others: readonly DrinkDocument[];
}

export interface DifferencesAnswer {
  readonly asked: string;
  readonly differences: readonly DifferenceView[];
}

/** Runs the first drink once for each difference; in the worker, and in place where there is none. */
export const answerDifferences = ({
  asked,
  first,
  second,
  settings,
  others,
}: DifferencesQuestion): DifferencesAnswer => ({
  asked,
  differences: differencesOf(first, second, runContext(settings, others)),
});
