import { router } from 'expo-router';
import { api } from '../../state/api';
import { ownerLeft } from '../../state/sync/owner';
import { useAppDispatch } from '../store';
import { forgetSession } from './known-session';

/** What happens once nobody is in on this device any more: the door, with nothing behind it. */
export function useLeaving(): () => void {
  const dispatch = useAppDispatch();
  return () => {
    forgetSession();
    dispatch(ownerLeft());
    dispatch(api.util.resetApiState());
    router.replace('/welcome');
  };
}
