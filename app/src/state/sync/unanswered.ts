import { isSame, type SentDocument } from '@wellhydra/core/merge';
import type { Trouble } from './trouble';

/**
 * What was sent of a document and not answered: each of it is stored, or is not. Rows that an earlier version kept have
 * none.
 */
export interface WithUnanswered<Content> {
  /** What is known to be stored. */
  readonly base: Content;
  readonly mine: Content;
  /** The oldest first. */
  readonly sent?: readonly SentDocument<Content>[];
}

/** So many are remembered of a document. */
const MOST = 5;

/** What is unanswered, and more of it. */
export const withUnanswered = <Content>(
  sent: readonly SentDocument<Content>[] = [],
  more: readonly SentDocument<Content>[] = [],
): readonly SentDocument<Content>[] =>
  [...sent, ...more.filter((each) => !sent.some((before) => isSame(before, each)))].slice(-MOST);

/** What is unanswered once the last was not stored: a refusal is an answer. */
export const afterFailure = <Sent>(stuck: Trouble | 'refused' | null, sent: readonly Sent[] = []): readonly Sent[] =>
  stuck === 'refused' ? sent.slice(0, -1) : sent;

/** Whether something else than what is typed may be stored: then what is typed is to be sent, even where it is as before. */
export const mayBeStored = <Content>(
  { mine, sent = [] }: WithUnanswered<Content>,
  same: (one: Content, other: Content) => boolean,
): boolean => sent.some(({ content }) => !same(content, mine));
