import { createListenerMiddleware } from '@reduxjs/toolkit';
import { api } from '../api';
import { seenOver, seenShown, type OwnerState } from './owner';

/** While something of before is shown it is asked for again this often, ms. */
const ASK_AGAIN_ms = 4000;

interface AskedState {
  readonly owner: OwnerState;
  readonly [api.reducerPath]: {
    readonly queries: Readonly<
      Record<string, { readonly endpointName?: string; readonly originalArgs?: unknown } | undefined>
    >;
  };
}
type Initiate = (args: unknown, how: { readonly forceRefetch: true; readonly subscribe: false }) => never;

/** Asks again for what is shown as it was before, until the server answers or nobody looks at it any more. */
export const askAgain = createListenerMiddleware();
askAgain.startListening({
  actionCreator: seenShown,
  effect: async (_action, { cancelActiveListeners, delay, getState, dispatch }) => {
    cancelActiveListeners();
    await delay(ASK_AGAIN_ms);
    const { owner, api: asked } = getState() as AskedState;
    for (const query of Object.keys(owner.seen)) {
      const { endpointName, originalArgs } = asked.queries[query] ?? {};
      const endpoint = endpointName && (api.endpoints as Record<string, { initiate?: Initiate }>)[endpointName];
      if (endpoint && endpoint.initiate)
        dispatch(endpoint.initiate(originalArgs, { forceRefetch: true, subscribe: false }));
      else dispatch(seenOver(query));
    }
  },
});
