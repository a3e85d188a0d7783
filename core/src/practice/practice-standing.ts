import type { PracticeKind } from './question';

/** A guess that was made. */
export interface PracticeAnswer {
  readonly kind: PracticeKind;
  /** Guess by truth; of a slip 1 where it was found, else 0. */
  readonly of: number;
}

/** How well somebody guesses, over their last answers of a kind. */
export interface PracticeStanding {
  readonly kind: PracticeKind;
  readonly answers: number;
  /** Amounts: two thirds of the guesses lie within this factor of the truth, above 1. Null for slips, and of fewer than three. */
  readonly within: number | null;
  /** Amounts: guess by truth in the middle: above 1 is too much. Null as above. */
  readonly leans: number | null;
  /** Slips: share that was found. Null for amounts. */
  readonly found: number | null;
  /** Which way it goes: against as many answers before; null while there are not as many. */
  readonly trend: 'better' | 'same' | 'worse' | null;
}

/** So many answers say how well somebody guesses now. */
const LAST = 12;
/** Fewer say nothing. */
const LEAST = 3;
/** A change that is more than chance brings, as a share of what was. */
const WORTH_SAYING = 0.2;

const mean = (all: readonly number[]): number => all.reduce((sum, each) => sum + each, 0) / all.length;
/** Root mean square of the logarithms: of a guess of 0 or less nothing is known. */
const logSpread = (of: readonly number[]): number => Math.sqrt(mean(of.map((each) => Math.log(each) ** 2)));

function trendOf(now: number, before: number): 'better' | 'same' | 'worse' {
  if (now < before * (1 - WORTH_SAYING)) return 'better';
  return now > before * (1 + WORTH_SAYING) ? 'worse' : 'same';
}

/**
 * How well somebody guesses: over their last twelve answers of a kind, and against the twelve before.
 *
 * @param answers the oldest first, of any kind
 */
export function practiceStanding(kind: PracticeKind, answers: readonly PracticeAnswer[]): PracticeStanding {
  const own = answers.filter((each) => each.kind === kind).map(({ of }) => of);
  const [last, before] = [own.slice(-LAST), own.slice(-2 * LAST, -LAST)];
  const enough = last.length >= LEAST;
  if (kind === 'slip') {
    const missed = (all: readonly number[]) => 1 - mean(all);
    return {
      kind,
      answers: own.length,
      within: null,
      leans: null,
      found: enough ? mean(last) : null,
      trend: before.length < LAST ? null : trendOf(missed(last), missed(before)),
    };
  }
  return {
    kind,
    answers: own.length,
    within: enough ? Math.exp(logSpread(last)) : null,
    leans: enough ? Math.exp(mean(last.map(Math.log))) : null,
    found: null,
    trend: before.length < LAST ? null : trendOf(logSpread(last), logSpread(before)),
  };
}

/**
 * The kind to practise next: one that is not known yet, else the one with the widest guesses.
 *
 * @param standings at least one
 */
export function practiseNext(standings: readonly PracticeStanding[]): PracticeKind {
  const worth = ({ within, found }: PracticeStanding) =>
    within === null && found === null ? Infinity : within !== null ? Math.log(within) : 1 - found!;
  const [first] = [...standings].sort((a, b) => worth(b) - worth(a) || a.answers - b.answers);
  if (!first) throw new RangeError('practiseNext: there is nothing to choose from');
  return first.kind;
}
