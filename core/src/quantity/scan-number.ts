import { rowOf } from '../lookup';

/** A number as written: a single value has `low === high`; a range is read at its middle. */
export interface ScannedNumber {
  readonly low: number;
  readonly high: number;
  /** Digits after the point as written, which tell what it was weighed with. */
  readonly decimals: number;
  /** Position after the last character read. */
  readonly end: number;
  /** Set when the writing could mean two numbers. */
  readonly ambiguous?: readonly string[];
}

const VULGAR: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅐': 1 / 7,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅑': 1 / 9,
  '⅒': 1 / 10,
};

/** Whole numbers in words. */
export const COUNT_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
};

const WORDS: Readonly<Record<string, number>> = {
  ...COUNT_WORDS,
  half: 0.5,
  quarter: 0.25,
  third: 1 / 3,
};

const ZERO = 48;
const isDigit = (text: string, at: number): boolean => {
  const code = text.charCodeAt(at) - ZERO;
  return code >= 0 && code <= 9;
};

function skipSpaces(text: string, at: number): number {
  let end = at;
  while (text[end] === ' ') end += 1;
  return end;
}

interface Part {
  value: number;
  decimals: number;
  end: number;
  ambiguous?: readonly string[];
}

function digitsFrom(text: string, at: number): number {
  let end = at;
  while (isDigit(text, end)) end += 1;
  return end;
}

/** "1,000": a thousand to some, one to others. */
function commaReadings(text: string, at: number, comma: number, end: number): readonly string[] {
  const whole = text.slice(at, comma);
  const after = text.slice(comma + 1, end);
  return [`${whole}${after}`, `${whole}.${after}`];
}

function scanDecimal(text: string, at: number): Part | undefined {
  let end = digitsFrom(text, at);
  const separator = text[end];
  if ((separator !== '.' && separator !== ',') || !isDigit(text, end + 1))
    return end === at ? undefined : { value: Number(text.slice(at, end)), decimals: 0, end };
  const point = end;
  end = digitsFrom(text, end + 1);
  const decimals = end - point - 1;
  const value = Number(`${text.slice(at, point) || '0'}.${text.slice(point + 1, end)}`);
  if (separator === ',' && decimals === 3 && text[at] !== '0')
    return { value, decimals, end, ambiguous: commaReadings(text, at, point, end) };
  return { value, decimals, end };
}

function scanFraction(text: string, at: number): Part | undefined {
  const vulgar = VULGAR[text[at] ?? ''];
  if (vulgar !== undefined) return { value: vulgar, decimals: 0, end: at + 1 };
  const over = digitsFrom(text, at);
  if (over === at) return undefined;
  const slash = skipSpaces(text, over);
  if (text[slash] !== '/' && text[slash] !== '⁄') return undefined;
  const below = skipSpaces(text, slash + 1);
  const end = digitsFrom(text, below);
  if (end === below) return undefined;
  return { value: Number(text.slice(at, over)) / Number(text.slice(below, end)), decimals: 0, end };
}

function scanWord(text: string, at: number): Part | undefined {
  const letters = /[a-z]+/y;
  letters.lastIndex = at;
  const word = letters.exec(text)?.[0];
  const value = word === undefined ? undefined : rowOf(WORDS, word);
  if (word === undefined || value === undefined) return undefined;
  const end = at + word.length;
  const next = skipSpaces(text, end);
  if (value < 1) {
    // "half a lemon", "quarter of a cup"
    const article = /(?:of )?an? /y;
    article.lastIndex = next;
    return { value, decimals: 0, end: article.test(text) ? article.lastIndex : end };
  }
  const share = value === 1 || value === 3 ? scanShare(text, next) : undefined;
  return share ? { value: value * share.value, decimals: 0, end: share.end } : { value, decimals: 0, end };
}

/** "a half", "three quarters". */
function scanShare(text: string, at: number): Part | undefined {
  const share = /(half|quarters?|thirds?)(?: of)?(?: an?)?(?= |$)/y;
  share.lastIndex = at;
  const found = share.exec(text)?.[1];
  if (!found) return undefined;
  return { value: WORDS[found.replace(/s$/, '')] as number, decimals: 0, end: share.lastIndex };
}

/** Whole and fraction together: "1 1/2", "1½", "1-1/2", "1 and a half". */
function scanMixed(text: string, at: number): Part | undefined {
  const alone = scanFraction(text, at);
  if (alone) return alone;
  const whole = scanDecimal(text, at) ?? scanWord(text, at);
  if (!whole) return undefined;
  if (whole.decimals > 0) return whole;
  const after = skipSpaces(text, whole.end);
  const joined = text[after] === '-' ? skipSpaces(text, after + 1) : after;
  const part = scanFraction(text, joined);
  if (part && part.value < 1 && (joined === after || whole.value > part.value))
    return { value: whole.value + part.value, decimals: 0, end: part.end };
  const words = / ?and (?:an? )?(half|quarter|third)(?= |$)/y;
  words.lastIndex = whole.end;
  const named = words.exec(text)?.[1];
  return named ? { value: whole.value + (WORDS[named] as number), decimals: 0, end: words.lastIndex } : whole;
}

const RANGE_SIGN = /\s*(?:-|–|—|to(?= ?[\d½⅓⅔¼¾⅛])|or(?= ?\d))\s*/y;

/**
 * Reads one number, mixed number, fraction, number word or range that starts at `at`.
 *
 * @param text in small letters
 * @param at where to start
 * @returns undefined when no number starts there
 */
export function scanNumber(text: string, at: number): ScannedNumber | undefined {
  const first = scanMixed(text, at);
  if (!first) return undefined;
  const single: ScannedNumber = {
    low: first.value,
    high: first.value,
    decimals: first.decimals,
    end: first.end,
    ...(first.ambiguous ? { ambiguous: first.ambiguous } : {}),
  };
  const next = text.charCodeAt(first.end);
  // Only a dash, "to" or "or" can open a range; most amounts have none of them next.
  if (next !== 32 && next !== 45 && next < 8000) return single;
  RANGE_SIGN.lastIndex = first.end;
  if (!RANGE_SIGN.test(text)) return single;
  const second = scanMixed(text, RANGE_SIGN.lastIndex);
  if (!second || second.value <= first.value) return single;
  return { low: first.value, high: second.value, decimals: second.decimals, end: second.end };
}
