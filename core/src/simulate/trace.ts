import type { Drink, Verb } from '../drink';
import type { Kitchen } from '../equipment';
import type { LineOptions, Unreadable } from '../quantity';
import type { Pot, PotEntry } from './pot-picture';
import type { PreparationLibrary, StepDone } from './step-run';

/** The pot after one step, and what the step did. */
export interface TraceEntry extends Omit<StepDone, 'minutes' | 'hottest_C'> {
  /** Counted from 0. */
  readonly step: number;
  readonly verb: Verb;
  readonly text: string;
  /** When the step is done, minutes from the start. */
  readonly at_min: number;
  readonly minutes: number;
  readonly mass_g: number;
  readonly volume_mL: number | null;
  readonly temperature_C: number;
  readonly hottest_C: number;
  readonly brix: number | null;
  readonly pot: Pot;
  /** Water that left as steam in this step, g. */
  readonly steam_g: number;
}

/** The hottest that something in the pot has ever been, here or in the preparation it came in, °C. */
export const hottestOf = ({ step, was_C = -Infinity }: PotEntry, entries: readonly TraceEntry[]): number =>
  entries.reduce((most, entry) => (entry.step >= step ? Math.max(most, entry.hottest_C) : most), was_C);

/** A step that could not be run: it changes nothing, and says why. */
export interface StepProblem extends Omit<Unreadable, 'kind'> {
  readonly step: number;
}

/** What the simulator returns: the pot after every step, and the steps it could not run. */
export interface Trace {
  readonly entries: readonly TraceEntry[];
  readonly problems: readonly StepProblem[];
  readonly pot: Pot;
  readonly total_min: number;
  readonly handsOn_min: number;
  readonly losses: { readonly steam_g: number; readonly strained_g: number };
}

/** How a drink is run. */
export interface RunOptions extends LineOptions {
  readonly kitchen?: Partial<Kitchen>;
  /** Drinks that `use` may name. */
  readonly preparations?: Readonly<Record<string, Drink>>;
  /** Those that were run already; runs of one analysis share them. */
  readonly prepared?: PreparationLibrary;
}
