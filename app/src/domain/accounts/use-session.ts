import type { Session } from '@wellhydra/contract';
import { useMemo } from 'react';
import { ownerOf } from '../../state/sync/owner';
import { useAppSelector } from '../store';
import { useGetSessionQuery } from './account-endpoints';
import { knownSession } from './known-session';

/** Who is in: as the server says, and while it says nothing, as it said before. Undefined until somebody is. */
export function useSession(): Session | undefined {
  const { data } = useGetSessionQuery();
  const owner = useAppSelector((state) => state.owner.owner);
  return useMemo(() => {
    if (data || owner === null) return data;
    const known = knownSession();
    // Somebody else may have come in on another page of this device.
    return known && ownerOf(known) === owner ? known : undefined;
  }, [data, owner]);
}
