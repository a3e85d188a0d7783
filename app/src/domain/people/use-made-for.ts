import { madeForOf } from '@wellhydra/core/household';
import { useMemo } from 'react';
import { useAppDispatch, useAppSelector } from '../store';
import { drinkMadeFor } from './household';
import { peopleRows, type PersonRow } from './use-people';

export interface MadeForHandle {
  /** Everybody it could be made for. */
  readonly rows: readonly PersonRow[];
  /** Those it is made for; nobody where it is for everybody. */
  readonly chosen: readonly PersonRow[];
  readonly toggle: (id: string, isIn: boolean) => void;
}

/** Whom a drink is made for. It is kept with the people and not in the drink, which can be given away. */
export function useMadeFor(drinkId: string): MadeForHandle {
  const dispatch = useAppDispatch();
  const household = useAppSelector((state) => state.household.mine);
  return useMemo(() => {
    const rows = peopleRows(household);
    const ids = madeForOf(household, drinkId);
    const chosen = rows.filter(({ id }) => ids.includes(id));
    const toggle = (id: string, isIn: boolean) => {
      const people = rows.map((row) => row.id).filter((each) => (each === id ? isIn : ids.includes(each)));
      dispatch(drinkMadeFor({ drinkId, people }));
    };
    return { rows, chosen, toggle };
  }, [household, drinkId, dispatch]);
}
