import { LOOSE_MEASURES, PIECE_GRAMS, REGIONAL, SIZE_WORDS, type LooseMeasure } from './en/measures';
import { CUTS, FORM_WORDS, HEAPS, PORTIONS, PREFIXES } from './en/noise';
import { HOLDS } from './en/vessels';
import { BESIDE, NO_WORD, nameIn } from './names';
import type { Token } from './tokens';
import { isUnit } from './units';

/** What was found around the name: number, measure, state. */
export interface Parts {
  amount: Token | undefined;
  times: number;
  unit: string | undefined;
  loose: LooseMeasure | undefined;
  size: number;
  heap: string;
  prefix: string;
  readonly forms: string[];
  words: string[];
  ask: string | undefined;
  /** It is counted in parts of something. */
  part: boolean;
  /** The word right behind the number, where it is a unit. */
  beside: Token | undefined;
  /** What the jar holds, where it is said. */
  holds: { readonly value: number; readonly unit: string } | undefined;
  /** Numbers that count nothing here. */
  readonly spare: string[];
}

/** What a jar is said to hold, "the jar is 1 litre", and the phrase without it. */
function vesselOf(tokens: readonly Token[]): { readonly said: readonly Token[]; readonly holds: Parts['holds'] } {
  const at = tokens.findIndex(({ text }, index) => HOLDS.has(text) && tokens[index + 1]?.kind === 'number');
  const [number, unit] = [tokens[at + 1], tokens[at + 2]];
  // "The jug is 1 litre of water" is what goes in.
  if (at <= 0 || !number || tokens[at + 3]?.text === 'of') return { said: tokens, holds: undefined };
  return {
    said: tokens.filter((_, index) => index < at - 1 || index > at + 2),
    holds: unit ? { value: number.low, unit: unit.text } : undefined,
  };
}

/** "Star anise in a wide pot", "salt, mixed real good": what stands behind the thing counts nothing of it, unless a measure follows. */
function withoutLate(tokens: readonly Token[]): readonly Token[] {
  const isLate = ({ article, text }: Token): boolean => article === true || Object.hasOwn(SIZE_WORDS, text);
  if (!tokens.some((token, at) => at > 0 && (isLate(token) || isHolder(tokens, at)))) return tokens;
  const words = tokens.flatMap((token, at) => (token.kind === 'word' ? [{ text: token.text, at }] : []));
  const name = nameIn(
    words.map(({ text }) => text),
    ['fresh', 'dried', 'ground'],
  );
  if (!name) return tokens;
  const from = words[name.to - 1]!.at;
  return tokens.filter((token, at) => {
    if (at < from) return true;
    if (isHolder(tokens, at)) return false;
    return !isLate(token) || (isMeasure(tokens[at + 1]) && !isHolder(tokens, at + 1));
  });
}

/** "In a bowl": a vessel that something goes into is no measure of it. */
const isHolder = (tokens: readonly Token[], at: number): boolean =>
  tokens[at] !== undefined &&
  Object.hasOwn(LOOSE_MEASURES, tokens[at].text) &&
  tokens.slice(Math.max(0, at - 3), at).some(({ text }) => text === 'in' || text === 'into');
const isMeasure = (token: Token | undefined): boolean =>
  token !== undefined && (isUnit(token.text) || isPiece(token.text));
const isPiece = (word: string): boolean =>
  Object.hasOwn(PIECE_GRAMS, word) || Object.hasOwn(LOOSE_MEASURES, word) || Object.hasOwn(SIZE_WORDS, word);

/** Sorts the words of a phrase by what they say of the thing in it. */
export function partsOf(tokens: readonly Token[]): Parts {
  const { said: all, holds } = vesselOf(tokens);
  const said = withoutLate(all);
  const parts: Parts = {
    amount: undefined,
    times: 1,
    unit: undefined,
    loose: undefined,
    size: 1,
    heap: '',
    prefix: '',
    forms: [],
    words: [],
    ask: undefined,
    part: false,
    beside: undefined,
    holds,
    spare: [],
  };
  said.forEach((token, index) => {
    const next = said[index + 1];
    if (token.vague) parts.ask ??= 'How many are a few?';
    if (token.kind === 'number') {
      if (next?.text === '×') parts.times = token.low;
      else if (!parts.amount || (parts.amount.article && !token.article)) {
        parts.amount = token;
        parts.beside =
          next?.kind === 'word' && isUnit(next.text) && !Object.hasOwn(LOOSE_MEASURES, next.text) ? next : undefined;
      } else if (!token.article) parts.spare.push(token.text);
      return;
    }
    const { text } = token;
    // "Slice 2 apples", "juice 3 oranges": what is done to what is counted behind it.
    if (next?.kind === 'number' && !next.article && !parts.amount && (index === 0 || text === 'slice')) {
      if (text === 'slice') return void parts.forms.push('sliced');
      if (Object.hasOwn(PREFIXES, text)) return void (parts.prefix ||= PREFIXES[text]!);
    }
    if (token.kind === 'sign') return void (text === ',' && parts.words.push(NO_WORD));
    if (token === parts.beside) return void parts.words.push(BESIDE + token.text);
    if (/^teabags?$/.test(text)) {
      parts.unit = 'bags';
      // "A teabag of chamomile" says which; one alone is tea.
      if (nameIn(said.flatMap((each) => (each.kind === 'word' && each !== token ? [each.text] : []))) === undefined)
        parts.words.push('tea');
      return;
    }
    if (text === 'part' || text === 'parts') return void (parts.part = true);
    if (Object.hasOwn(PREFIXES, text) && (next?.text === 'of' || next?.text === 'from' || next?.text === 'and'))
      return void (parts.prefix ||= PREFIXES[text]!);
    if (HEAPS.has(text)) return void (parts.heap = `${parts.heap} ${text}`.trim());
    if (Object.hasOwn(SIZE_WORDS, text)) return void (parts.size = SIZE_WORDS[text]!);
    // "in thin slices" is how it is cut, not what is counted.
    if (
      PORTIONS.has(text) &&
      said.slice(Math.max(0, index - 2), index).some((each) => each.text === 'in' || each.text === 'into')
    )
      return void parts.forms.push('sliced');
    const cut = Object.hasOwn(CUTS, text) ? CUTS[text]! : text;
    if (FORM_WORDS.has(cut)) return void parts.forms.push(cut);
    parts.words.push(text);
  });
  return parts;
}

/** Takes the measure out of the words that are not the name. */
export function takeUnit(parts: Parts): void {
  const beside = parts.words.findIndex((word) => word.startsWith(BESIDE));
  if (beside >= 0) {
    parts.unit = parts.words[beside]!.slice(BESIDE.length);
    if (Object.hasOwn(REGIONAL, parts.unit)) parts.ask ??= REGIONAL[parts.unit];
    parts.words.splice(beside, 1);
    return;
  }
  for (let index = 0; index < parts.words.length; index += 1) {
    const word = parts.words[index]!;
    const next = parts.words[index + 1];
    const loose = Object.hasOwn(LOOSE_MEASURES, word) ? LOOSE_MEASURES[word]! : undefined;
    if (loose) {
      // What it holds is said: nothing is asked.
      parts.loose = parts.holds ?? loose;
      parts.words.splice(index, 1);
      return;
    }
    const unit = next !== undefined && isUnit(`${word} ${next}`) ? `${word} ${next}` : isUnit(word) ? word : undefined;
    if (unit !== undefined) {
      parts.unit = unit;
      if (Object.hasOwn(REGIONAL, unit)) parts.ask ??= REGIONAL[unit];
      parts.words.splice(index, unit.split(' ').length);
      return;
    }
    if (Object.hasOwn(PIECE_GRAMS, word)) {
      parts.unit = word;
      parts.words.splice(index, 1);
      return;
    }
  }
}
