import { brewRecipe, brewState, runBrew, type BrewEvent, type BrewHappening } from '@wellhydra/core/brew';
import { useCallback, useEffect, useMemo } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type Store } from '../../domain/store';
import { brewsApi } from '../../domain/brews/brew-endpoints';
import { brewHappened, brewOpened, eventsOf, progressArrived, runArrived, selectBrews } from '../../domain/brews/brews';

const newId = (): string => crypto.randomUUID();

/** An event that happens now. */
export const happeningNow = (happening: BrewHappening): BrewEvent => ({
  ...happening,
  id: newId(),
  at: new Date().toISOString(),
});

/** A brew on this device: what it is made of, where it stands, its run so far, and how to say what happened. */
export function useBrew(id: string) {
  const dispatch = useAppDispatch();
  const brew = useAppSelector((state) => state.brews.byId[id]);
  const { outbox } = useAppSelector(selectBrews);
  const events = useMemo(() => (brew ? eventsOf({ byId: { [id]: brew }, outbox }, id) : []), [brew, outbox, id]);
  const stored = brew?.recipe;
  const recipe = useMemo(() => (stored ? brewRecipe(stored) : null), [stored]);
  const state = useMemo(() => brewState(events), [events]);
  const run = useMemo(() => (recipe ? runBrew(recipe, state) : null), [recipe, state]);
  const happened = useCallback(
    (happening: BrewHappening) => {
      const event = happeningNow(happening);
      dispatch(brewHappened({ brew: id, event }));
      return event;
    },
    [dispatch, id],
  );
  return { brew, recipe, state, run, events, happened };
}

/** A brew that is here in full. */
type Whole = ReturnType<typeof useBrew>;
export type MakingProps = Omit<Whole, 'brew' | 'recipe' | 'run'> & {
  readonly [Part in 'brew' | 'recipe' | 'run']: NonNullable<Whole[Part]>;
};

/** Keeps a brew on this device while it is on the screen, also one that is over. */
export function useOpenBrew(id: string): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    dispatch(brewOpened(id));
    return () => void dispatch(brewOpened(undefined));
  }, [id, dispatch]);
}

/** A question for news is held open this long by the server, ms. */
const WAIT_ms = 15_000;
const AGAIN_AFTER_ms = 1500;

/** Listens for what others do to a brew while it is on the screen. */
export function useBrewNews(id: string): void {
  const dispatch = useAppDispatch();
  const { getState } = useStore() as Store;
  const here = useAppSelector((state) => state.brews.byId[id] !== undefined);
  const begun = useAppSelector(
    (state) => !selectBrews(state).outbox.some((each) => each.brew === id && each.kind === 'start'),
  );
  useEffect(() => {
    if (!begun) return undefined;
    let stopped = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let question: { abort: () => void } | undefined;
    const ask = async (): Promise<void> => {
      const after = getState().brews.byId[id]?.known.at(-1)?.number ?? 0;
      const asked = here
        ? dispatch(
            brewsApi.endpoints.awaitProgress.initiate(
              { id, after, wait_ms: WAIT_ms },
              { subscribe: false, forceRefetch: true },
            ),
          )
        : dispatch(brewsApi.endpoints.getRun.initiate(id, { subscribe: false, forceRefetch: true }));
      question = asked;
      const { data } = await asked;
      if (stopped) return;
      if (data) dispatch('recipe' in data ? runArrived(data) : progressArrived(data));
      timer = setTimeout(() => void ask(), data ? 0 : AGAIN_AFTER_ms);
    };
    // A question that was held open when the network went may still be answered late, or never.
    const lost = () => question?.abort();
    globalThis.addEventListener?.('offline', lost);
    void ask();
    return () => {
      stopped = true;
      globalThis.removeEventListener?.('offline', lost);
      clearTimeout(timer);
      question?.abort();
    };
  }, [id, here, begun, dispatch, getState]);
}
