import { useAppSelector } from '../store';
import { useListRunsQuery } from './brew-endpoints';
import { selectBrews, type Brews } from './brews';

/** How often a page that shows brews asks for them, ms. */
const POLL_ms = 4000;
/** How often any other page asks, so that a timer that was started on another phone rings here, too, ms. */
const BACKGROUND_POLL_ms = 30_000;

// The answers go to the brews of this device; nothing is drawn anew for them here.
const nothing = () => ({});

/** Has the brews of the kitchen on this device, whatever page is open. */
export function useRunsInBackground(skip: boolean): void {
  useListRunsQuery(undefined, { pollingInterval: BACKGROUND_POLL_ms, skip, selectFromResult: nothing });
}

/** Brews under way: those of the server, and what this device has of them while there is none. */
export function useRuns(): Brews {
  useListRunsQuery(undefined, {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
    selectFromResult: nothing,
  });
  return useAppSelector(selectBrews);
}
