import { createListenerMiddleware, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import { api } from '../api';
import type { Queue } from './queue';

/** Hears every answer of the server. */
export const answers = createListenerMiddleware();

/** A query, as far as its answers are heard. */
interface Asked<Data, Arg> {
  readonly name: string;
  readonly matchFulfilled: (
    action: UnknownAction,
  ) => action is PayloadAction<Data, string, { readonly arg: { readonly originalArgs: Arg } }>;
}

/** What a query was asked with, and the state it is answered in. */
interface Context<Arg> {
  readonly arg: Arg;
  readonly state: unknown;
}

/**
 * Shows what waits to be sent over every answer to a query, which does not know of it yet.
 *
 * @param query whose answers they are
 * @param kinds of what waits, as keys
 * @param show an answer with what waits; given nothing that waits, it is left as it is
 */
export function showWaiting<Deed, Data, Arg>(
  query: Asked<Data, Arg>,
  kinds: object,
  show: (data: Data, deeds: readonly Deed[], context: Context<Arg>) => Data,
): void {
  answers.startListening({
    matcher: query.matchFulfilled,
    effect: ({ meta }, { getState, dispatch }) => {
      const state = getState();
      const { entries } = (state as { readonly queue: Queue }).queue;
      const deeds = entries.filter(({ kind }) => kind in kinds) as readonly unknown[] as readonly Deed[];
      if (deeds.length === 0) return;
      const arg = meta.arg.originalArgs;
      const shown = (data: unknown) => show(data as Data, deeds, { arg, state }) as never;
      dispatch(api.util.updateQueryData(query.name as never, arg as never, shown) as never);
    },
  });
}
