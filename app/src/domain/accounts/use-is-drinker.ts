import { useSession } from './use-session';

/** Whether whoever is in drinks what others make: what drinks are made of is not asked for then. */
export const useIsDrinker = (): boolean => useSession()?.kitchen.role === 'drinker';
