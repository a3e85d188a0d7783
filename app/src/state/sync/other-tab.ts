import { withUnanswered, type WithUnanswered } from './unanswered';

/** A document that is edited here, from some revision on. */
interface Edited extends WithUnanswered<unknown> {
  readonly revision: number;
}

/**
 * A document as this tab has it, with what another tab of the device has written of it. Whoever types in one tab after
 * the other has typed on: what this tab knew already gives way, and what was typed here since stays.
 *
 * @param other as it was written
 * @param known what the device had of it when this tab last looked; nothing where it had nothing
 * @param merge two edits of one content, mine where both changed the same
 */
export function withOtherTab<Document extends Edited>(
  draft: Document,
  other: Document,
  known: Document | undefined,
  merge: (base: Document['mine'], mine: Document['mine'], theirs: Document['mine']) => Document['mine'],
): Document {
  const newer = other.revision > draft.revision;
  const before = known ? known.mine : newer ? draft.base : other.base;
  return {
    ...draft,
    ...(newer ? { revision: other.revision, base: other.base, stuck: null, message: '' } : {}),
    mine: merge(before, draft.mine, other.mine),
    // A newer revision answers what was sent before it, as far as that tab does not still wait itself.
    sent: newer ? other.sent : withUnanswered(draft.sent, other.sent),
  };
}
