import { DEFAULT_SETTINGS, settingsFor } from '@wellhydra/core/kitchen';
import { useMemo } from 'react';
import { useSession } from '../accounts/use-session';
import { useIsDrinker } from '../accounts/use-is-drinker';
import { useListDrinksQuery } from '../drinks/drink-endpoints';
import { useGetHabitsQuery, useGetSettingsQuery } from '../kitchen/kitchen-endpoints';
import { runContext, type RunContext } from './run-context';

/** What drinks are run with in this kitchen, as it has learned to know itself; the usual one until the server has said. */
export function useRunContext(): RunContext {
  const skip = useIsDrinker();
  const { data: stored } = useGetSettingsQuery(undefined, { skip });
  const { data: learned } = useGetHabitsQuery(undefined, { skip });
  const { data: list } = useListDrinksQuery(undefined, { skip });
  const session = useSession();
  const member = session?.account.id ?? null;
  const stands = stored?.settings ?? null;
  // With one's own measures before everybody's.
  const settings = useMemo(() => stands && settingsFor(stands, member), [stands, member]);
  const habits = learned?.habits;
  const drinks = list?.drinks;
  const here = useMemo(
    () => (habits && Object.keys(habits).length > 0 ? { ...(settings ?? DEFAULT_SETTINGS), habits } : settings),
    [settings, habits],
  );
  return useMemo(() => runContext(here, drinks?.map(({ document }) => document) ?? []), [here, drinks]);
}
