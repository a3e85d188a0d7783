import { baseOf, isSame, mergeFields } from '@wellhydra/core/merge';
import type { ActionReducerMapBuilder, PayloadAction, UnknownAction } from '@reduxjs/toolkit';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere } from './owner';
import { withOtherTab } from './other-tab';
import { sendOrMerge, type Try } from './send-documents';
import { afterFailure, mayBeStored, withUnanswered, type WithUnanswered } from './unanswered';
import type { Row, Shelf } from './vault';
import { keptWords, type Trouble } from './trouble';

/** A document that a kitchen has one of, as it is edited here, and what of it is stored. */
export interface KitchenDocument<Content extends object> extends WithUnanswered<Content> {
  readonly id: string;
  /** Of what was last stored; 0 while nobody has saved anything. */
  readonly revision: number;
  readonly stuck: Trouble | 'refused' | null;
  /** Why it is refused, if it is. */
  readonly message: string;
}

/** What the server has of it; nothing while nobody has saved anything. */
export interface StoredDocument<Content> {
  readonly revision: number;
  readonly content: Content | null;
}

/** How documents of one kind are edited and merged; nothing in here depends on what they hold. */
export function kitchenDocument<Content extends object>(id: string, empty: Content) {
  type Draft = KitchenDocument<Content>;
  const nothing: Draft = { id, revision: 0, base: empty, mine: empty, stuck: null, message: '' };
  const unsent = (draft: Draft): boolean => !isSame(draft.base, draft.mine) || mayBeStored(draft, isSame);

  /** What is stored now, with what is typed here merged into it. */
  const withStored = (draft: Draft, { revision, content }: StoredDocument<Content>): Draft => {
    const base = content ?? empty;
    const mine = unsent(draft) ? mergeFields(baseOf(draft.base, draft.sent ?? [], base), draft.mine, base) : base;
    return { ...draft, revision, base, mine, stuck: null, message: '' };
  };
  return {
    nothing,
    unsent,
    /** Somebody else was first, and that is the answer; older than what is known here after a backup was put back. */
    collided: (draft: Draft, stored: StoredDocument<Content>): Draft => ({ ...withStored(draft, stored), sent: [] }),
    /** On its way; until it is answered, nobody knows whether it is stored. */
    sending: (draft: Draft, content: Content): Draft => ({
      ...draft,
      sent: withUnanswered(draft.sent, [{ base: draft.base, content }]),
    }),
    /** What has arrived meanwhile with all of it in it is stored, whatever became of the answer. */
    failed: (draft: Draft, { stuck, message }: Pick<Draft, 'stuck' | 'message'>): Draft =>
      unsent(draft) ? { ...draft, sent: afterFailure(stuck, draft.sent), stuck, message } : draft,
    /** An answer that was asked for before the last save tells nothing new. */
    withAnswer: (draft: Draft, stored: StoredDocument<Content>): Draft =>
      stored.revision > draft.revision ? withStored(draft, stored) : draft,
    /** As two tabs of this device have it. */
    withOther: (draft: Draft, other: Draft, known?: Draft): Draft => withOtherTab(draft, other, known, mergeFields),
    edited: (draft: Draft, by: Partial<Content>): Draft => ({
      ...draft,
      mine: { ...draft.mine, ...by },
      stuck: null,
      message: '',
    }),
    /** What was typed and not stored is gone; as it is stored it is right. */
    reverted: (draft: Draft): Draft => ({ ...draft, mine: draft.base, stuck: null, message: '' }),
    /** What was typed meanwhile goes on from the new revision; where something newer has arrived, this is in it. */
    saved: (draft: Draft, revision: number, sent: Content): Draft =>
      revision < draft.revision
        ? { ...draft, sent: [] }
        : { ...draft, revision, base: sent, sent: [], stuck: null, message: '' },
  };
}

/** Answers that a document was fetched with. */
interface Fetched<Stored> {
  (action: UnknownAction): action is PayloadAction<Stored>;
}

/** Requests by which it is saved, as they leave. */
interface Sent<Asked> {
  (action: UnknownAction): action is PayloadAction<unknown, string, { readonly arg: { readonly originalArgs: Asked } }>;
}

/**
 * What every slice of such a document hears: who comes in and goes, what another tab has written, what was fetched.
 *
 * @param kept what this device has kept, out of the rows of its shelf
 */
export function hearDocument<Content extends object, Stored, Asked>(
  builder: ActionReducerMapBuilder<KitchenDocument<Content>>,
  {
    document,
    shelf,
    kept,
    fetched,
    stored,
    sent,
    content,
  }: {
    readonly document: ReturnType<typeof kitchenDocument<Content>>;
    readonly shelf: Shelf;
    readonly kept: (rows: readonly Row[]) => KitchenDocument<Content>;
    readonly fetched: Fetched<Stored>;
    readonly stored: (record: Stored) => StoredDocument<Content>;
    readonly sent: Sent<Asked>;
    readonly content: (asked: Asked) => Content;
  },
): void {
  // Immer's drafts are read as what they are drafts of: the documents are made anew, never written to.
  type State = KitchenDocument<Content>;
  builder
    .addCase(ownerEntered, (_state, { payload: { rows } }) => kept(rows[shelf]) as never)
    .addCase(ownerLeft, () => document.nothing as never)
    .addCase(rowsWrittenElsewhere, (state, { payload }) => {
      const among = (rows: readonly Row[]) => rows.find(({ id }) => id === document.nothing.id) as State | undefined;
      const other = payload.shelf === shelf ? among(payload.rows) : undefined;
      return (other ? document.withOther(state as State, other, among(payload.known)) : state) as never;
    })
    .addMatcher(fetched, (state, { payload }) => document.withAnswer(state as State, stored(payload)) as never)
    .addMatcher(sent, (state, { meta }) => document.sending(state as State, content(meta.arg.originalArgs)) as never);
}

/** A device keeps a document as one row; nothing where it has none. */
export const keptRow =
  <Content extends object>({ nothing }: ReturnType<typeof kitchenDocument<Content>>) =>
  (rows: readonly Row[]): KitchenDocument<Content> =>
    (rows.find(({ id }) => id === nothing.id) as KitchenDocument<Content> | undefined) ?? nothing;

/** Nothing is said while all is stored, or on its way. */
export const documentState = ({ stuck, message }: KitchenDocument<object>): string | null =>
  stuck && keptWords(stuck, message);

/** How one is sent, and what is told to the store of it. */
export interface DocumentSending<Content extends object, Stored extends { readonly revision: number }> {
  readonly draftNow: () => KitchenDocument<Content>;
  readonly unsent: (draft: KitchenDocument<Content>) => boolean;
  readonly save: (expectedRevision: number, content: Content) => Promise<{ data?: Stored; error?: unknown }>;
  readonly fetch: () => Promise<{ data?: Stored }>;
  readonly saved: (stored: Stored, sent: Content) => void;
  readonly collided: (stored: Stored) => void;
  readonly failed: (stuck: Trouble | 'refused', message: string) => void;
}

/** Sends it once; an older revision is merged, never sent over a newer one. */
export async function sendDocument<Content extends object, Stored extends { readonly revision: number }>({
  draftNow,
  unsent,
  save,
  fetch,
  saved,
  collided,
  failed,
}: DocumentSending<Content, Stored>): Promise<Try> {
  const draft = draftNow();
  if (!unsent(draft)) return 'done';
  return sendOrMerge({
    save: () => save(draft.revision, draft.mine),
    saved: (record: Stored) => {
      saved(record, draft.mine);
      return unsent(draftNow());
    },
    fetch,
    collided,
    failed,
  });
}
