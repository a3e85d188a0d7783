import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { draftsReducer, keepDraftsDurable } from '../features/drink/draft/drafts';
import { draftSync } from '../features/drink/draft/draft-sync';
import { BREWS_KEY, brewsReadAgain, brewsReducer, keepBrewsDurable } from '../features/make/brews';
import { PLAN_KEY, keepPlansDurable, plansReadAgain, plansReducer } from '../features/plan/plans';
import { outboxSync } from '../features/make/outbox';
import { api } from './api';
import { onDurableWritten } from './durable';
import { noticesReducer } from './notices';
import { applyPreferences, preferencesReducer } from './preferences';

/** A store of its own for each application, so that tests do not share one. */
export function createStore() {
  const store = configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      preferences: preferencesReducer,
      notices: noticesReducer,
      drafts: draftsReducer,
      brews: brewsReducer,
      plans: plansReducer,
    },
    middleware: (defaults) => defaults().prepend(draftSync.middleware, outboxSync.middleware).concat(api.middleware),
  });
  setupListeners(store.dispatch);
  let { preferences, drafts, brews, plans } = store.getState();
  store.subscribe(() => {
    const next = store.getState();
    if (next.preferences !== preferences) applyPreferences(next.preferences);
    if (next.drafts !== drafts) keepDraftsDurable(drafts, next.drafts);
    if (next.brews !== brews) keepBrewsDurable(brews, next.brews);
    if (next.plans !== plans) keepPlansDurable(plans, next.plans);
    ({ preferences, drafts, brews, plans } = next);
  });
  onDurableWritten(BREWS_KEY, () => store.dispatch(brewsReadAgain()));
  onDurableWritten(PLAN_KEY, () => store.dispatch(plansReadAgain()));
  return store;
}

export type Store = ReturnType<typeof createStore>;
export type RootState = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
