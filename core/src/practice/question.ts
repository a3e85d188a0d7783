import type { AnalyseOptions } from '../analyse';
import type { Ingredient } from '../catalogue';
import type { DrinkStep } from '../drink';

/** What is practised. */
export const PRACTICE_KINDS = ['measure', 'reduction', 'yield', 'salt', 'slip'] as const;
export type PracticeKind = (typeof PRACTICE_KINDS)[number];

interface Asked {
  /** "How much is left, mL?" */
  readonly ask: string;
  /** What is done, in order. */
  readonly steps: readonly DrinkStep[];
  /** What a run of it says, once it is answered; sentences. */
  readonly because: readonly string[];
}

/** How much something is: a number is guessed. */
export interface AmountQuestion extends Asked {
  readonly kind: Exclude<PracticeKind, 'slip'>;
  readonly unit: 'g' | 'mL' | 'mg';
  /** As it came of the run, in that unit; above 0. */
  readonly truth: number;
  /** The measure that is guessed, where it is one: weighed, it is known. */
  readonly measure?: PractisedMeasure;
}

/** A pinch, handful or mug of something. */
export interface PractisedMeasure {
  /** "pinch". */
  readonly name: string;
  readonly of: Pick<Ingredient, 'id' | 'name'>;
}

/** One that was not weighed yet: what it is by the tables, g, and how far hands differ, as a relative spread. */
export interface UnweighedMeasure extends PractisedMeasure {
  readonly usual_g: number;
  readonly cv: number;
}

/** What a kitchen measures by hand, and how its lines are read. */
export interface PractisingKitchen {
  /** Own ingredients, spoons and weighed measures. */
  readonly options: AnalyseOptions;
  /** What its own drinks have and was not weighed yet. */
  readonly measures: readonly UnweighedMeasure[];
}

/** What is wrong: a step is chosen. */
export interface SlipQuestion extends Asked {
  readonly kind: 'slip';
  /** Index of the step that is wrong. */
  readonly truth: number;
  /** How it was meant. */
  readonly meant: DrinkStep;
}

export type PracticeQuestion = AmountQuestion | SlipQuestion;

/** Uniform between 0 and 1; 1 itself never comes. */
export type Random = () => number;

/** One of some, each as likely as the others. */
export function oneOf<T>(random: Random, rows: readonly T[]): T {
  const row = rows[Math.floor(random() * rows.length)];
  if (row === undefined) throw new RangeError('oneOf: there is nothing to choose from');
  return row;
}

/** An amount between two, in steps as a recipe has them. */
export const between = (random: Random, least: number, most: number, step: number): number =>
  least + step * Math.floor(random() * (Math.floor((most - least) / step + 1e-9) + 1));
