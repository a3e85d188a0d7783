import { useMemo } from 'react';
import { useListDrinksQuery } from '../drinks/drink-endpoints';
import { useGetSettingsQuery } from './kitchen-endpoints';
import { runContext, type RunContext } from './run-context';

/** What drinks are run with in this kitchen; the usual kitchen until the server has said. */
export function useRunContext(): RunContext {
  const { data: stored } = useGetSettingsQuery();
  const { data: list } = useListDrinksQuery();
  const settings = stored?.settings ?? null;
  const drinks = list?.drinks;
  return useMemo(() => runContext(settings, drinks?.map(({ document }) => document) ?? []), [settings, drinks]);
}
