import type { DrinkRecord } from '@wellhydra/contract';
import { mergeDrinks, sameDocument, type DrinkDocument, type MergeConflict } from '@wellhydra/core/drink';
import { baseOf, isSame } from '@wellhydra/core/merge';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere } from '../../state/sync/owner';
import type { Trouble } from '../../state/sync/trouble';
import { withOtherTab } from '../../state/sync/other-tab';
import { afterFailure, mayBeStored, withUnanswered, type WithUnanswered } from '../../state/sync/unanswered';
import { drinksApi } from './drink-endpoints';

/** Why something typed is not stored: it waits, or the server will not have it as it is. */
export type Stuck = Trouble | 'refused';

/** A drink as it stands on this screen: what was last stored, and what has been typed since. */
export interface Draft extends WithUnanswered<DrinkDocument> {
  readonly id: string;
  /** Revision it started from; 0 before the first save. */
  readonly revision: number;
  /** The line being typed that is no step yet. */
  readonly composer: string;
  /** True while `mine` has something the server has not. */
  readonly unsent: boolean;
  /** Why it could not be sent, if it could not. */
  readonly stuck: Stuck | null;
  readonly conflicts: readonly MergeConflict[];
  readonly otherName: string | null;
}

export type Drafts = Readonly<Record<string, Draft>>;

const byIdOf = (drafts: readonly Draft[]): Drafts => Object.fromEntries(drafts.map((draft) => [draft.id, draft]));

/** Whether the server has something else, or may have: what is on its way is no less than what is stored. */
const isUnsent = (draft: Omit<Draft, 'unsent'>): boolean =>
  draft.revision === 0 || !sameDocument(draft.mine, draft.base) || mayBeStored(draft, sameDocument);

function fromRecord({ id, revision, document }: DrinkRecord, composer = ''): Draft {
  return {
    id,
    revision,
    base: document,
    mine: document,
    composer,
    unsent: false,
    stuck: null,
    conflicts: [],
    otherName: null,
  };
}

/** A draft after somebody else has saved the drink, on top of something of it that was sent or not. */
function mergedWith(draft: Draft, record: DrinkRecord, sent = draft.sent): Draft {
  const { revision, document: base } = record;
  const { merged: mine, conflicts } = mergeDrinks(baseOf(draft.base, sent ?? [], base), draft.mine, base);
  return {
    ...draft,
    revision,
    base,
    mine,
    unsent: isUnsent({ ...draft, revision, base, mine }),
    stuck: null,
    conflicts: [...draft.conflicts.filter(({ at }) => !conflicts.some((each) => each.at === at)), ...conflicts],
    otherName: record.savedBy,
  };
}

/** A draft as two tabs of this device have it. */
export function draftOfTabs(draft: Draft, other: Draft, known?: Draft): Draft {
  const both = withOtherTab(draft, other, known, (...edits) => mergeDrinks(...edits).merged);
  const said = draft.composer === (known?.composer ?? '') ? other : draft;
  const told = isSame(draft.conflicts, known?.conflicts ?? []) ? other : draft;
  const { conflicts, otherName } = told;
  return { ...both, composer: said.composer, conflicts, otherName, unsent: isUnsent(both) };
}

const slice = createSlice({
  name: 'drafts',
  initialState: {} as Drafts,
  reducers: {
    drinkStarted: (state, { payload }: PayloadAction<{ id: string; document: DrinkDocument }>) => ({
      ...state,
      [payload.id]: { ...fromRecord({ ...payload, revision: 0, savedAt: '', savedBy: '' }), unsent: true },
    }),
    /** The server says what the drink is now. */
    drinkArrived: (state, { payload: record }: PayloadAction<DrinkRecord>) => {
      const draft = state[record.id];
      if (!draft) return { ...state, [record.id]: fromRecord(record) };
      if (record.revision <= draft.revision) return state;
      return {
        ...state,
        [record.id]: draft.unsent
          ? mergedWith(draft, record)
          : { ...fromRecord(record, draft.composer), conflicts: draft.conflicts, otherName: draft.otherName },
      };
    },
    drinkEdited: (state, { payload }: PayloadAction<{ id: string; document: DrinkDocument }>) => {
      const draft = state[payload.id];
      if (!draft) return state;
      const typed = { ...draft, mine: payload.document };
      return { ...state, [payload.id]: { ...typed, unsent: isUnsent(typed) } };
    },
    composerTyped: (state, { payload }: PayloadAction<{ id: string; text: string }>) => {
      const draft = state[payload.id];
      return draft ? { ...state, [payload.id]: { ...draft, composer: payload.text } } : state;
    },
    drinkSaved: (state, { payload: record }: PayloadAction<DrinkRecord>) => {
      const draft = state[record.id];
      if (!draft) return state;
      const { revision, document: base } = record;
      // Where something newer has arrived before the answer, this is in it.
      const now = { ...draft, sent: [], stuck: null, ...(revision < draft.revision ? {} : { revision, base }) };
      return { ...state, [record.id]: { ...now, unsent: isUnsent(now) } };
    },
    drinkCollided: (state, { payload: record }: PayloadAction<DrinkRecord>) => {
      const draft = state[record.id];
      return draft ? { ...state, [record.id]: mergedWith({ ...draft, sent: [] }, record, draft.sent) } : state;
    },
    saveFailed: (state, { payload }: PayloadAction<{ id: string; stuck: Stuck }>) => {
      const draft = state[payload.id];
      // What has arrived meanwhile with all of it in it is stored, whatever became of the answer.
      if (!draft?.unsent) return state;
      const { stuck } = payload;
      return { ...state, [payload.id]: { ...draft, sent: afterFailure(stuck, draft.sent), stuck } };
    },
    conflictSettled: (state, { payload }: PayloadAction<{ id: string; at: string }>) => {
      const draft = state[payload.id];
      if (!draft) return state;
      return { ...state, [payload.id]: { ...draft, conflicts: draft.conflicts.filter(({ at }) => at !== payload.at) } };
    },
    drinkForgotten: (state, { payload }: PayloadAction<string>) => {
      const { [payload]: _gone, ...rest } = state;
      return rest;
    },
  },
  extraReducers: (builder) =>
    builder
      .addCase(ownerEntered, (_state, { payload: { rows } }) => byIdOf(rows.drafts as readonly Draft[]))
      .addCase(ownerLeft, (): Drafts => ({}))
      .addCase(rowsWrittenElsewhere, (state, { payload }) => {
        if (payload.shelf !== 'drafts') return state;
        // What is typed there is typed here, too.
        const before = byIdOf(payload.known as readonly Draft[]);
        return (payload.rows as readonly Draft[]).reduce((drafts: Drafts, row) => {
          const own = drafts[row.id];
          return own ? { ...drafts, [row.id]: draftOfTabs(own, row, before[row.id]) } : drafts;
        }, state);
      })
      .addMatcher(drinksApi.endpoints.saveDrink.matchPending, (state, { meta }) => {
        const { id, document } = meta.arg.originalArgs;
        const draft = state[id];
        return draft
          ? {
              ...state,
              [id]: { ...draft, sent: withUnanswered(draft.sent, [{ base: draft.base, content: document }]) },
            }
          : state;
      }),
});

export const {
  drinkStarted,
  drinkArrived,
  drinkEdited,
  composerTyped,
  drinkSaved,
  drinkCollided,
  saveFailed,
  conflictSettled,
  drinkForgotten,
} = slice.actions;
export const draftsReducer = slice.reducer;

/** What is typed and not yet stored: the rest is on the server. */
export const draftsToKeep = (drafts: Drafts): readonly Draft[] =>
  Object.values(drafts).filter(({ unsent, composer, conflicts }) => unsent || composer !== '' || conflicts.length > 0);
