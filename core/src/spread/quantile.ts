/**
 * A quantile of sorted numbers by linear interpolation between order statistics.
 *
 * @param sorted ascending, at least one
 * @param share 0 to 1
 * @throws RangeError for no numbers
 * Source: Hyndman and Fan 1996, definition 7.
 */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  if (sorted.length === 0) throw new RangeError('quantile: needs at least one number');
  const place = share * (sorted.length - 1);
  const below = Math.floor(place);
  const low = sorted[below] as number;
  const high = sorted[Math.min(below + 1, sorted.length - 1)] as number;
  return low + (place - below) * (high - low);
}
