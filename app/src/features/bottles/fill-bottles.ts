import type { OwnContainer } from '@wellhydra/core/kitchen';
import { shapeOf, type Vessel } from '@wellhydra/core/keeping';
import { formatNumber, formatPortion, formatVolume, readAmount } from '@wellhydra/core/quantity';

/** Bottles that people have, mL. */
const COMMON_mL = [100, 250, 330, 500, 750, 1000] as const;
/** A rest up to this share clings to pot and funnel, and nobody has to say what becomes of it. */
const CLINGS = 0.02;
const MOST_BOTTLES = 60;

/** A row of the form: so many bottles of a size. */
export interface BottleRow {
  readonly count: string;
  /** What goes into each. */
  readonly size: string;
  /** Which of the kitchen's vessels they are; null where nobody has said. */
  readonly vessel?: Vessel | null;
  /** What the vessel holds to the brim, in mL; in g of a dry mix. */
  readonly holds?: number;
  /** What is said of the glass, where it is not the vessel that says it. */
  readonly traits?: Traits;
}

/** What matters of a glass besides its size. */
export const TRAITS = ['dark', 'heatSafe', 'reused'] as const;
export type Trait = (typeof TRAITS)[number];
export type Traits = Readonly<Partial<Record<Trait, boolean>>>;

/** Whether something is so of the bottles of a row. */
export const isSo = ({ traits, vessel }: BottleRow, trait: Trait): boolean =>
  traits?.[trait] ?? vessel?.[trait] ?? false;

/** Room at the top of a vessel that is closed, of what it holds to the brim. */
const HEADSPACE = 0.05;
/** A row of one of the kitchen's own vessels, filled with room at the top. */
export function vesselRow({ name, size_mL, dark, heatSafe }: OwnContainer, count: string): BottleRow {
  return {
    count,
    size: formatVolume(Math.floor(size_mL * (1 - HEADSPACE))),
    holds: size_mL,
    vessel: { name, shape: shapeOf(name), size_mL, dark, heatSafe },
  };
}

/** A row of vessels for a dry mix, by what a millilitre of it weighs as it lies there. */
export function dryVesselRow(container: OwnContainer, count: string, bulk_g_mL: number): BottleRow {
  const holds = container.size_mL * bulk_g_mL;
  return { ...vesselRow(container, count), size: `${Math.floor(holds * (1 - HEADSPACE))} g`, holds };
}

/** A dry mix in single scoops, each a serving: as many as there are, and no more than can be filled at once. */
export const scoopsRow = (made_g: number, serving_g: number): BottleRow => ({
  count: String(Math.max(1, Math.min(MOST_BOTTLES, Math.floor(made_g / serving_g + ROUNDING)))),
  size: `${formatNumber(serving_g)} g`,
  vessel: { name: 'Single scoop', shape: 'flask', size_mL: Math.ceil(2 * serving_g), dark: false },
});
const ROUNDING = 1e-6;

/** What becomes of what no bottle takes. */
export const RESTS = ['drunk', 'tasted', 'poured-away'] as const;
export type Rest = (typeof RESTS)[number];

/**
 * What to fill with so much drink: the bottles that its steps name, as many as it reaches for, evenly; else the
 * smallest common bottle that takes all of it, or as many of the largest as it needs.
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
  const filled_mL = volume_mL * (1 - CLINGS);
  const size = COMMON_mL.find((each) => each >= filled_mL) ?? Math.max(...COMMON_mL);
  return { count: String(Math.max(1, Math.ceil(filled_mL / size))), size: formatVolume(size) };
}

export type FilledBottles =
  | {
      readonly kind: 'bottles';
      /** What is in each, in the order in which they are filled. */
      readonly volumes_mL: readonly number[];
      /** What each of them is. */
      readonly vessels: readonly (Vessel | null)[];
      /** Bottles that there is nothing left for. */
      readonly empty: number;
      /** What no bottle takes; 0 where it is no more than what clings to the pot. */
      readonly rest_mL: number;
    }
  | { readonly kind: 'wrong'; readonly row: number; readonly field: 'count' | 'size'; readonly message: string };

/** Less than this is no bottle any more, mL. */
const LEAST_mL = 1;

type ReadRow =
  | { readonly count: number; readonly size_mL: number; readonly vessel: Vessel | null }
  | Extract<FilledBottles, { kind: 'wrong' }>;

/** The vessel of a row as it is kept: the kitchen's, or one of which only this is known. */
function vesselOf(row: BottleRow, filled: number, dry: boolean): Vessel | null {
  const said = TRAITS.filter((trait) => isSo(row, trait));
  if (!row.vessel && said.length === 0) return null;
  const size_mL = Math.ceil(filled / (1 - HEADSPACE));
  const plain: Vessel = { name: '', shape: dry ? 'jar' : 'bottle', size_mL, dark: false };
  const { heatSafe: _heat, reused: _reused, ...vessel } = row.vessel ?? plain;
  return {
    ...vessel,
    dark: isSo(row, 'dark'),
    ...(isSo(row, 'heatSafe') ? { heatSafe: true } : {}),
    ...(isSo(row, 'reused') ? { reused: true } : {}),
  };
}

function readRow(given: BottleRow, row: number, dry: boolean): ReadRow {
  const { count, size, holds = Infinity } = given;
  const number = Number(count);
  if (!Number.isInteger(number) || number < 1 || number > MOST_BOTTLES)
    return { kind: 'wrong', row, field: 'count', message: `A whole number from 1 to ${MOST_BOTTLES}.` };
  const amount = readAmount(size);
  if ('kind' in amount) return { kind: 'wrong', row, field: 'size', message: amount.message };
  if (amount.unit.dimension !== (dry ? 'mass' : 'volume'))
    return {
      kind: 'wrong',
      row,
      field: 'size',
      message: dry ? 'A jar of dry mix is said in g.' : 'A bottle is said in mL or L.',
    };
  const size_mL = amount.value * amount.unit.size;
  if (size_mL > holds)
    return { kind: 'wrong', row, field: 'size', message: `It holds ${formatPortion(holds, dry)} to the brim.` };
  return { count: number, size_mL, vessel: vesselOf(given, size_mL, dry) };
}

/**
 * What the rows of the form come to: bottles are filled one after the other, the last one with what is left.
 *
 * @param rows bottles by size
 * @param made_mL what there is; g of a dry mix
 */
export function fillBottles(rows: readonly BottleRow[], made_mL: number, dry: boolean): FilledBottles {
  const read = rows.map((row, index) => readRow(row, index, dry));
  const sizes: { readonly size_mL: number; readonly vessel: Vessel | null }[] = [];
  for (const [index, row] of read.entries()) {
    if ('kind' in row) return row;
    sizes.push(...Array.from({ length: row.count }, () => row));
    if (sizes.length > MOST_BOTTLES)
      return { kind: 'wrong', row: index, field: 'count', message: `${MOST_BOTTLES} bottles at most.` };
  }
  let left_mL = made_mL;
  const filled = sizes.flatMap(({ size_mL, vessel }) => {
    const filled_mL = Math.min(size_mL, left_mL);
    if (filled_mL < LEAST_mL) return [];
    left_mL -= filled_mL;
    return [{ filled_mL, vessel }];
  });
  const volumes_mL = filled.map(({ filled_mL }) => filled_mL);
  const rest_mL = left_mL > CLINGS * made_mL ? left_mL : 0;
  const vessels = filled.map(({ vessel }) => vessel);
  return { kind: 'bottles', volumes_mL, vessels, empty: sizes.length - volumes_mL.length, rest_mL };
}

/** What goes into the bottles, in words: "750 mL and 156 mL". */
export function fillWords({ volumes_mL, empty }: Extract<FilledBottles, { kind: 'bottles' }>, dry: boolean): string {
  const same = new Map<string, number>();
  for (const volume of volumes_mL) {
    const words = formatPortion(volume, dry);
    same.set(words, (same.get(words) ?? 0) + 1);
  }
  const filled = [...same].map(([words, count]) => (count > 1 ? `${count} × ${words}` : words));
  const idle = empty === 0 ? '' : `; ${empty === 1 ? 'one stays' : `${empty} stay`} empty`;
  return `${filled.join(' and ')}${idle}`;
}
