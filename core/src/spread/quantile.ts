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

/** Brings the number that belongs at a place there, smaller ones before it: Hoare's selection from `from` on. */
function select(values: Float64Array, place: number, from: number): void {
  let low = from;
  let high = values.length - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    const [a, b, c] = [values[low]!, values[middle]!, values[high]!];
    const pivot = Math.max(Math.min(a, b), Math.min(Math.max(a, b), c));
    let left = low;
    let right = high;
    while (left <= right) {
      while (values[left]! < pivot) left += 1;
      while (values[right]! > pivot) right -= 1;
      if (left > right) break;
      const swapped = values[left]!;
      values[left] = values[right]!;
      values[right] = swapped;
      left += 1;
      right -= 1;
    }
    if (place <= right) high = right;
    else if (place >= left) low = left;
    else return;
  }
}

/**
 * Some quantiles of numbers in any order, without sorting all of them.
 *
 * @param values at least one, none of them NaN; brought into another order
 * @param shares 0 to 1, ascending
 * @throws RangeError for no numbers
 */
export function quantilesOf(values: Float64Array, shares: readonly number[]): readonly number[] {
  if (values.length === 0) throw new RangeError('quantilesOf: needs at least one number');
  let from = 0;
  return shares.map((share) => {
    const place = share * (values.length - 1);
    const below = Math.floor(place);
    const above = Math.min(below + 1, values.length - 1);
    select(values, below, from);
    select(values, above, below);
    from = below;
    const low = values[below]!;
    return low + (place - below) * (values[above]! - low);
  });
}
