import { durationWords } from '@wellhydra/core/quantity';

const MINUTE_ms = 60_000;
/** Later than agreed by this much, something was missed. */
const MISSED_ms = 5 * MINUTE_ms;

/** How long ago something was to be begun, where it was missed: "was to be begun 2 h ago"; null where it was not. */
export function missedWords(agreed: string, now: Date): string | null {
  const late_ms = now.getTime() - Date.parse(agreed);
  return late_ms > MISSED_ms ? `was to be begun ${durationWords(late_ms / MINUTE_ms)} ago` : null;
}
