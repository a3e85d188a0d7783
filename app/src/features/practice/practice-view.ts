import type { DrinkStep } from '@wellhydra/core/drink';
import {
  PRACTICE_KINDS,
  practiceStanding,
  practiseNext,
  type AmountQuestion,
  type PracticeAnswer,
  type PracticeKind,
  type PracticeQuestion,
  type PracticeStanding,
} from '@wellhydra/core/practice';
import { qualifierWords, stepTitle } from '../../domain/words/step-words';
import { typedNumber } from '../../ui/typed-number';
import type { WorthWeighing } from '../measures/answer-measures';
import { worthWords } from '../measures/measures-view';

export const KIND_NAMES: Readonly<Record<PracticeKind, string>> = {
  measure: 'A pinch',
  reduction: 'A cold spoon',
  yield: 'What is left',
  salt: 'The salt',
  slip: 'The slip',
};
export const KIND_OPTIONS = PRACTICE_KINDS.map((value) => ({ value, label: KIND_NAMES[value] }));

/** "Simmer 40 min, lid ajar". */
export const stepWords = (step: DrinkStep): string =>
  [stepTitle(step), qualifierWords(step)].filter(Boolean).join(', ');

/** A guess this far from it is as good as right, as a share. */
const RIGHT_ON = 0.05;
const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** A guess by the truth, in words. */
export function guessWords(of: number): string {
  if (Math.abs(of - 1) <= RIGHT_ON) return 'Right on.';
  if (of >= 2) return `${of >= 10 ? Math.round(of) : of.toFixed(1)} times too much.`;
  return of > 1 ? `${percent(of - 1)} too much.` : `${percent(1 - of)} too little.`;
}

/** An amount as a guess is made: three figures are more than an eye has. */
export const amountWords = ({ truth, unit }: AmountQuestion): string => `${Number(truth.toPrecision(3))} ${unit}`;

export type Guess = { readonly kind: 'answer'; readonly of: number } | { readonly kind: 'none'; readonly why: string };

/** What was typed as a guess, by the truth. */
export function readGuess(question: AmountQuestion, typed: string): Guess {
  if (typed.trim() === '') return { kind: 'none', why: 'Guess first' };
  const guess = typedNumber(typed);
  return guess > 0 && guess < 1_000_000
    ? { kind: 'answer', of: guess / question.truth }
    : { kind: 'none', why: `A number of ${question.unit}, such as 12` };
}

/** What is said once it is answered: how it was, how it is, and why. */
export interface ResultView {
  readonly title: string;
  readonly right: boolean;
  readonly lines: readonly string[];
}

/** @param brings what weighing the measure that was guessed would bring to a drink of one's own; empty for nothing */
export function resultView(question: PracticeQuestion, of: number, brings = ''): ResultView {
  if (question.kind === 'slip')
    return {
      title: of === 1 ? 'Found.' : 'It was another one.',
      right: of === 1,
      lines: [
        `“${stepWords(question.steps[question.truth]!)}” should have been “${stepWords(question.meant)}”.`,
        ...question.because.map((each) => (/[.!?]$/.test(each) ? each : `${each}.`)),
      ],
    };
  return {
    title: `${amountWords(question)}. ${guessWords(of)}`,
    right: Math.abs(of - 1) <= RIGHT_ON,
    lines: [...question.because, brings].filter(Boolean),
  };
}

/** How somebody does at one kind, in a line. */
export interface StandingView {
  readonly kind: PracticeKind;
  readonly name: string;
  readonly says: string;
}

const LEANS = 1.1;
const TRENDS: Readonly<Record<'better' | 'same' | 'worse', string>> = {
  better: 'better than before',
  same: 'as before',
  worse: 'less sure than before',
};

function saysOf({ answers, within, leans, found, trend }: PracticeStanding): string {
  if (within === null && found === null)
    return answers === 0 ? 'Not tried yet' : `${answers} answered; three say something`;
  const how =
    found === null
      ? [
          `mostly within ${percent(within! - 1)}`,
          leans! > LEANS ? 'rather too much' : leans! < 1 / LEANS ? 'rather too little' : '',
        ]
      : [`${percent(found)} found`];
  return [...how, trend ? TRENDS[trend] : ''].filter(Boolean).join(', ');
}

export interface PracticeView {
  readonly standings: readonly StandingView[];
  /** The kind whose guesses are widest, or not known yet. */
  readonly next: PracticeKind;
}

export function practiceView(answers: readonly PracticeAnswer[]): PracticeView {
  const standings = PRACTICE_KINDS.map((kind) => practiceStanding(kind, answers));
  return {
    standings: standings.map((standing) => ({
      kind: standing.kind,
      name: KIND_NAMES[standing.kind],
      says: saysOf(standing),
    })),
    next: practiseNext(standings),
  };
}

const MOST_GAINFUL = 3;

/**
 * The guesses that would make one's own drinks surest, once they are weighed; the most first.
 *
 * @param worth measures of one's own drinks that were not weighed yet, what narrows the spread most first
 */
export const gainfulGuesses = (worth: readonly WorthWeighing[]): readonly WorthWeighing[] =>
  worth.filter(({ most }) => most !== null).slice(0, MOST_GAINFUL);

/** What weighing the measure that is asked for would bring to a drink of one's own; empty for nothing. */
export function bringsOf(question: PracticeQuestion, guesses: readonly WorthWeighing[]): string {
  const asked = question.kind === 'measure' ? question.measure : undefined;
  const own = asked && guesses.find(({ name, of }) => name === asked.name && of.id === asked.of.id);
  return own ? worthWords(own).brings : '';
}
