import type { KitchenSettingsRecord } from '@wellhydra/contract';
import { DEFAULT_SETTINGS, mergeSettings, type KitchenSettings } from '@wellhydra/core/kitchen';
import { baseOf, isSame, mergeFields } from '@wellhydra/core/merge';
import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere } from '../../state/sync/owner';
import { withOtherTab } from '../../state/sync/other-tab';
import { documentSender, sendOrMerge, type DocumentDispatch, type Try } from '../../state/sync/send-documents';
import type { Trouble } from '../../state/sync/trouble';
import { afterFailure, withUnanswered, type WithUnanswered } from '../../state/sync/unanswered';
import { kitchenApi } from './kitchen-endpoints';

/** What the kitchen has, as it is edited here and not yet stored. */
export interface UnsentSettings extends WithUnanswered<KitchenSettings> {
  readonly id: typeof SETTINGS_ID;
  /** Revision it started from. */
  readonly revision: number;
  readonly stuck: Trouble | 'refused' | null;
  /** Why it is refused, if it is. */
  readonly message: string;
}
export const SETTINGS_ID = 'settings';
export type SettingsDraftState = UnsentSettings | null;

const recordOf = ({ revision, settings }: KitchenSettingsRecord) => ({ revision, base: settings ?? DEFAULT_SETTINGS });

/** What is typed here with what is stored now, and what both have changed. */
const mergedWith = ({ base, sent = [], mine }: UnsentSettings, record: KitchenSettingsRecord) => {
  const theirs = recordOf(record).base;
  return mergeSettings(baseOf(base, sent, theirs), mine, theirs);
};

/** Settings in place of those that need not be kept any more, for tabs that still have them: as they are stored. */
export function settingsStored(state: StateOfKitchenApi): UnsentSettings | undefined {
  const { data } = kitchenApi.endpoints.getSettings.select()(state);
  const stored = data && recordOf(data);
  return stored && { id: SETTINGS_ID, ...stored, mine: stored.base, stuck: null, message: '' };
}
type StateOfKitchenApi = Parameters<ReturnType<typeof kitchenApi.endpoints.getSettings.select>>[0];

/** Settings that another tab has written, where it is those that it has written. */
export const settingsAmong = ({ shelf, rows }: ReturnType<typeof rowsWrittenElsewhere>['payload']) =>
  shelf === SETTINGS_ID ? (rows[0] as UnsentSettings | undefined) : undefined;

/** As two tabs of this device have them. */
export const settingsOfTabs = (draft: UnsentSettings, other: UnsentSettings, known?: UnsentSettings): UnsentSettings =>
  withOtherTab(draft, other, known, mergeFields);

const slice = createSlice({
  name: 'settingsDraft',
  initialState: null as SettingsDraftState,
  reducers: {
    settingsEdited: (
      state,
      { payload: { by, stored } }: PayloadAction<{ by: Partial<KitchenSettings>; stored: KitchenSettingsRecord }>,
    ): SettingsDraftState => {
      const from = state ?? { id: SETTINGS_ID, ...recordOf(stored), mine: recordOf(stored).base };
      return { ...from, mine: { ...from.mine, ...by }, stuck: null, message: '' };
    },
    settingsReverted: () => null,
    settingsSaved: (state, { payload }: PayloadAction<{ record: KitchenSettingsRecord; sent: KitchenSettings }>) =>
      // What was typed meanwhile goes on from the new revision.
      state && original(state)?.mine !== payload.sent
        ? { ...state, ...recordOf(payload.record), sent: [], stuck: null }
        : null,
    settingsCollided: (state, { payload }: PayloadAction<KitchenSettingsRecord>): SettingsDraftState => {
      return state && { ...state, ...recordOf(payload), mine: mergedWith(state, payload).merged, sent: [] };
    },
    settingsFailed: (
      state,
      { payload }: PayloadAction<{ stuck: NonNullable<UnsentSettings['stuck']>; message: string }>,
    ) => state && { ...state, ...payload, sent: afterFailure(payload.stuck, state.sent) },
  },
  extraReducers: (builder) =>
    builder
      .addCase(
        ownerEntered,
        (_state, { payload: { rows } }) => (rows.settings[0] as UnsentSettings | undefined) ?? null,
      )
      .addCase(ownerLeft, () => null)
      .addCase(rowsWrittenElsewhere, (state, { payload }) => {
        const other = settingsAmong(payload);
        if (!other) return state;
        // What is changed there is changed here, too, until one of the two has stored it.
        const both = state ? settingsOfTabs(state, other, payload.known[0] as UnsentSettings | undefined) : other;
        // What is back where it was, with something else of it on its way, is still to be sent.
        return isSame(both.mine, both.base) && !both.sent?.length ? null : both;
      })
      .addMatcher(kitchenApi.endpoints.saveSettings.matchPending, (state, { meta }): SettingsDraftState => {
        const { settings } = meta.arg.originalArgs;
        return state && { ...state, sent: withUnanswered(state.sent, [{ base: state.base, content: settings }]) };
      }),
});

export const { settingsEdited, settingsReverted, settingsSaved, settingsCollided, settingsFailed } = slice.actions;
export const settingsDraftReducer = slice.reducer;

interface StateWithSettings {
  readonly settingsDraft: SettingsDraftState;
}

/** Says what somebody else changed as well; theirs is one press away. */
function tellClash(
  dispatch: DocumentDispatch,
  fields: readonly (keyof KitchenSettings)[],
  theirs: KitchenSettingsRecord,
): void {
  const { settings } = theirs;
  if (fields.length === 0 || !settings) return;
  const by = Object.fromEntries(fields.map((field) => [field, settings[field]])) as Partial<KitchenSettings>;
  const takeTheirs = async () => {
    const { getSettings } = kitchenApi.endpoints;
    const { data } = await dispatch(getSettings.initiate(undefined, { forceRefetch: true, subscribe: false }));
    dispatch(settingsEdited({ by, stored: data ?? theirs }));
  };
  dispatch(
    noticeRaised({
      text: `Somebody else changed this meanwhile, too: ${fields.map((field) => field.replace(/_.*/, '')).join(', ')}. Yours is kept.`,
      action: {
        label: 'Take theirs',
        run: keepAction(() => void takeTheirs()),
      },
    }),
  );
}

async function sendOnce(_id: string, getState: () => StateWithSettings, dispatch: DocumentDispatch): Promise<Try> {
  const draft = getState().settingsDraft;
  if (!draft) return 'done';
  const { saveSettings, getSettings } = kitchenApi.endpoints;
  return sendOrMerge({
    save: () => dispatch(saveSettings.initiate({ expectedRevision: draft.revision, settings: draft.mine })),
    saved: (stored) => {
      // What is shown without a draft is what is stored now, before it is asked for again.
      dispatch(kitchenApi.util.updateQueryData('getSettings', undefined, () => stored) as never);
      dispatch(settingsSaved({ record: stored, sent: draft.mine }));
      return getState().settingsDraft !== null;
    },
    fetch: () => dispatch(getSettings.initiate(undefined, { forceRefetch: true, subscribe: false })),
    collided: (stored) => {
      const now = getState().settingsDraft;
      const clashes = now ? mergedWith(now, stored).clashes : [];
      dispatch(settingsCollided(stored));
      tellClash(dispatch, clashes, stored);
    },
    failed: (stuck, message) => void dispatch(settingsFailed({ stuck, message })),
  });
}

/** Saves what the kitchen has by itself, field by field beside what others changed meanwhile. */
export const settingsSync = documentSender<StateWithSettings>({
  edited: (action) => (settingsEdited.match(action) ? SETTINGS_ID : undefined),
  unsent: ({ settingsDraft }) => (settingsDraft && settingsDraft.stuck !== 'refused' ? [SETTINGS_ID] : []),
  sendOnce,
});
