import { useGetSessionQuery } from './account-endpoints';

/** Whether whoever is in drinks what others make: what drinks are made of is not asked for then. */
export function useIsDrinker(): boolean {
  const { data } = useGetSessionQuery();
  return data?.kitchen.role === 'drinker';
}
