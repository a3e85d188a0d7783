import { useAppDispatch } from '../../domain/store';
import type { PlanRow } from './plan-view';
import { requestAdded, requestChanged } from '../../domain/plans/plans';

/** Sets when a drink is begun; a preparation that is made for another is wanted by itself from then on. */
export function usePinning() {
  const dispatch = useAppDispatch();
  return ({ id, drinkId, readyBy, goesInto }: PlanRow, at: Date | null) => {
    const pinned = at?.toISOString() ?? null;
    if (goesInto === null) dispatch(requestChanged({ id, pinned }));
    else dispatch(requestAdded({ id: crypto.randomUUID(), drinkId, readyBy: readyBy.toISOString(), pinned }));
  };
}
