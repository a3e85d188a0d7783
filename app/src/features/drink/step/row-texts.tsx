import { createContext, useContext, useSyncExternalStore } from 'react';
import { Text } from '../../../ui/text';
import type { StepView } from './steps-view';

/** What of a row changes with nearly every key: what it comes to, and what is in the pot afterwards. */
type RowText = Pick<StepView, 'details' | 'after'>;
const NOTHING: RowText = { details: '', after: '' };

/**
 * Texts of rows, apart from the rows. A key in one row changes these in all rows behind it; the rows themselves
 * are many elements each and stay as they are.
 */
export class RowTexts {
  private texts: ReadonlyMap<string, RowText>;
  private readonly listeners = new Set<() => void>();

  constructor(steps: readonly StepView[]) {
    this.texts = new Map(steps.map((step) => [step.id, step]));
  }

  show(steps: readonly StepView[]): void {
    this.texts = new Map(steps.map((step) => [step.id, step]));
    for (const listener of this.listeners) listener();
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  of(id: string): RowText {
    return this.texts.get(id) ?? NOTHING;
  }
}

export const RowTextsContext = createContext(new RowTexts([]));

const useRowText = (id: string, which: keyof RowText): string => {
  const texts = useContext(RowTextsContext);
  return useSyncExternalStore(texts.subscribe, () => texts.of(id)[which]);
};

/** What a step comes to: grams, spoons, time, steam. */
export function RowDetails({ id, before = '' }: { readonly id: string; readonly before?: string }) {
  const details = useRowText(id, 'details');
  const words = [before, details].filter(Boolean).join(' · ');
  return words ? <Text variant="small">{words}</Text> : null;
}

/** What is in the pot after a step. */
export function RowAfter({ id }: { readonly id: string }) {
  const after = useRowText(id, 'after');
  return after ? (
    <Text variant="small" className="shrink-0 text-right">
      {after}
    </Text>
  ) : null;
}
