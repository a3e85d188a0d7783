import { shelfWords } from '@wellhydra/core/quantity';

export type Urgency = 'past' | 'soon' | 'later';

const HOUR_ms = 3_600_000;
const DAY_ms = 24 * HOUR_ms;
/** A bottle is called soon from this long before its day. */
const SOON_ms = 2 * DAY_ms;

export interface DueView {
  readonly words: string;
  /** Said in full for those who cannot see where it stands. */
  readonly spoken: string;
  readonly urgency: Urgency;
}

/** How long until a bottle is to be used up, as a person would say it. */
export function dueView(useBy: string, now: Date): DueView {
  const left_ms = Date.parse(useBy) - now.getTime();
  const past = left_ms < 0;
  const span_ms = Math.abs(left_ms);
  const span = shelfWords(span_ms / DAY_ms);
  if (past) return { words: `past by ${span}`, spoken: `past its date by ${span}`, urgency: 'past' };
  return { words: span, spoken: `to be used up within ${span}`, urgency: left_ms < SOON_ms ? 'soon' : 'later' };
}
