import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { createContext, useContext, useLayoutEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { RunContext } from '../../domain/run/run-context';
import { analyseDocument } from '../../domain/run/analyse-document';
import type { TypedAhead } from '../../domain/drinks/typed-ahead';

type Context = Pick<RunContext, 'options' | 'preparationsFor'>;

/** The newest run of a drink, a moment ahead of the page while it is being typed: the stream and the rails hang on it. */
export class LiveRun {
  private last: { readonly document: DrinkDocument; readonly context: Context; readonly analysis: Analysis } | null =
    null;
  private readonly listeners = new Set<() => void>();

  /** Runs a drink, or finds the run again when it is the one just made. */
  run(document: DrinkDocument, context: Context): Analysis {
    const { last } = this;
    if (
      last?.document === document &&
      last.context.options === context.options &&
      last.context.preparationsFor === context.preparationsFor
    )
      return last.analysis;
    const analysis = analyseDocument(document, context);
    this.last = { document, context, analysis };
    return analysis;
  }

  readonly tell = (): void => {
    for (const listener of this.listeners) listener();
  };

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly newest = (): Analysis | null => this.last?.analysis ?? null;
}

export const LiveRunContext = createContext<LiveRun | null>(null);

const NEVER = () => () => undefined;
const NONE = () => null;

/** The newest run; what the page shows, where nothing is being typed. */
export function useLiveAnalysis(shown: Analysis): Analysis {
  const live = useContext(LiveRunContext);
  return useSyncExternalStore(live?.subscribe ?? NEVER, live?.newest ?? NONE) ?? shown;
}

/** Runs the drink on the page, and ahead of the page what is typed into it. */
export function useLiveRun(document: DrinkDocument, context: Context, typing: TypedAhead) {
  const [live] = useState(() => new LiveRun());
  const analysis = useMemo(() => live.run(document, context), [live, document, context]);
  useLayoutEffect(
    () =>
      typing.subscribe((ahead) => {
        live.run(ahead, context);
        live.tell();
      }),
    [typing, live, context],
  );
  // What changed by another way than typing.
  useLayoutEffect(() => live.tell(), [live, analysis]);
  return { live, analysis };
}
