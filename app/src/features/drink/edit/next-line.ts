import type { StepView } from '../step/steps-view';
import { NEXT_STEP } from './use-editing';

/** Where the keys go next, and whether that line asks for something. */
export interface NextLine {
  readonly at: string;
  readonly asks: boolean;
}

/** Lines that cannot be read yet, or that ask; one that is empty is only begun. */
export const askingLines = (steps: readonly StepView[]): readonly StepView[] =>
  steps.filter(({ problem, line }) => problem !== null && line.trim() !== '');

/** After a line comes the next one that asks, else the one below it, else the box for a new one. */
export function nextLine(steps: readonly StepView[], at: string): NextLine {
  const here = steps.findIndex(({ id }) => id === at);
  const asking = askingLines(steps).filter(({ id }) => id !== at);
  const next = asking.find(({ index }) => index > (steps[here]?.index ?? Infinity)) ?? asking[0];
  if (next) return { at: next.id, asks: true };
  return { at: (here < 0 ? undefined : steps[here + 1]?.id) ?? NEXT_STEP, asks: false };
}

/** "5 lines · one asks". */
export function linesWords(steps: readonly StepView[]): string {
  const asks = askingLines(steps).length;
  const lines = steps.length === 1 ? '1 line' : `${steps.length} lines`;
  return asks === 0 ? lines : `${lines} · ${asks === 1 ? 'one asks' : `${asks} ask`}`;
}
