import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { BOTTLE_SENDERS } from '../features/bottles/bottle-sending';
import { draftSync } from '../features/drink/draft/draft-sync';
import { draftsReducer, draftsToKeep } from '../features/drink/draft/drafts';
import { settingsDraftReducer, settingsSync } from '../features/kitchen/settings-draft';
import { BREW_SENDERS, brewArrivals } from '../features/make/brew-sending';
import { brewsReducer } from '../features/make/brews';
import { plansReducer, plansToKeep } from '../features/plan/plans';
import { api } from './api';
import { noticesReducer } from './notices';
import { applyPreferences, preferencesReducer } from './preferences';
import { keepDurable } from './sync/keep-durable';
import { ownerReducer } from './sync/owner';
import { queueReducer } from './sync/queue';
import { queueSender } from './sync/send-queue';

/** A store of its own for each application, so that tests do not share one. */
export function createStore() {
  const queueSync = queueSender({ ...BREW_SENDERS, ...BOTTLE_SENDERS });
  const store = configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      preferences: preferencesReducer,
      notices: noticesReducer,
      owner: ownerReducer,
      queue: queueReducer,
      drafts: draftsReducer,
      settingsDraft: settingsDraftReducer,
      brews: brewsReducer,
      plans: plansReducer,
    },
    middleware: (defaults) =>
      defaults()
        .prepend(queueSync.middleware, draftSync.middleware, settingsSync.middleware, brewArrivals.middleware)
        .concat(api.middleware),
  });
  setupListeners(store.dispatch);
  let { preferences } = store.getState();
  store.subscribe(() => {
    const next = store.getState();
    if (next.preferences !== preferences) applyPreferences(next.preferences);
    ({ preferences } = next);
  });
  keepDurable(store, {
    drafts: ({ drafts }) => draftsToKeep(drafts),
    settings: ({ settingsDraft }) => (settingsDraft ? [settingsDraft] : []),
    brews: ({ brews }) => Object.values(brews.byId),
    queue: ({ queue }) => queue.entries,
    aside: ({ queue }) => queue.aside,
    plans: ({ plans }) => plansToKeep(plans),
  });
  /** Sends everything that waits here, now. */
  const sendWaiting = () => {
    void queueSync.sendAll(store.getState, store.dispatch);
    draftSync.sendAll(store.getState, store.dispatch);
    settingsSync.sendAll(store.getState, store.dispatch);
  };
  return Object.assign(store, { sendWaiting });
}

export type Store = ReturnType<typeof createStore>;
export type RootState = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
