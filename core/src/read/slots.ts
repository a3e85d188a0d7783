import { LIDS, PLACES, STRAINERS } from './en/places';
import { FAHRENHEIT_FROM, WARMTHS } from './en/temperatures';
import { LONG_WORDS, PLAIN_UNITS, TIME_PHRASES, TIME_UNITS } from './en/times';
import { plainNumber } from './plain-number';
import { tokensOf, type Token } from './tokens';
import { isUnit } from './units';

/** What stands around an action: how long, how hot, with which lid, where, through what, how much. */
export interface Slots {
  /** As a step writes it: "20 min", "15-20 min". */
  time?: string;
  minutes?: number;
  celsius?: number;
  lid?: 'on' | 'off' | 'ajar';
  place?: string;
  through?: string;
  /** An amount of a volume or mass: "500 mL". */
  amount?: string;
  /** Words that no slot has taken. */
  readonly left: Token[];
}

const DEGREES = new Set(['°', 'degrees', 'degree', 'deg', '°c', '°f', 'c', 'f', 'celsius', 'fahrenheit']);

/** A phrase table with its words apart. */
const apart = <Value>(table: readonly (readonly [string, Value])[]) =>
  table.map(([words, value]) => ({ words: words.split(' '), value }));
const TIMES = apart(TIME_PHRASES);
const WARM = apart(WARMTHS);
const LID_PHRASES = apart(LIDS);
const STRAINER_PHRASES = apart(STRAINERS);
const PLACE_PHRASES = apart(PLACES);

const says = ({ text, article }: Token, word: string): boolean => text === word || (word === 'a' && article === true);

/** Puts the words of a phrase that is found out of the tokens; whether it was there. */
function takePhrase(tokens: Token[], words: readonly string[]): boolean {
  for (let from = 0; from + words.length <= tokens.length; from += 1) {
    if (!says(tokens[from]!, words[0]!)) continue;
    if (words.every((word, index) => says(tokens[from + index]!, word))) {
      tokens.splice(from, words.length);
      return true;
    }
  }
  return false;
}

/** A unit of time as a step writes it. */
const plainUnit = (unit: string): string => (Object.hasOwn(PLAIN_UNITS, unit) ? PLAIN_UNITS[unit]! : unit);

function takeTime(slots: Slots): void {
  const tokens = slots.left;
  for (const { words, value: time } of TIMES)
    if (takePhrase(tokens, words)) {
      slots.time ??= time;
      const [value, unit] = time.split(' ') as [string, string];
      slots.minutes ??= Number(value) * TIME_UNITS[unit]!;
    }
  for (let at = 0; at + 1 < tokens.length; at += 1) {
    const [number, unit] = [tokens[at]!, tokens[at + 1]!];
    // "one full minute".
    if (number.kind === 'number' && LONG_WORDS.has(unit.text) && Object.hasOwn(TIME_UNITS, tokens[at + 2]?.text ?? ''))
      tokens.splice(at + 1, 1);
    // "A spoon every few minutes" is how often, not how long.
    if (number.kind === 'number' && tokens[at - 1]?.text === 'every' && Object.hasOwn(TIME_UNITS, unit.text)) {
      tokens.splice(at - 1, 3);
      at -= 1;
      continue;
    }
    if (number.kind !== 'number' || !Object.hasOwn(TIME_UNITS, tokens[at + 1]?.text ?? '') || unit.text === 'm')
      continue;
    const told = tokens[at + 1]!.text;
    const factor = TIME_UNITS[told]!;
    const [low, high] = [number.low, number.high];
    const counted = told.startsWith('night') || told.startsWith('month') || (factor === 60 && high < 1);
    const whole = counted ? (high < 1 ? 60 : factor / 60) : 1;
    const short = factor === 60 && high < 1;
    const name = short ? 'min' : whole === 1 ? plainUnit(told) : 'h';
    slots.time ??=
      low < high
        ? `${plainNumber(low * whole)}-${plainNumber(high * whole)} ${name}`
        : `${plainNumber(low * whole)} ${name}`;
    slots.minutes ??= ((low + high) / 2) * factor;
    tokens.splice(at, 2);
    at -= 1;
  }
}

function takeTemperature(slots: Slots): void {
  const tokens = slots.left;
  for (let at = 0; at + 1 < tokens.length; at += 1) {
    const [number, degrees, scale] = [tokens[at]!, tokens[at + 1]!, tokens[at + 2]];
    if (number.kind !== 'number' || !DEGREES.has(degrees.text)) continue;
    const marks = `${degrees.text} ${scale?.text ?? ''}`;
    const named = /\bf\b|°f|fahrenheit/.test(marks) ? 'f' : /\bc\b|°c|celsius/.test(marks) ? 'c' : undefined;
    const value = (number.low + number.high) / 2;
    const fahrenheit = named === 'f' || (named === undefined && value >= FAHRENHEIT_FROM);
    slots.celsius ??= fahrenheit ? ((value - 32) * 5) / 9 : value;
    tokens.splice(at, scale && DEGREES.has(scale.text) ? 3 : 2);
    return;
  }
  for (const { words, value } of WARM) if (takePhrase(tokens, words)) slots.celsius ??= value;
}

function takeAmount(slots: Slots): void {
  const tokens = slots.left;
  for (let at = 0; at + 1 < tokens.length; at += 1) {
    const [number, unit] = [tokens[at]!, tokens[at + 1]!];
    if (number.kind !== 'number' || !(number.low > 0) || !isUnit(unit.text)) continue;
    slots.amount ??= `${number.text} ${unit.text}`;
    tokens.splice(at, 2);
    return;
  }
}

/** Reads what stands around an action. */
export function slotsOf(rest: readonly Token[]): Slots {
  const slots: Slots = { left: [...rest] };
  takeTime(slots);
  takeTemperature(slots);
  for (const { words, value } of LID_PHRASES) if (takePhrase(slots.left, words)) slots.lid ??= value;
  for (const { words, value } of STRAINER_PHRASES) if (takePhrase(slots.left, words)) slots.through ??= value;
  for (const { words, value } of PLACE_PHRASES) if (takePhrase(slots.left, words)) slots.place ??= value;
  takeAmount(slots);
  return slots;
}

/** The place that a text names, as a step says it. */
export function placeIn(text: string): string | undefined {
  return slotsOf(tokensOf(text)).place;
}
