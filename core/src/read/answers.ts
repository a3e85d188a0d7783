import { findIngredient, normaliseName } from '../catalogue';
import type { LineOptions } from '../quantity';
import {
  AS_MUCH,
  ASKS,
  BY_WHAT,
  CELSIUS,
  KINDS,
  LOOSE,
  SIZELESS,
  SOME,
  SPOON,
  TIMED_WORD,
  TO_TASTE,
  UNITS,
  USUAL_AMOUNTS,
  USUAL_TIMES,
} from './en/answers';
import { STATES } from './en/noise';
import { readLine } from './read-line';
import type { Choice, Question, Reading } from './reading';

/** A choice that is an amount: "1 tsp". */
const AMOUNT = /^[\d½¼¾⅓⅔]/;
/** A word that names a thing. */
const NAMED = /[a-z]{3}/i;

/** A text with a part of it said in another way; nothing where that part is not in it. */
function replaced(text: string, part: RegExp, by: string): string | undefined {
  return part.test(text) ? text.replace(part, by) : undefined;
}

/** A line as it would be if a question were answered so; nothing where the answer does not say how. */
function editOf({ text, reads }: Reading, says: string): string | undefined {
  const [only, ...more] = reads;
  const name = only?.ingredient?.split(',')[0] ?? '';
  const sized = AMOUNT.test(says) ? replaced(text, SIZELESS, `$&${says} `) : undefined;
  if (sized !== undefined) return sized;
  if (reads.some(({ relative }) => relative !== null)) return undefined;
  // A choice that is a whole addition is the line.
  if (more.length === 0 && /\d/.test(says) && NAMED.test(says.replace(UNITS, ''))) return says;
  if (/^(?:tsp|tbsp)$/.test(says)) return replaced(text, SPOON, says);
  if (AMOUNT.test(says))
    return replaced(text, LOOSE, says) ?? (more.length === 0 && name ? `${says} ${name}` : undefined);
  const head = says.split(' ').at(-1)!;
  return replaced(text, new RegExp(`\\b${head.replace(/[^a-z]/gi, '')}\\b`, 'i'), says);
}

/** Where a thing is named in a line, with what is said of its state before it. */
function placeOf(text: string, name: string): number | undefined {
  const words = new Set(name.split(/[ ,]+/).map((word) => normaliseName(word)));
  const said = [...text.matchAll(/[\p{L}'’-]+/gu)];
  let at = said.findIndex(([word]) => words.has(normaliseName(word.toLowerCase())));
  if (at < 0) return undefined;
  while (at > 0 && STATES.has(said[at - 1]![0].toLowerCase())) at -= 1;
  return said[at]!.index;
}

/** The line with an amount before the thing of which none is said. */
function withAmount(text: string, name: string, amount: string): string | undefined {
  const plain = text.replace(TO_TASTE, '');
  const at = placeOf(plain, name);
  return at === undefined ? undefined : `${plain.slice(0, at).replace(SOME, '')}${amount} ${plain.slice(at)}`;
}

/** The line with a time at its end; of several things behind the word that says what is done. */
function withTime({ text, reads }: Reading, time: string): string {
  const word = reads.length > 1 ? TIMED_WORD.exec(text) : null;
  const end = word ? word.index + word[0].length : text.trimEnd().replace(/[.!]$/, '').length;
  return `${text.slice(0, end)} ${time}${text.slice(end)}`;
}

/** Answers that follow from the question alone: how long, how much, the other scale, by weight or by volume. */
function usualEdits(reading: Reading, ask: string): readonly Choice[] {
  const { text, reads } = reading;
  if (ASKS.howLong.test(ask)) {
    const open = reads.find(({ verb, minutes }) => minutes === null && USUAL_TIMES[verb]);
    return (open ? USUAL_TIMES[open.verb]! : []).map((says) => ({ says, edit: withTime(reading, says) }));
  }
  const celsius = CELSIUS.exec(text)?.[1];
  if (celsius !== undefined && ASKS.scale.test(ask))
    return [{ says: `${celsius} °F`, edit: text.replace(CELSIUS, '$1 °F') }];
  if (ASKS.byWhat.test(ask) && AS_MUCH.test(text))
    return BY_WHAT.map((says) => ({ says, edit: text.replace(AS_MUCH, (amount) => `${amount} ${says}`) }));
  if (!ASKS.howMuch.test(ask)) return [];
  const bare = reads.find(({ ingredient, grams }) => ingredient !== null && grams === null);
  const role = bare?.ingredient ? findIngredient(bare.ingredient)?.role : undefined;
  return (role ? (USUAL_AMOUNTS[role] ?? []) : []).flatMap((says) => {
    const edit = withAmount(text, bare!.ingredient!, says);
    return edit === undefined ? [] : [{ says, edit }];
  });
}

/** A word for a kind of things; of two that begin alike the longer. */
const KIND = new RegExp(
  `\\b(?:${Object.keys(KINDS)
    .sort((a, b) => b.length - a.length)
    .join('|')})\\b`,
  'i',
);

/** "A cup of berries": which of them, where a line says no more than the kind. */
function whichOf(text: string, options: LineOptions): readonly Choice[] {
  const said = KIND.exec(text)?.[0];
  if (said === undefined) return [];
  return KINDS[said.toLowerCase()]!.map((says) => ({ says, edit: text.replace(said, says) })).filter(
    ({ edit }) => readLine(edit, options).steps.length > 0,
  );
}

/** Whether a line answers a question of another, and says all else as that did. */
function answers(edit: string, { reads }: Reading, ask: string, options: LineOptions): boolean {
  const after = readLine(edit, options);
  return (
    after.open.every((question) => question.ask !== ask) &&
    after.reads.length === reads.length &&
    after.reads.every(({ verb }, at) => verb === reads[at]!.verb)
  );
}

/**
 * The likely answers to a question of a line, each with the whole line as it would be then.
 *
 * @param reading of the line
 * @param question one of what is open of it; the first where none is named
 * @param options that it was read with
 * @returns only those that can be read, settle the question and change nothing else
 */
export function answersOf(
  reading: Reading,
  question: Question | null = reading.question,
  options: LineOptions = {},
): readonly Choice[] {
  if (question === null) return [];
  if (reading.steps.length === 0) return whichOf(reading.text, options);
  const { ask } = question;
  const told = question.choices.flatMap(({ says }): readonly Choice[] => {
    const edit = editOf(reading, says);
    return edit === undefined || edit === reading.text ? [] : [{ says, edit }];
  });
  return [...told, ...usualEdits(reading, ask)].filter(({ edit }) => answers(edit, reading, ask, options));
}
