import type { DrinkDocument } from '@wellhydra/core/drink';
import type { Person } from '@wellhydra/core/household';
import {
  drinkFactsOf,
  intakeOf,
  mostWithinLines,
  namesTogether,
  servingCrosses,
  suits,
  type CrossedLine,
  type Suits,
} from '@wellhydra/core/people';
import { formatNumber } from '@wellhydra/core/quantity';
import { measurableLine, scaleIngredientLine } from '@wellhydra/core/resize';
import { lineAmount, lineName, standingWords } from '../../../domain/people/person-words';
import { analyseDocument } from '../../../domain/run/analyse-document';
import type { RunContext } from '../../../domain/run/run-context';

/** Those a drink is made for, and when they are looked at. */
export interface MadeFor {
  readonly people: readonly Person[];
  readonly now: Date;
}

/** "Wren’s line for sodium". */
const lineOf = ({ person, line }: CrossedLine): string => `${person}’s line for ${lineName(line)}`;
const crossedWords = (crossed: CrossedLine): string =>
  `a serving is over ${lineOf(crossed)}: ${standingWords(crossed)}`;

/** What keeps a drink from suiting those it is made for, gravest first; nothing where it suits them. */
export const troubleWords = ({ stops, crossed }: Suits): readonly string[] => [
  ...stops.map(({ person, what }) => `not for ${person}: ${what}`),
  ...crossed.map(crossedWords),
];

/** How a drink as it is written suits those it is made for. */
export function suitsAsWritten(
  document: DrinkDocument,
  context: Pick<RunContext, 'options' | 'preparationsFor'>,
  { people, now }: MadeFor,
): Suits {
  return suits(drinkFactsOf(analyseDocument(document, context)), people, now);
}

/** A document in which a step says something else; without the step where it says nothing. */
export function withStepText(document: DrinkDocument, id: string, text: string | null): DrinkDocument {
  return {
    ...document,
    steps: document.steps.flatMap((step) => (step.id !== id ? [step] : text === null ? [] : [{ ...step, text }])),
  };
}

/** How much of a step there can be at most for those the drink is made for. */
export interface StepBound {
  /** "At most 1.2 g salt for Wren: …". */
  readonly words: string;
  /** The line that would be within; null where it is already, or nothing of it would be. */
  readonly take: string | null;
}

/** A share by which an amount may be over a bound that was found by halving. */
const ROUNDING = 2e-3;
/** A bound beyond this many times what is written is nobody's worry. */
const NEAR = 4;
const HALF_STEP = 0.97;

/** The largest amount that can be measured and stays within a factor; nothing where none does. */
function lineWithin(
  text: string,
  factor: number,
  { settings, options }: Pick<RunContext, 'options' | 'settings'>,
  within: (line: string) => boolean,
) {
  for (let share = 1; share > 0.5; share *= HALF_STEP) {
    const line =
      measurableLine(text, factor * share, settings, options) ?? scaleIngredientLine(text, factor * share, options);
    if (line && within(line)) return line;
  }
  return null;
}

/**
 * The most of a step that keeps a serving within the lines of those the drink is made for; null where nobody is named,
 * where its amount has nothing to do with any line, or where it is far from it.
 */
export function stepBound(
  document: DrinkDocument,
  { id, text }: { readonly id: string; readonly text: string },
  context: Pick<RunContext, 'options' | 'preparationsFor' | 'settings'>,
  { people, now }: MadeFor,
): StepBound | null {
  if (people.length === 0 || scaleIngredientLine(text, 2, context.options) === undefined) return null;
  const intakeWith = (line: string | null) =>
    intakeOf(drinkFactsOf(analyseDocument(withStepText(document, id, line), context)), 1);
  const serving = (factor: number) =>
    intakeWith(factor === 0 ? null : (scaleIngredientLine(text, factor, context.options) ?? text));
  const bound = mostWithinLines(serving, people, now);
  if (!bound || bound.factor > NEAR) return null;
  const { factor, line } = bound;
  if (factor === 0) return { words: `Nothing of it for ${line.person}: ${crossedWords(line)}.`, take: null };
  const within = (measured: string) => servingCrosses(intakeWith(measured), people, now).length === 0;
  const most = lineWithin(text, factor, context, within);
  const shown = most ?? `${formatNumber(factor, 2)} times what is written`;
  const above = `${lineOf(line)}, ${lineAmount(line.line, line.line.most)} a day`;
  return {
    words: `At most ${shown}: above it a serving is over ${above}.`,
    take: factor < 1 - ROUNDING ? most : null,
  };
}

/** "Made for Juno and Wren". */
export const madeForWords = (people: readonly Person[]): string =>
  `Made for ${namesTogether(people.map(({ name }) => name))}`;
