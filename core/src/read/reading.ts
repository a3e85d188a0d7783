import type { DrinkStep, Verb } from '../drink';

/** What one step of a line says, in figures. */
export interface Read {
  readonly verb: Verb;
  /** Name in the catalogue; null where nothing is named. */
  readonly ingredient: string | null;
  readonly form: string | null;
  /** As it would weigh in this kitchen, g, with its 5 % and 95 % points; null where it is not known from the line alone. */
  readonly grams: number | null;
  readonly p5: number | null;
  readonly p95: number | null;
  /** What the amount depends on: "equal to the liquid", "to 2 L"; null where it depends on nothing. */
  readonly relative: string | null;
  readonly minutes: number | null;
  readonly celsius: number | null;
  readonly with: Readonly<Record<string, string>>;
}

/** What is asked where a line can be meant in several ways. */
export interface Question {
  readonly ask: string;
  readonly choices: readonly Choice[];
}

/** A way to read a line: what it says, and the line that says so plainly. */
export interface Choice {
  readonly says: string;
  readonly edit: string;
}

/** A question of a line, and what it is about: how much of a thing, which bottles, how something is done, or what is meant. */
export interface OpenQuestion extends Question {
  readonly about: 'amount' | 'bottles' | 'doing' | 'else';
}

/** A line as it was understood. */
export interface Reading {
  readonly text: string;
  readonly steps: readonly DrinkStep[];
  readonly reads: readonly Read[];
  /** Probability that a careful person would read the same, 0 to 1. */
  readonly confidence: number;
  readonly question: Question | null;
  /** All that is open, by what it is about; the question is the first of them. */
  readonly open: readonly OpenQuestion[];
  /** It became no step: it is kept as a note in the words it was written in. */
  readonly note: boolean;
}
