import { personAt, type Person } from '../household';
import { linesCrossedBy, type LineStanding } from './daily-lines';
import type { DrinkFacts } from './drink-facts';
import { NO_INTAKE, intakeOf, type Intake } from './intake';
import { personCautions } from './person-cautions';

/** A line of somebody that one serving crosses by itself. */
export interface CrossedLine extends LineStanding {
  readonly person: string;
}

/** Lines of a day that a serving crosses for somebody it is made for, the furthest first. */
export const servingCrosses = (serving: Intake, people: readonly Person[], now: Date): readonly CrossedLine[] =>
  people
    .flatMap((person) =>
      linesCrossedBy(personAt(person, now), NO_INTAKE, serving).map((each) => ({ ...each, person: person.name })),
    )
    .sort((a, b) => b.share - a.share);

/** How a drink suits those it is made for: who must not have it, and whose lines a serving crosses. */
export interface Suits {
  readonly stops: readonly { readonly person: string; readonly what: string }[];
  readonly crossed: readonly CrossedLine[];
}

export function suits(facts: DrinkFacts, people: readonly Person[], now: Date): Suits {
  const judged = people.map((person) => ({
    person,
    stop: personCautions(facts, '', person, now).find(({ severity }) => severity === 'stop'),
  }));
  // Whoever must not have it at all is not told about amounts.
  const allowed = judged.filter(({ stop }) => !stop).map(({ person }) => person);
  return {
    stops: judged.flatMap(({ person, stop }) => (stop ? [{ person: person.name, what: stop.what }] : [])),
    crossed: servingCrosses(intakeOf(facts, 1), allowed, now),
  };
}

/** The most of a step's amount that keeps a serving within everybody's lines. */
export interface MostOfStep {
  /** Of the amount as it is written; 0 where nothing of it is within. */
  readonly factor: number;
  /** The line that holds it there. */
  readonly line: CrossedLine;
}

/** Amounts are looked at up to so many times what is written. */
const FURTHEST = 64;
/** The factor is found to this share. */
const EXACT = 1e-3;

/**
 * The most of an amount, as a factor of what is written, with which no serving crosses a line of the day of anybody the
 * drink is made for. Found by bisection over whole runs, since more of something makes the batch larger, too.
 *
 * @param serving what a serving brings with so many times the amount
 * @returns undefined where even 64 times the amount crosses nothing, or lines are crossed whatever the amount is
 */
export function mostWithinLines(
  serving: (factor: number) => Intake,
  people: readonly Person[],
  now: Date,
): MostOfStep | undefined {
  const crossed = (factor: number) => servingCrosses(serving(factor), people, now)[0];
  let over = crossed(FURTHEST);
  if (!over) return undefined;
  let [low, high] = [0, FURTHEST];
  const without = servingCrosses(serving(0), people, now);
  // What is crossed without any of it is not for this amount to mend.
  if (without.length > 0) return undefined;
  while (high - low > EXACT * high && high > EXACT) {
    const middle = low === 0 && high > 1 ? 1 : (low + high) / 2;
    const line = crossed(middle);
    if (line) [high, over] = [middle, line];
    else low = middle;
  }
  return { factor: low < EXACT ? 0 : low, line: over };
}
