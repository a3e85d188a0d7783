import { useEffect } from 'react';
import { useAppDispatch, useAppSelector } from '../../state/store';
import { useListRunsQuery } from '../make/brew-endpoints';
import { runsArrived } from '../make/brews';

/** Other phones begin and end brews, too, ms. */
const POLL_ms = 4000;

/** Brews under way: those of the server, and what this device has of them while there is none. */
export function useRuns() {
  const dispatch = useAppDispatch();
  const { data, error, isLoading } = useListRunsQuery(undefined, {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
  });
  const runs = data?.brews;
  useEffect(() => {
    if (runs) dispatch(runsArrived(runs));
  }, [runs, dispatch]);
  const brews = useAppSelector((state) => state.brews);
  return { brews, error, isLoading };
}
