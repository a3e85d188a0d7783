import { findIngredient } from '../catalogue';
import type { DrinkStep } from '../drink';
import { rowOf } from '../lookup';
import { GROUPS, NO_WATERS, PART_OF_ONE, WATER, WATERS, readLine, type Read, type Reading } from '../read';

/** An ingredient of the list, until a step takes it. */
export interface Listed {
  readonly line: number;
  readonly step: DrinkStep;
  readonly read: Read;
  readonly confidence: number;
  /** It goes into each glass. */
  readonly atServing: boolean;
  /** Share of it that has gone in, 0 to 1. */
  gone: number;
}

export const isTaken = ({ gone }: Listed): boolean => gone > 0.99;

/** Words that say the state of a thing, or what it is measured in, and not which thing it is. */
const PLAIN = new Set(
  'fresh dried whole ground fine raw leaf leave root white juice peel zest and the tap water powder seed berry cold warm sliced crushed grated chopped cut large small litre liter cup gram tbsp tsp tablespoon teaspoon slice stick piece inch thumb finger pinch sprig dozen bag handful for every each much part cover taste'.split(
    ' ',
  ),
);
const singular = (word: string): string => word.replace(/ies$/, 'y').replace(/(?<=[sxzh])es$|(?<=[^s])s$/, '');

/** The words of a thing that name it. */
function wordsOf(name: string): readonly string[] {
  return name
    .toLowerCase()
    .replace(/[^a-z ]/g, ' ')
    .split(/\s+/)
    .map(singular)
    .filter((word) => word.length > 2 && !PLAIN.has(word));
}

/** Whether a sentence speaks of something in the list. */
export function speaksOf(sentence: string, { read, step }: Listed): boolean {
  const said = sentence.toLowerCase();
  const name = read.ingredient ?? '';
  if (WATERS.test(name)) return WATER.test(said.replace(NO_WATERS, ''));
  // "The peel": a part of one thing of the list.
  const part = PART_OF_ONE.exec(said)?.[1];
  if (part !== undefined && `${name} ${step.text}`.includes(part)) return true;
  const names = wordsOf(`${name} ${step.text}`);
  const spoken = said
    .replace(/[^a-z ]/g, ' ')
    .split(/\s+/)
    .map(singular);
  if (names.some((word) => spoken.some((each) => each === word || (word.length > 4 && each.startsWith(word)))))
    return true;
  const ingredient = findIngredient(name);
  return (
    ingredient !== undefined &&
    spoken.some((_, at) => {
      const group = rowOf(GROUPS, said.replace(/[^a-z ]/g, ' ').split(/\s+/)[at] ?? '');
      return group !== undefined && (group.includes(ingredient.role) || group.includes(ingredient.part ?? ''));
    })
  );
}

/** Two amounts of one thing are the same within this share. */
const SAME = 0.03;

/** Whether an addition of a step is the one that is listed. */
export const sameAmount = (a: Read, b: Read): boolean =>
  a.grams !== null && b.grams !== null && Math.abs(a.grams / b.grams - 1) <= SAME;

/** Whether two names are one thing, whatever its state: "lemon" and "lemon juice". */
export function sameThing(a: string | null, b: string | null): boolean {
  if (a === null || b === null) return false;
  if (a === b) return true;
  const [one, other] = [wordsOf(a), wordsOf(b)];
  return (
    one.length > 0 &&
    other.length > 0 &&
    (one.every((word) => other.includes(word)) || other.every((word) => one.includes(word)))
  );
}

/** Whether a bare name means something of the list: "salt" is the sea salt, "tea leaves" the green tea. */
export function isSaidOf(name: string, { read, step }: Listed): boolean {
  const words = (text: string): readonly string[] =>
    text
      .toLowerCase()
      .replace(/[^a-z ]/g, ' ')
      .split(/\s+/)
      .filter(Boolean)
      .map(singular);
  const said = words(name);
  const all = words(`${read.ingredient ?? ''} ${step.text}`);
  return said.length > 0 && said.every((word) => all.includes(word));
}

/** An amount of what is listed, in the words of the list where they name it. */
export function saidOf(amount: string, { step, read }: Listed): Reading {
  const listed = readLine(`${amount} ${step.text.split(' ').slice(2).join(' ')}`);
  if (listed.reads[0]?.ingredient === read.ingredient) return listed;
  return readLine(`${amount} ${read.ingredient!.split(',')[0]!}`);
}
