import { useEffect } from 'react';
import { useAppDispatch, useAppSelector } from '../../state/store';
import { useListRunsQuery } from './brew-endpoints';
import { runsArrived } from './brews';

/** How often a page that shows brews asks for them, ms. */
const POLL_ms = 4000;
/** How often any other page asks, so that a timer that was started on another phone rings here, too, ms. */
const BACKGROUND_POLL_ms = 30_000;

/** Has the brews of the kitchen on this device, whatever page is open. */
export function useRunsInBackground(skip: boolean): void {
  useRunsEvery(BACKGROUND_POLL_ms, skip);
}

/** Brews under way: those of the server, and what this device has of them while there is none. */
export function useRuns() {
  useRunsEvery(POLL_ms, false);
  return useAppSelector((state) => state.brews);
}

function useRunsEvery(pollingInterval: number, skip: boolean): void {
  const dispatch = useAppDispatch();
  const { data } = useListRunsQuery(undefined, { pollingInterval, skip, refetchOnMountOrArgChange: true });
  const runs = data?.brews;
  useEffect(() => {
    if (runs) dispatch(runsArrived(runs));
  }, [runs, dispatch]);
}
