import type { Household, Person } from '@wellhydra/core/household';
import { useMemo } from 'react';
import { failureOf } from '../../state/api';
import { documentState } from '../../state/sync/kitchen-document';
import { useAppSelector } from '../store';
import { hadOf, weekStart, type Had } from './drunk';
import { useGetPeopleQuery, useListDrunkQuery } from './people-endpoints';

/** How often other phones are listened to, ms. */
const POLL_ms = 15_000;

/** Whether it is known who there is: by what was answered or kept, not yet, not for now, or only with a passphrase. */
export type PeopleKnown = 'known' | 'not yet' | 'not now' | 'locked';

const unknownBy = (error: unknown): PeopleKnown => (failureOf(error).code === 'people-locked' ? 'locked' : 'not now');

export interface PersonRow {
  readonly id: string;
  readonly person: Person;
}

/** Everybody, in the order of their names. */
export const peopleRows = ({ people }: Household): readonly PersonRow[] =>
  Object.entries(people)
    .map(([id, person]) => ({ id, person }))
    .sort((a, b) => a.person.name.localeCompare(b.person.name, 'en') || a.id.localeCompare(b.id));

export const peopleOf = (rows: readonly PersonRow[]): readonly Person[] => rows.map(({ person }) => person);

/** The people of the kitchen as they are edited here, and whether that is kept. */
export function usePeople() {
  const { answered } = useGetPeopleQuery(undefined, {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
    selectFromResult: ({ data, error }): { answered: PeopleKnown } => ({
      answered: error ? unknownBy(error) : data ? 'known' : 'not yet',
    }),
  });
  const draft = useAppSelector((state) => state.household);
  const household = draft.mine;
  const rows = useMemo(() => peopleRows(household), [household]);
  // What is not stored yet may be shown where the rest is under a passphrase.
  const seen = answered !== 'locked' && (rows.length > 0 || draft.revision > 0);
  const known: PeopleKnown = seen ? 'known' : answered;
  return { household, rows, known, kept: documentState(draft) };
}

export interface WeekHad {
  /** Null while it is not known. */
  readonly had: readonly Had[] | null;
  readonly failure: string | null;
}

/** What everybody had in the last seven days. */
export function useWeekHad(now: Date): WeekHad {
  const { data, error } = useListDrunkQuery(weekStart(now), {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
  });
  const had = useMemo(() => (data ? hadOf(data) : null), [data]);
  return { had, failure: !data && error ? failureOf(error).message : null };
}
