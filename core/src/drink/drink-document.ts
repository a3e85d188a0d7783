import type { DrinkStep } from './drink';
import type { VariantBoard } from './variant-board';

/** A step as it is edited: with an id that stays when it moves. */
export interface EditedStep extends DrinkStep {
  readonly id: string;
  /** Done to each glass, not to the batch. */
  readonly atServing?: boolean;
}

/** The part of a drink that people edit. */
export interface DrinkDocument {
  readonly name: string;
  readonly kind: string;
  readonly serving: string;
  readonly target: string | null;
  readonly steps: readonly EditedStep[];
  /** Slots and their fillings, where the drink is tried in several ways. */
  readonly variants?: VariantBoard;
  /** The recipe it was read from, in the words in which it was written. */
  readonly source?: string;
}
