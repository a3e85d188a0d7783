import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import './drinks/drink-arrivals';
import { draftSync } from './drinks/draft-sync';
import { draftOfTabs, draftsReducer, draftsToKeep } from './drinks/drafts';
import './kitchen/settings-arrivals';
import { settingsDraftReducer, settingsOfTabs, settingsStored, settingsSync } from './kitchen/settings-draft';
import { brewArrivals } from './brews/brew-arrivals';
import { brewsReducer } from './brews/brews';
import { planSync } from './plans/plan-sync';
import { planOfTabs, plansReducer } from './plans/plans';
import { householdOfTabs, householdReducer } from './people/household';
import { householdSync } from './people/household-sync';
import { practisedReducer } from './practice/practised';
import { checkReducer } from './checks/checked-text';
import { begunReducer } from './drinks/begun-words';
import { shoppingOfTabs, shoppingReducer } from './stores/shopping';
import { shoppingSync } from './stores/shopping-sync';
import { api } from '../state/api';
import { answers } from '../state/sync/answers';
import { askAgain } from '../state/sync/ask-again';
import { noticesReducer } from '../state/notices';
import { applyPreferences, followNight, preferencesReducer } from '../state/preferences';
import { keepDurable } from '../state/sync/keep-durable';
import { ownerReducer } from '../state/sync/owner';
import { queueReducer } from '../state/sync/queue';
import { queueSender } from '../state/sync/send-queue';

/** A store of its own for each application, so that tests do not share one. */
export function createStore() {
  const queueSync = queueSender();
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
      household: householdReducer,
      shopping: shoppingReducer,
      check: checkReducer,
      begun: begunReducer,
      practised: practisedReducer,
    },
    middleware: (defaults) =>
      defaults()
        .prepend(
          queueSync.middleware,
          draftSync.middleware,
          settingsSync.middleware,
          planSync.middleware,
          householdSync.middleware,
          shoppingSync.middleware,
          brewArrivals.middleware,
          askAgain.middleware,
          answers.middleware,
        )
        .concat(api.middleware),
  });
  setupListeners(store.dispatch);
  let { preferences } = store.getState();
  store.subscribe(() => {
    const next = store.getState();
    if (next.preferences !== preferences) applyPreferences(next.preferences);
    ({ preferences } = next);
  });
  followNight(() => preferences);
  keepDurable(store, {
    drafts: { rows: ({ drafts }) => draftsToKeep(drafts), left: ({ drafts }, id) => drafts[id], merged: draftOfTabs },
    settings: {
      rows: ({ settingsDraft }) => (settingsDraft ? [settingsDraft] : []),
      left: settingsStored,
      merged: settingsOfTabs,
    },
    brews: { rows: ({ brews }) => Object.values(brews.byId) },
    queue: { rows: ({ queue }) => queue.entries },
    aside: { rows: ({ queue }) => queue.aside },
    plans: { rows: ({ plans }) => [plans], merged: planOfTabs },
    people: { rows: ({ household }) => [household], merged: householdOfTabs },
    shopping: { rows: ({ shopping }) => [shopping], merged: shoppingOfTabs },
    checks: { rows: ({ check, begun, practised }) => [check, begun, practised] },
  });
  /** Sends everything that waits here, now. */
  const sendWaiting = () => {
    void queueSync.sendAll(store.getState, store.dispatch);
    draftSync.sendAll(store.getState, store.dispatch);
    settingsSync.sendAll(store.getState, store.dispatch);
    planSync.sendAll(store.getState, store.dispatch);
    householdSync.sendAll(store.getState, store.dispatch);
    shoppingSync.sendAll(store.getState, store.dispatch);
  };
  return Object.assign(store, { sendWaiting });
}

export type Store = ReturnType<typeof createStore>;
export type RootState = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
