import { dequal } from 'dequal';

/** A place in a drink where one of several things can go. */
export interface Slot {
  readonly id: string;
  /** base, liquid, salt, sweetener, fruit, herb, or a word of the maker's own. */
  readonly name: string;
  /** The step whose text is exchanged. */
  readonly stepId: string;
  /** Lines that can stand there; an empty one leaves the step out. */
  readonly choices: readonly string[];
}

/** What somebody thought of a variant, 1 to 5. */
export interface TasteScore {
  readonly id: string;
  readonly by: string;
  readonly points: number;
  /** Given without knowing which variant it was. */
  readonly blind: boolean;
  readonly note: string;
}

/** One way to fill the slots. */
export interface Variant {
  readonly id: string;
  readonly name: string;
  /** Number of the choice by slot id, counted from 0; a slot that is not named takes its first. */
  readonly picks: Readonly<Record<string, number>>;
  readonly scores: readonly TasteScore[];
}

export interface VariantBoard {
  readonly slots: readonly Slot[];
  readonly variants: readonly Variant[];
}

export const EMPTY_BOARD: VariantBoard = { slots: [], variants: [] };

/** Mean of the scores of a variant; null before the first. */
export function meanScore({ scores }: Variant): number | null {
  return scores.length === 0 ? null : scores.reduce((sum, { points }) => sum + points, 0) / scores.length;
}

function mergeRows<Row extends { readonly id: string }>(
  base: readonly Row[],
  mine: readonly Row[],
  theirs: readonly Row[],
): readonly Row[] {
  const was = new Map(base.map((row) => [row.id, row]));
  const there = new Map(theirs.map((row) => [row.id, row]));
  const here = new Set(mine.map(({ id }) => id));
  const kept = mine.flatMap((row) => {
    const other = there.get(row.id);
    if (dequal(row, was.get(row.id))) return other ? [other] : [];
    return [row];
  });
  return [...kept, ...theirs.filter((row) => !here.has(row.id) && !dequal(row, was.get(row.id)))];
}

/**
 * Merges two edits of a board: rows that only one of them changed are taken, where both changed the same row
 * mine is kept, and scores of both are kept.
 */
export function mergeBoards(
  base: VariantBoard = EMPTY_BOARD,
  mine: VariantBoard = EMPTY_BOARD,
  theirs: VariantBoard = EMPTY_BOARD,
): VariantBoard {
  const scoresOf = (board: VariantBoard, id: string) => board.variants.find((each) => each.id === id)?.scores ?? [];
  return {
    slots: mergeRows(base.slots, mine.slots, theirs.slots),
    variants: mergeRows(base.variants, mine.variants, theirs.variants).map((variant) => ({
      ...variant,
      scores: mergeRows(scoresOf(base, variant.id), scoresOf(mine, variant.id), scoresOf(theirs, variant.id)),
    })),
  };
}
