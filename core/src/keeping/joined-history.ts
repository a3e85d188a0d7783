import { bottleUseBy, movedTo, type BottleHistory, type BottleKeeping } from './bottle-use-by';

/**
 * What two bottles of a batch have behind them once one was poured into the other: that of whichever was to be used up
 * sooner, where the other one stands, and opened, since pouring opens both.
 *
 * @param keeping of their brew
 * @param into the bottle that was poured into
 * @param from the other one
 * @param at when, ISO 8601
 */
export function joinedHistory(
  keeping: BottleKeeping,
  into: BottleHistory,
  from: BottleHistory,
  at: string,
): Pick<BottleHistory, 'stands' | 'openedAt'> {
  const opened = [into.openedAt, from.openedAt, at].filter((each): each is string => each !== null).sort();
  const openedAt = opened[0]!;
  const place = into.stands.at(-1)!.place;
  const came = { ...from, stands: movedTo(keeping, from.stands, { place, since: at }), openedAt };
  const stayed = { ...into, openedAt };
  const sooner = bottleUseBy(keeping, came).useBy < bottleUseBy(keeping, stayed).useBy ? came : stayed;
  return { stands: sooner.stands, openedAt };
}
