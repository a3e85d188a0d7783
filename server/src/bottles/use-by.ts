import { MOMENTS, type Place } from '@wellhydra/contract';
import { closedDays, type Keeping } from '@wellhydra/core/keeping';
import { shelfWords } from '@wellhydra/core/quantity';

const DAY_ms = 86_400_000;
/** What keeps for ever is to be used up by then. */
const LATEST = Date.parse(MOMENTS.last);
const PLACE_WORDS: Readonly<Record<Place, string>> = {
  fridge: 'in the fridge',
  'cool-room': 'in a cool room',
  cupboard: 'in the cupboard',
};

export interface UseBy {
  readonly useBy: Date;
  readonly reason: string;
}

/**
 * When a bottle is to be used up: by its keeping where it stands, and sooner once it is opened.
 *
 * @param keeping of the brew
 * @param bottle where it stands, when it was filled and when it was opened
 */
export function useBy(
  keeping: Keeping,
  bottle: { readonly place: Place; readonly madeAt: Date; readonly openedAt: Date | null },
): UseBy {
  const days = closedDays(keeping, bottle.place === 'cool-room' ? 'cool room' : bottle.place);
  const closed = bottle.madeAt.getTime() + days * DAY_ms;
  const opened = bottle.openedAt ? bottle.openedAt.getTime() + Math.min(days, keeping.daysOpened) * DAY_ms : Infinity;
  const reason = keeping.heldBackBy.join('; ');
  if (days <= 0) return { useBy: bottle.madeAt, reason: `Not to be kept: ${reason}.` };
  const span =
    opened < closed
      ? `${shelfWords(Math.min(days, keeping.daysOpened))} once opened`
      : `${shelfWords(days)} ${PLACE_WORDS[bottle.place]}`;
  return {
    useBy: new Date(Math.min(closed, opened, LATEST)),
    reason: `About ${span}: ${reason}.`,
  };
}
