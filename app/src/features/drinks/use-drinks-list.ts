import type { BottleRecord, BrewRun } from '@wellhydra/contract';
import { useMemo } from 'react';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { useListRunsQuery } from '../../domain/brews/brew-endpoints';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useGetSettingsQuery } from '../../domain/kitchen/kitchen-endpoints';
import { useAppSelector } from '../../domain/store';
import { useNow } from '../../ui/use-now';
import { currentDocuments, drinkGroups } from './drinks-view';
import { leftViews } from './left-view';
import { useFigures } from './use-figures';

const MINUTE_ms = 60_000;
const NO_BOTTLES: readonly BottleRecord[] = [];
const NO_RUNS: readonly BrewRun[] = [];

/** What there is of each drink by now. */
function useLeft() {
  const { data: shelf } = useListBottlesQuery();
  const { data: under } = useListRunsQuery();
  const now = useNow(MINUTE_ms);
  const [bottles, runs] = [shelf?.bottles ?? NO_BOTTLES, under?.brews ?? NO_RUNS];
  return useMemo(() => leftViews(bottles, runs, now), [bottles, runs, now]);
}

/** The drinks of the kitchen that match a search, by kind, with what they come to and what there is of them. */
export function useDrinksList(search: string) {
  const { data, error, refetch } = useListDrinksQuery(undefined, { refetchOnMountOrArgChange: true });
  const drafts = useAppSelector((state) => state.drafts);
  const documents = useMemo(() => currentDocuments(data?.drinks ?? [], drafts), [data, drafts]);
  const { data: stored } = useGetSettingsQuery();
  const all = useMemo(() => documents.map(({ document }) => document), [documents]);
  const figuresOf = useFigures(stored?.settings ?? null, all);
  const groups = useMemo(() => drinkGroups(documents, search, figuresOf), [documents, search, figuresOf]);
  return { groups, left: useLeft(), isEmpty: documents.length === 0, isHere: data !== undefined, error, refetch };
}
