import { formatVolume, readAmount } from '@wellhydra/core/quantity';

/** Bottles that people have, mL, largest first. */
const COMMON_mL = [1000, 750, 500, 330, 250, 100] as const;

/** A row of the form: so many bottles of a size. */
export interface BottleRow {
  readonly count: string;
  readonly size: string;
}

/**
 * What to fill with so much drink: the bottles that its steps name, as many as it reaches for, evenly; else the
 * largest common bottle that is not more than it, as often as it fits.
 */
export function suggestBottles(
  volume_mL: number,
  named?: { readonly count: number; readonly size_mL: number },
): BottleRow {
  if (named && named.size_mL > 0) {
    const count = Math.max(1, Math.min(named.count, Math.ceil(volume_mL / named.size_mL - 0.005)));
    // Shown in three figures: rounded down to what is shown, or the last bottle would want more than there is.
    const shown_mL = volume_mL >= 1000 * count ? 10 : 1;
    const each_mL = Math.min(named.size_mL, shown_mL * Math.floor(volume_mL / count / shown_mL));
    if (each_mL >= 1) return { count: String(count), size: formatVolume(each_mL) };
  }
  const size = COMMON_mL.find((each) => each <= volume_mL * 1.005);
  if (size === undefined) return { count: '1', size: `${Math.max(1, Math.floor(volume_mL))} mL` };
  return { count: String(Math.max(1, Math.floor((volume_mL * 1.005) / size))), size: formatVolume(size) };
}

export type FilledBottles =
  | { readonly kind: 'bottles'; readonly volumes_mL: readonly number[] }
  | { readonly kind: 'wrong'; readonly field: 'count' | 'size'; readonly message: string };

const MOST_BOTTLES = 60;

/** The form's row as volumes, or what is wrong with it. */
export function fillBottles({ count, size }: BottleRow, dry: boolean): FilledBottles {
  const number = Number(count);
  if (!Number.isInteger(number) || number < 1 || number > MOST_BOTTLES)
    return { kind: 'wrong', field: 'count', message: `A whole number from 1 to ${MOST_BOTTLES}.` };
  const amount = readAmount(size);
  if ('kind' in amount) return { kind: 'wrong', field: 'size', message: amount.message };
  if (amount.unit.dimension !== (dry ? 'mass' : 'volume'))
    return {
      kind: 'wrong',
      field: 'size',
      message: dry ? 'A jar of dry mix is said in g.' : 'A bottle is said in mL or L.',
    };
  return { kind: 'bottles', volumes_mL: Array.from({ length: number }, () => amount.value * amount.unit.size) };
}
