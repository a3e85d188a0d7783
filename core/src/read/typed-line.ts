import { stepFromLine, type DrinkStep } from '../drink';
import { readIngredientLine, type LineOptions } from '../quantity';
import { runSteps } from '../simulate';
import { readLine } from './read-line';
import type { Reading } from './reading';

/** What a typed line becomes. */
export interface TypedLine {
  /** The steps it is taken as. One that cannot be run stands as it was typed, and says why where it stands. */
  readonly steps: readonly DrinkStep[];
  /** How it was read in free words; null where the words of a drink file say it already. */
  readonly reading: Reading | null;
  /** The steps are those of the reading. */
  readonly taken: boolean;
}

/** A reading that is taken without a question. */
export const CERTAIN = 0.95;

/** Steps that depend on what the drink has, which a line alone does not tell. */
const NEEDS_DRINK = new Set<DrinkStep['verb']>(['use', 'remove', 'rinsePass', 'press']);
/** Enough in the pot for whatever is taken out of it. */
const TRIAL: readonly DrinkStep[] = [
  { verb: 'add', text: '5 L water' },
  { verb: 'add', text: '1 g dried peppermint' },
];

/** Whether a step can be run, as far as its own words go. */
function runs(step: DrinkStep, options: LineOptions): boolean {
  if (step.verb === 'add') return readIngredientLine(step.text, { ...options, suggests: false }).kind === 'read';
  if (NEEDS_DRINK.has(step.verb)) return true;
  return !runSteps([...TRIAL, step], options).problems.some((problem) => problem.step === TRIAL.length);
}

/**
 * A typed line as steps: in the words of the drink file where those say it, else as people write, if that is certain.
 *
 * @param line as typed
 * @param options spoons and the maker's own ingredients
 */
export function typedLine(line: string, options: LineOptions = {}): TypedLine {
  const step = stepFromLine(line);
  if (runs(step, options)) return { steps: [step], reading: null, taken: false };
  const reading = readLine(line, options);
  const taken = reading.confidence >= CERTAIN && reading.steps.length > 0 && reading.question === null;
  if (taken && reading.steps.every((each) => runs(each, options)))
    return { steps: reading.steps, reading, taken: true };
  return { steps: [step], reading, taken: false };
}
