import { router } from 'expo-router';
import { api } from '../../state/api';
import { readDurable, writeDurable } from '../../state/durable';
import { useAppDispatch } from '../../state/store';
import { draftsCleared } from '../drink/draft/drafts';
import { brewsCleared } from '../make/brews';
import { plansCleared } from '../plan/plans';

const LAST_KITCHEN_KEY = 'wellhydra.kitchen';

/** What happens once somebody is in: the page they came for, with nothing left of another kitchen. */
export function useEntering(): (kitchenId: string) => void {
  const dispatch = useAppDispatch();
  return (kitchenId) => {
    const last = readDurable<string>(LAST_KITCHEN_KEY);
    if (last !== undefined && last !== kitchenId) {
      dispatch(draftsCleared());
      dispatch(brewsCleared());
      dispatch(plansCleared());
    }
    writeDurable(LAST_KITCHEN_KEY, kitchenId);
    dispatch(api.util.resetApiState());
    router.replace('/drinks');
  };
}
