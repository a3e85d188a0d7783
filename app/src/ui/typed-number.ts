/** Digits with at most one point or comma: what else a program reads as a number nobody means. */
const NUMBER = /^[+-]?(?:\d+[.,]?\d*|[.,]\d+)$/;

/** A number as it is typed, with a point or a comma; NaN for anything else, nothing included. */
export function typedNumber(text: string): number {
  const written = text.trim();
  return NUMBER.test(written) ? Number(written.replace(',', '.')) : NaN;
}
