import { DEFAULT_SETTINGS, type KitchenSettings } from '@wellhydra/core/kitchen';
import { useAppDispatch, useAppSelector } from '../store';
import { keptWords } from '../../state/sync/trouble';
import { useGetSettingsQuery } from './kitchen-endpoints';
import { settingsEdited, type SettingsDraftState } from './settings-draft';

export interface SettingsDraft {
  readonly settings: KitchenSettings;
  readonly change: (by: Partial<KitchenSettings>) => void;
  /** What is said about saving. */
  readonly state: string;
  readonly ready: boolean;
}

/** How things stand between what is edited here and the server, in a few words. */
export function settingsState(draft: SettingsDraftState): string {
  if (!draft) return 'Saved';
  return draft.stuck === null ? 'Saving' : keptWords(draft.stuck, draft.message);
}

/** What the kitchen has, as it is edited here: saved by itself, and kept on this device until it is. */
export function useSettingsDraft(): SettingsDraft {
  const dispatch = useAppDispatch();
  const { data } = useGetSettingsQuery();
  const draft = useAppSelector((state) => state.settingsDraft);
  return {
    settings: draft?.mine ?? data?.settings ?? DEFAULT_SETTINGS,
    change: (by) => {
      // Before the first answer there is nothing that could be changed.
      if (draft || data) dispatch(settingsEdited({ by, stored: data ?? { revision: 0, settings: null } }));
    },
    state: settingsState(draft),
    ready: data !== undefined || draft !== null,
  };
}
