import { api } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { entriesPutBack, entriesTakenBack, type Entry } from '../../state/sync/queue';
import { keepAction } from '../../state/undo-actions';
import { brewBegun, brewForgotten, waitingOf } from '../brews/brews';
import type { Store } from '../store';

/** What is done in these ways stands on what was done before it to the same thing: it goes with it. */
const STANDS_ON_BEFORE = /^(?:brew-(?:start|event|finish)|lot-saved)$/;

/**
 * What is not sent, either, where something that waits is taken back: of a brew and of a lot that is new whatever was
 * done to it later, and of everything else what takes it back already.
 *
 * @returns with the entry itself, in the order in which they were made; nothing where it waits no more
 */
export function takenWith(entries: readonly Entry[], id: string): readonly Entry[] {
  const entry = entries.find((each) => each.id === id);
  if (!entry) return [];
  return entries.filter((each) =>
    each.id === id || (STANDS_ON_BEFORE.test(entry.kind) && each.lane === entry.lane)
      ? each.made >= entry.made
      : each.id === `${id}:undone`,
  );
}

/** What is shown of the kitchen is asked for anew; where nothing answers, as it was seen before. */
const SHOWN = ['Drink', 'Versions', 'Bottle', 'Lot', 'Brew', 'Habits', 'Kitchen'] as const;

/** Takes something back that waits to be sent, with what stands on it, and offers to send it after all. */
export const takeBackWaiting =
  (id: string, words: string) =>
  (dispatch: Store['dispatch'], getState: Store['getState']): void => {
    const taken = takenWith(getState().queue.entries, id);
    if (taken.length === 0) return;
    const starts = taken.flatMap((entry) => {
      const waiting = waitingOf(entry);
      return waiting?.kind === 'start' ? [waiting] : [];
    });
    const showAnew = () => void dispatch(api.util.invalidateTags([...SHOWN]));
    dispatch(entriesTakenBack(taken.map((entry) => entry.id)));
    for (const { brew } of starts) dispatch(brewForgotten(brew));
    showAnew();
    const putBack = () => {
      for (const { brew, body } of starts) dispatch(brewBegun({ id: brew, start: body }));
      dispatch(entriesPutBack(taken));
      showAnew();
    };
    dispatch(
      noticeRaised({
        text: `Taken back: ${words}`,
        action: { label: 'Send it after all', run: keepAction(putBack) },
      }),
    );
  };
