/** Why a text could not be read; codes are stable. */
export type UnreadableCode =
  | 'empty'
  | 'no-amount'
  | 'no-ingredient'
  | 'not-positive'
  | 'too-large'
  | 'ambiguous-number'
  | 'unknown-unit'
  | 'unknown-ingredient'
  | 'unknown-word'
  | 'ambiguous-ingredient'
  | 'no-such-measure'
  | 'unit-mismatch'
  | 'too-deep';

/** A text that means nothing certain: what was wrong, where, and what it could have meant. */
export interface Unreadable {
  readonly kind: 'unreadable';
  readonly code: UnreadableCode;
  /** The part that stopped the reading, as written. */
  readonly text: string;
  /** What is wrong and what to do, as a sentence for the person who wrote it. */
  readonly message: string;
  /** Whole texts that would be understood, nearest first. */
  readonly suggestions: readonly string[];
}

/** Builds an {@link Unreadable}. */
export function unreadable(
  code: UnreadableCode,
  text: string,
  message: string,
  suggestions: readonly string[] = [],
): Unreadable {
  return { kind: 'unreadable', code, text, message, suggestions };
}

/** Whether something was not understood. */
export const isUnreadable = (value: unknown): value is Unreadable =>
  typeof value === 'object' && value !== null && 'kind' in value && value.kind === 'unreadable';
