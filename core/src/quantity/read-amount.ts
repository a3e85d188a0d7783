import type { Amount } from './amount';
import { nearestNames } from './nearest-names';
import { unreadable, type Unreadable } from './outcome';
import { scanNumber, type ScannedNumber } from './scan-number';
import { AMBIGUOUS_UNITS, LONGEST_ALIAS_WORDS, UNIT_BY_ALIAS } from './units';
import type { Unit } from './unit';

/** A unit found in a text, and where the text goes on after it. */
export interface ScannedUnit {
  readonly unit: Unit;
  readonly end: number;
}

const SPACE = 32;

function wordEnd(text: string, at: number): number {
  let end = at;
  while (end < text.length) {
    const code = text.charCodeAt(end);
    if (code === SPACE || code === 44 || code === 40 || code === 41) break;
    end += 1;
  }
  return end;
}

/**
 * The longest spelling of a unit that starts at `at`; a full stop after it is passed over.
 *
 * @param own units beside the tables', by their spellings
 */
export function scanUnit(text: string, at: number, own?: ReadonlyMap<string, Unit>): ScannedUnit | undefined {
  let best: ScannedUnit | undefined;
  let end = at;
  for (let words = 0; words < LONGEST_ALIAS_WORDS && end < text.length; words += 1) {
    end = wordEnd(text, words === 0 ? end : end + 1);
    const spelling = text.slice(at, end);
    const unit =
      own?.get(spelling) ??
      UNIT_BY_ALIAS.get(spelling) ??
      (spelling.endsWith('.') ? UNIT_BY_ALIAS.get(spelling.slice(0, -1)) : undefined);
    if (unit) best = { unit, end };
    if (text.charCodeAt(end) !== SPACE) break;
  }
  return best;
}

/** Numbers above this are slips of the key. */
const LARGEST = 1e9;

/** A scanned number as the value and range of an amount, or why it is none. */
export function checkNumber(number: ScannedNumber, text: string): Unreadable | undefined {
  if (number.ambiguous)
    return unreadable(
      'ambiguous-number',
      text,
      `This number can be read as ${number.ambiguous.join(' or as ')}. Write it without a comma.`,
      number.ambiguous,
    );
  if (!(number.low > 0) || !Number.isFinite(number.high))
    return unreadable('not-positive', text, 'An amount has to be more than nothing. Write a number above 0.');
  if (number.high > LARGEST)
    return unreadable('too-large', text, 'That is more than is ever measured here. Check the number.');
  return undefined;
}

/** An amount from its number and unit. */
export function amountOf(number: ScannedNumber, unit: Unit): Amount {
  return {
    value: (number.low + number.high) / 2,
    low: number.low,
    high: number.high,
    decimals: number.decimals,
    unit,
  };
}

/** What to say of a word where a unit was expected. */
export function unknownUnit(word: string, number: string): Unreadable {
  const meanings = AMBIGUOUS_UNITS.get(word);
  if (meanings)
    return unreadable(
      'unknown-unit',
      word,
      `"${word}" can mean ${meanings.join(' or ')}. Write which.`,
      meanings.map((unit) => `${number} ${unit}`),
    );
  return unreadable(
    'unknown-unit',
    word,
    `"${word}" is not a measure known here. Use g, mL, tsp, tbsp, cup or another named measure.`,
    nearestNames(word, UNIT_BY_ALIAS.keys(), 3).map((unit) => `${number} ${unit}`),
  );
}

/**
 * Reads an amount on its own: "1 1/2 tsp", "250 mL", "2-3 imperial pints".
 *
 * @param written any case and spacing
 * @returns the amount, or what is wrong with it and what it could have meant
 */
export function readAmount(written: string): Amount | Unreadable {
  const text = written.trim().toLowerCase();
  if (text === '') return unreadable('empty', written, 'Write an amount, such as 250 mL.');
  const number = scanNumber(text, 0);
  if (!number) {
    if (/^[-−]\s*\d/.test(text))
      return unreadable('not-positive', text, 'An amount has to be more than nothing. Write a number above 0.');
    return unreadable('no-amount', text, 'Start with a number, such as 250 mL or 1/2 tsp.');
  }
  const wrong = checkNumber(number, text.slice(0, number.end));
  if (wrong) return wrong;
  let at = number.end;
  while (text.charCodeAt(at) === SPACE) at += 1;
  const found = scanUnit(text, at);
  if (!found || found.end < text.length - (text.endsWith('.') ? 1 : 0)) {
    const rest = text.slice(at).trim();
    return rest === ''
      ? unreadable('unknown-unit', text, 'Say what it is measured in, such as g, mL or tsp.', [
          `${text} g`,
          `${text} mL`,
          `${text} tsp`,
        ])
      : unknownUnit(rest, text.slice(0, number.end));
  }
  return amountOf(number, found.unit);
}
