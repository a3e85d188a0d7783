import type { BottleRecord } from '@wellhydra/contract';
import { useMemo } from 'react';
import { useListBottlesQuery } from '../bottles/bottle-endpoints';
import { useListDrinksQuery } from '../drinks/drink-endpoints';
import { areAnswered, useOnce } from '../../state/answered';
import { analyseDocument } from '../run/analyse-document';
import { useRunContext } from '../run/use-run-context';
import { lastsViews, spoonViews, type LastsView, type SpoonView } from './spoons';
import { usePeople, useWeekHad } from './use-people';

const NO_BOTTLES: readonly BottleRecord[] = [];
const NONE: readonly never[] = [];

export interface Spoons {
  readonly spoons: readonly SpoonView[];
  readonly lasts: readonly LastsView[];
  /** Whether all of it is known, or known not to be. */
  readonly answered: boolean;
}

/** What is taken by the spoon for days: by whom, how today stands, and how long it lasts. */
export function useSpoons(now: Date): Spoons {
  const { household, known: people } = usePeople();
  const { had, failure } = useWeekHad(now);
  const [shelved, listed] = [useListBottlesQuery(), useListDrinksQuery()];
  const [{ data: shelf }, { data: list }] = [shelved, listed];
  const context = useRunContext();
  const bottles = shelf?.bottles ?? NO_BOTTLES;
  const drinks = list?.drinks ?? NONE;
  // While what was drunk is not known, nothing is called missed.
  const known = had !== null && shelf !== undefined;
  const minute_ms = Math.floor(now.getTime() / 60_000) * 60_000;
  const isHadKnown = had !== null || failure !== null;
  const answered = useOnce(people !== 'not yet' && isHadKnown && areAnswered(shelved, listed));
  const views = useMemo(() => {
    if (!known || Object.keys(household.spoonPlans).length === 0) return { spoons: NONE, lasts: NONE };
    const names = new Map(drinks.map(({ id, document }) => [id, document.name || 'Unnamed drink']));
    const facts = { household, had, bottles, names, now: new Date(minute_ms) };
    const minutesOf = (drinkId: string) => {
      const document = drinks.find(({ id }) => id === drinkId)?.document;
      return document ? analyseDocument(document, context).trace.total_min : null;
    };
    return { spoons: spoonViews(facts), lasts: lastsViews(facts, minutesOf) };
  }, [known, household, had, bottles, drinks, context, minute_ms]);
  return { ...views, answered };
}
