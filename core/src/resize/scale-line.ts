import { formatNumber, readIngredientLine, scanNumber, type LineOptions } from '../quantity';

/** Eighths that people write as fractions. */
const FRACTIONS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'] as const;
/** An eighth is as good as the number when it is this near, as a share. */
const NEAR_ENOUGH = 0.012;
const MOST_IN_FRACTIONS = 8;
const SPOONED = /\b(?:tsp|tbsp|teaspoons?|tablespoons?|cups?)\b/i;

/** A number as it is written before spoons and cups: "1 1/2" where that is near enough, else decimals. */
export function spoonNumber(value: number, most = MOST_IN_FRACTIONS): string | undefined {
  const eighths = Math.round(value * 8);
  if (eighths < 1 || value > most || Math.abs(eighths / 8 / value - 1) > NEAR_ENOUGH) return undefined;
  return [Math.floor(eighths / 8) || '', FRACTIONS[eighths % 8]].filter(Boolean).join(' ');
}

/** Where the first number of a line stands. */
function firstNumber(text: string) {
  for (let at = 0; at < text.length; at += 1) {
    if (at > 0 && /[\w.]/.test(text[at - 1]!)) continue;
    const number = scanNumber(text, at);
    if (number) return { at, ...number };
  }
  return undefined;
}

/** A line with its first number, or range of numbers, written anew; undefined when there is none. */
export function withNumbers(text: string, write: (value: number) => string): string | undefined {
  const number = firstNumber(text);
  if (!number) return undefined;
  const amount = number.low === number.high ? write(number.low) : `${write(number.low)}-${write(number.high)}`;
  // "half a lemon": the article is part of the number, and the space behind it.
  const space = /\s$/.test(text.slice(number.at, number.end)) ? ' ' : '';
  return `${text.slice(0, number.at)}${amount}${space}${text.slice(number.end)}`;
}

/**
 * An amount in words times a factor: its first number is exchanged, and everything else stays as it was written.
 *
 * @param text such as "2-3 lemons", "1/2 level tsp salt", "water to 1 L", "pinch of salt"
 * @param factor above 0
 * @returns the same line of so much more; undefined when there is no number to exchange
 * @throws RangeError for a factor that is not above 0
 */
export function scaleText(text: string, factor: number): string | undefined {
  if (!(factor > 0)) throw new RangeError(`scaleText: factor must be above 0, got ${factor}`);
  return withNumbers(
    text,
    (value) => (SPOONED.test(text) ? spoonNumber(value * factor) : undefined) ?? formatNumber(value * factor),
  );
}

/** A line that has no number is one of what it names. */
export function scaleIngredientLine(text: string, factor: number, options: LineOptions = {}): string | undefined {
  // What depends on the pot grows with it.
  const line = readIngredientLine(text, { ...options, suggests: false });
  if (line.kind === 'read' && line.dose.kind === 'pot') return text;
  const scaled = scaleText(text, factor);
  if (scaled !== undefined) return scaled;
  const counted = `${formatNumber(factor)} ${text.trim().replace(/^(?:a|an|one)\s+/i, '')}`;
  return readIngredientLine(counted, options).kind === 'read' ? counted : undefined;
}
