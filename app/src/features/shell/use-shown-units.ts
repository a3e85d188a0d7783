import { usePathname } from 'expo-router';
import { useState } from 'react';
import { useAppSelector } from '../../domain/store';
import { useIsDrinker } from '../../domain/accounts/use-is-drinker';
import { lastUnits, rememberUnits, type Units } from '../../state/units-choice';
import { useGetSettingsQuery } from '../../domain/kitchen/kitchen-endpoints';

/** Where units are chosen they follow at once. */
const CHOSEN_AT = '/kitchen';

/**
 * The units in which everything is drawn. Others draw every page anew, which takes away what somebody is typing; so
 * what another phone has chosen, or a late answer brings, is shown from the next page on.
 */
export function useShownUnits(): Units {
  const path = usePathname();
  const { data } = useGetSettingsQuery(undefined, { skip: useIsDrinker() });
  const draft = useAppSelector((state) => state.settingsDraft);
  const told = draft?.mine.units ?? (data && (data.settings?.units ?? 'metric'));
  const [shown, setShown] = useState(() => ({ units: lastUnits(), path }));
  const follows = shown.units === undefined || path !== shown.path || path === CHOSEN_AT;
  if (told !== undefined && follows && (told !== shown.units || path !== shown.path)) {
    rememberUnits(told);
    setShown({ units: told, path });
  }
  return shown.units ?? told ?? 'metric';
}
