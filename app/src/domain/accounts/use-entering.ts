import { router } from 'expo-router';
import { api } from '../../state/api';
import { useAppDispatch } from '../store';
import { ownerLeft } from '../../state/sync/owner';
import { forgetUnits } from '../../state/units-choice';
import { forgetSession } from './known-session';

/** What happens once somebody is in: the page they came for, with nothing on it of whoever was in before. */
export function useEntering(): () => void {
  const dispatch = useAppDispatch();
  return () => {
    // What somebody else has left unsent stays on the device, for them.
    dispatch(ownerLeft());
    forgetSession();
    forgetUnits();
    dispatch(api.util.resetApiState());
    router.replace('/drinks');
  };
}
