import { COOLING } from './verb-rows/cooling';
import { GETTING_READY } from './verb-rows/getting-ready';
import { HEATING } from './verb-rows/heating';
import { KEEPING } from './verb-rows/keeping';
import { MIXING } from './verb-rows/mixing';
import { PUTTING_IN } from './verb-rows/putting-in';
import { STANDING } from './verb-rows/standing';
import { TAKING_AWAY } from './verb-rows/taking-away';
import type { VerbRow } from './verb-row';

const TABLE = {
  ...PUTTING_IN,
  ...GETTING_READY,
  ...HEATING,
  ...STANDING,
  ...MIXING,
  ...TAKING_AWAY,
  ...COOLING,
  ...KEEPING,
};

/** Every verb of the format. */
export type Verb = keyof typeof TABLE;

/**
 * The one table of verbs: what each takes, whether it takes time, heats or can be waited for, what it leaves alone,
 * which tool it needs, how it is said. Whoever asks something about a verb asks here; how it changes the pot is its
 * runner in `simulate/`.
 */
export const VERB_TABLE: Readonly<Record<Verb, VerbRow>> = TABLE;
export const VERBS = Object.keys(TABLE) as readonly Verb[];

/** Whether a verb needs a place on the stove. */
export const needsStove = (verb: Verb): boolean => VERB_TABLE[verb].stove !== 'none';

/** A step in which so many minutes were spent, where its time is written and not found; else the step as it is. */
export function withMinutes<Step extends { readonly verb: Verb; readonly text: string; readonly for?: string }>(
  step: Step,
  minutes: number,
): Step {
  const { time } = VERB_TABLE[step.verb];
  if (time === 'value') return { ...step, text: `${minutes} min` };
  return time === 'for' ? { ...step, for: `${minutes} min` } : step;
}

/** The minutes of a step as they are written; empty where its time is found or of no weight. */
export function writtenTime({
  verb,
  text,
  for: written = '',
}: {
  readonly verb: Verb;
  readonly text: string;
  readonly for?: string;
}): string {
  const { time } = VERB_TABLE[verb];
  return time === 'value' ? text : time === 'for' ? written : '';
}
