import type { DrinkStep, Drink } from '../drink';
import type { Kitchen } from '../equipment';
import type { CoolingStage } from '../process';
import type { IngredientLine, LineOptions, Unreadable } from '../quantity';
import type { Ingredient } from '../catalogue';
import type { WorkingPot } from './pot';
import type { PotEntry, Standing } from './pot-picture';
import type { Column } from './chance';

/** Something a step came across that its maker should know; codes are those of the findings. */
export interface StepNote {
  readonly code: string;
  readonly text: string;
}

/** A container that a step filled. */
export interface FilledContainer {
  readonly count: number;
  readonly size_mL: number;
  readonly words: string;
  readonly glass: boolean;
  readonly headspace_mL: number | null;
}

/** What a step did, besides changing the pot. */
export interface StepDone {
  readonly minutes: number;
  readonly handsOn_min: number;
  /** The same in every sample, where the time is found and not given. */
  readonly minutesBySample?: Column;
  readonly line?: IngredientLine;
  readonly added_g?: number;
  /** What was taken of a preparation, as bottles of it are counted: mL, or grams of one that is dry. */
  readonly prepared?: { readonly name: string; readonly amount_mL: number };
  /** What went in is what was measured; else a measurement of the step is one of the pot. */
  readonly asMeasured?: true;
  readonly notes?: readonly StepNote[];
  /** Hottest the pot was in this step, °C, where that is not how it ended. */
  readonly hottest_C?: number;
  readonly strained_g?: number;
  /** Liquid that left to a bottle of its own. */
  readonly drawn_g?: number;
  /** Where it boils in this kitchen, as it is in the pot, °C; of what was on the heat. */
  readonly boil_C?: number;
  /** Heat that went into the pot, its steam and its losses, kJ. */
  readonly heat_kJ?: number;
  /** Minutes at a simmer or boil, without the heating up. */
  readonly cooking_min?: number;
  /** How it cooled, for the two-stage rule. */
  readonly cooling?: CoolingStage;
  readonly filled?: FilledContainer;
  readonly place?: StoragePlace;
  /** How the solids were kept back, for rules about hairs and seeds. */
  readonly strainer?: string;
  /** What came in stood warm before, since it last boiled. */
  readonly stood?: readonly Standing[];
  readonly processed?: { readonly minutes: number; readonly altitude_m: number | null };
}

export type StoragePlace = 'fridge' | 'cool room' | 'cupboard' | 'freezer';

/** What was measured of an addition while it was made; one of the two. */
export interface MeasuredAddition {
  readonly mass_g?: number;
  readonly volume_mL?: number;
}

/** A step as it is run: as it is written, with what was measured of what went in. */
export interface RunStep extends DrinkStep {
  readonly measured?: MeasuredAddition;
  /** How warm it was measured to be as it went into glass, °C. */
  readonly filledAt_C?: number;
}

/** Everything a verb may use. */
export interface StepContext {
  readonly step: RunStep;
  readonly index: number;
  readonly pot: WorkingPot;
  readonly kitchen: Kitchen;
  readonly options: LineOptions;
  /** Drinks that `use` may name. */
  readonly names: Scope;
  readonly prepared: PreparationLibrary;
}

/** A drink used inside another: one gram of it, and what went into that. */
export interface Prepared {
  readonly ingredient: Ingredient;
  readonly origins: ReadonlyMap<Ingredient, number>;
  readonly entries: readonly Omit<PotEntry, 'step' | 'within'>[];
  readonly drink: Drink;
  /** How much a gram of it is, as bottles of it are counted: mL, or a gram where it is dry. */
  readonly mL_per_g: number;
  /** When it stood warm since it last boiled. */
  readonly stood: readonly Standing[];
}

/** Drinks by the names under which they can be used. */
export type Scope = Readonly<Record<string, Drink>>;
/** A preparation that is ready, none of that name that comes to anything, or one that is nested too deep. */
export type Preparing = Prepared | undefined | 'too-deep';

/** The preparations of one analysis. */
export interface PreparationLibrary {
  /** The names that the steps of a drink see: its own before those around it. */
  readonly namesIn: (scope: Scope, drink: Drink) => Scope;
  /** Names that can be used here, longest first. */
  readonly names: (scope?: Scope) => readonly string[];
  readonly prepare: (scope: Scope, name: string) => Preparing;
}

/** Runs one verb. */
export type StepRunner = (context: StepContext) => StepDone | Unreadable;

/** A column of one value. */
export const evenColumn = (pot: WorkingPot, value: number): Column => new Float64Array(pot.samples).fill(value);
