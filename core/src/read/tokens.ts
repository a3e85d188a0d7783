import { ABBREVIATIONS, JOINED, SPELLINGS } from './en/spellings';
import { MULTIPLIERS, NUMBER_WORDS, PART_WORDS, VAGUE_NUMBERS } from './en/numbers';

/** A word, a number or a sign of a line. */
export interface Token {
  readonly kind: 'word' | 'number' | 'sign';
  /** In small letters, spelled in the usual way. */
  readonly text: string;
  /** Of a number: its value, or both ends of its range. */
  readonly low: number;
  readonly high: number;
  /** A number that was a word, such as "a": it may be an article. */
  readonly article?: boolean;
  /** A number that says itself that it is a guess: "a few". */
  readonly vague?: boolean;
}

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
const PIECES = /\d+(?:[.,]\d+)*(?:\/\d+)?|[a-zà-ÿ°%]+(?:['’-][a-zà-ÿ]+)*|\.\.\.|[^\s]/gi;

/** On a card a capital T is a tablespoon, and a small one a teaspoon. */
const CAPITAL_SPOON = /([\d½⅓⅔¼¾⅛]\s*)T(?![\w'])\.?/g;
const SMALL_SPOON = /([\d½⅓⅔¼¾⅛]\s*)t(?![\w'])\.?/g;
/** A number of two or three figures with a bare letter behind it is a temperature. */
const DEGREES = /\b((?:[2-9]\d|[12]\d\d)) ?([cf])\b(?!\.)/g;
/** A word that is cut short ends no phrase with its full stop, unless a sentence begins behind it. */
const ABBREVIATED = new RegExp(
  `\\b(${ABBREVIATIONS.flatMap((word) => [word, word.charAt(0).toUpperCase() + word.slice(1)]).join('|')})\\.(?!\\s+[A-Z])`,
  'g',
);

/** A decimal comma, or one that groups thousands. */
function valueOf(digits: string, before: string): number {
  if (digits.includes('/')) {
    const [over, under] = digits.split('/').map(Number) as [number, number];
    return over / under;
  }
  if (/^[1-9]\d{0,2}(?:,\d{3})+$/.test(digits) && before !== ',') return Number(digits.replaceAll(',', ''));
  return Number(digits.replace(',', '.'));
}

export const wordToken = (text: string): Token => ({ kind: 'word', text, low: 0, high: 0 });
export const signToken = (text: string): Token => ({ kind: 'sign', text, low: 0, high: 0 });
export const numberToken = (low: number, high = low, article = false): Token => ({
  kind: 'number',
  text: low === high ? String(low) : `${low}-${high}`,
  low,
  high,
  ...(article ? { article } : {}),
});

/** Words in a row that are one, by the first of them. */
const BY_FIRST = new Map<string, { readonly words: readonly string[]; readonly by: readonly string[] }[]>();
for (const [apart, one] of JOINED) {
  const words = apart.split(' ');
  BY_FIRST.set(words[0]!, [...(BY_FIRST.get(words[0]!) ?? []), { words, by: one.split(' ').filter(Boolean) }]);
}

/** Words that stand in a row for one are that one. */
function together(words: readonly string[]): readonly string[] {
  if (!words.some((word) => BY_FIRST.has(word))) return words;
  const out: string[] = [];
  for (let at = 0; at < words.length;) {
    const found = BY_FIRST.get(words[at]!)?.find(({ words: row }) =>
      row.every((word, index) => words[at + index] === word),
    );
    if (found) out.push(...found.by);
    else out.push(words[at]!);
    at += found ? found.words.length : 1;
  }
  return out;
}

/** Fractions, dashes and other signs as words and plain signs. */
function withoutSigns(line: string): string {
  if (/^[a-z0-9 ,.()]*$/.test(line)) return line;
  return line
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (each) => ` ${VULGAR[each]!} `)
    .replace(/’/g, "'")
    .replace(/\bw\//g, 'with ')
    .replace(/\s+(?:-|–|—)\s+/g, ' ; ');
}

/** Numbers apart from what stands at them: "60C", "250ml", "2-3", "3 x 200". */
function numbersApart(line: string): string {
  if (!/\d/.test(line)) return line;
  return (
    line
      // "60C" is no sixty cups.
      .replace(DEGREES, '$1 °$2 ')
      .replace(/(\d)\s*[x×]\s*(?=\d)/g, '$1 × ')
      .replace(/(\d)-?(?=[a-z°%])/g, '$1 ')
      .replace(/(\d)\s*(?:-|–|—)\s*(?=\d)/g, '$1 to ')
  );
}

function split(line: string): readonly string[] {
  // Most lines have none of these: what is not there need not be looked for.
  const spoons = /\d/.test(line) ? line.replace(CAPITAL_SPOON, '$1 tbsp ').replace(SMALL_SPOON, '$1 tsp ') : line;
  const short = spoons.includes('.') ? spoons.replace(ABBREVIATED, '$1') : spoons;
  const plain = numbersApart(withoutSigns(short.toLowerCase()));
  return together(
    (plain.match(PIECES) ?? []).flatMap((each) =>
      Object.hasOwn(SPELLINGS, each) ? SPELLINGS[each]!.split(' ') : [each],
    ),
  );
}

/** A number that takes several words: "two hundred", "a hundred and fifty", "twenty five". */
function longNumberAt(
  words: readonly string[],
  at: number,
): { readonly token: Token; readonly end: number } | undefined {
  let total = 0;
  let part = 0;
  let end = at;
  for (let index = at; index < words.length; index += 1) {
    const said = words[index]!;
    const times = Object.hasOwn(MULTIPLIERS, said) ? MULTIPLIERS[said]! : undefined;
    const value = Object.hasOwn(NUMBER_WORDS, said) && !VAGUE_NUMBERS.has(said) ? NUMBER_WORDS[said]! : undefined;
    if (times !== undefined && part > 0 && part < times) {
      total += part * times;
      part = 0;
    } else if (said === 'and' && total > 0 && Object.hasOwn(NUMBER_WORDS, words[index + 1] ?? '')) continue;
    else if (
      times === undefined &&
      value !== undefined &&
      (part === 0 || (part >= 20 && part % 10 === 0 && value < 10))
    )
      part += value;
    else break;
    end = index + 1;
  }
  return end > at + 1 ? { token: numberToken(total + part), end } : undefined;
}

const counted = (said: string): Token => ({ ...numberToken(NUMBER_WORDS[said]!), vague: VAGUE_NUMBERS.has(said) });

/** Digits and words for numbers one after the other are one number: "1 1/2", "one and a half", "half a". */
function numberAt(words: readonly string[], at: number): { readonly token: Token; readonly end: number } | undefined {
  const first = words[at]!;
  if (/^\d/.test(first)) {
    const whole = valueOf(first, words[at - 1] ?? '');
    const next = words[at + 1] ?? '';
    if (/^\d+\/\d+$/.test(next) && !first.includes('/'))
      return { token: numberToken(whole + valueOf(next, '')), end: at + 2 };
    return { token: numberToken(whole), end: at + 1 };
  }
  const part = Object.hasOwn(PART_WORDS, first) ? PART_WORDS[first] : undefined;
  if (part !== undefined) {
    let end = at + 1;
    if (words[end] === 'of') end += 1;
    if (words[end] === 'a' || words[end] === 'an') end += 1;
    if (words[end] === 'dozen') return { token: numberToken(part * 12), end: end + 1 };
    return { token: numberToken(part), end };
  }
  const whole = Object.hasOwn(NUMBER_WORDS, first) ? NUMBER_WORDS[first] : undefined;
  if (whole === undefined) return undefined;
  const long = longNumberAt(words, at);
  if (long) return long;
  const next = words[at + 1] ?? '';
  if ((first === 'a' || first === 'an' || first === 'one') && Object.hasOwn(PART_WORDS, next)) {
    const of = words[at + 2] === 'of' ? at + 3 : at + 2;
    return { token: numberToken(PART_WORDS[next]!), end: words[of] === 'a' || words[of] === 'an' ? of + 1 : of };
  }
  if (whole > 1 && /^(?:thirds|quarters)$/.test(next)) {
    const of = words[at + 2] === 'of' ? at + 3 : at + 2;
    const end = words[of] === 'a' || words[of] === 'an' ? of + 1 : of;
    return { token: numberToken(whole * PART_WORDS[next]!), end };
  }
  if (first === 'a' && ['couple', 'few', 'dozen'].includes(next))
    return { token: counted(next), end: words[at + 2] === 'of' ? at + 3 : at + 2 };
  return VAGUE_NUMBERS.has(first)
    ? { token: counted(first), end: at + 1 }
    : { token: numberToken(whole, whole, whole === 1 && first !== 'one'), end: at + 1 };
}

/** "and a half" behind a number or its unit. */
function halfAt(words: readonly string[], at: number): number | undefined {
  return words[at] === 'and' && words[at + 1] === 'a' && words[at + 2] === 'half' ? at + 3 : undefined;
}

/**
 * A line as words, numbers and signs, spelled in the usual way.
 *
 * @param line as typed
 */
export function tokensOf(line: string): readonly Token[] {
  const words = split(line);
  const tokens: Token[] = [];
  for (let at = 0; at < words.length;) {
    const found = numberAt(words, at);
    if (!found) {
      const text = words[at]!;
      tokens.push(/[a-zà-ÿ°%]/i.test(text) ? wordToken(text) : signToken(text));
      at += 1;
      continue;
    }
    let { token } = found;
    at = found.end;
    // "one and a half litres", "a litre and a half".
    const half = halfAt(words, at) ?? (words[at] ? halfAt(words, at + 1) : undefined);
    if (half !== undefined && token.low >= 1) {
      token = numberToken(token.low + 0.5, token.high + 0.5);
      const unit = words[at] === 'and' ? undefined : words[at];
      tokens.push(token, ...(unit ? [wordToken(unit)] : []));
      at = half;
      continue;
    }
    const range =
      words[at] === 'to' || words[at] === 'or' ? numberAt(words, at + 1 < words.length ? at + 1 : at) : undefined;
    if (range && !token.article && !range.token.article && range.token.low > token.low) {
      token = numberToken(token.low, range.token.high);
      at = range.end;
    }
    tokens.push(token);
  }
  return tokens;
}
