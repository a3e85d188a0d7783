import type { LotRecord } from '@wellhydra/contract';
import { DRINK_KINDS, type DrinkDocument, type DrinkKind } from '@wellhydra/core/drink';
import { missingFor, stockOf } from '@wellhydra/core/stores';
import { KIND_LINES, KIND_NAMES } from '../../../domain/drinks/kinds';
import { kindsFor } from '../../../domain/drinks/kind-words';
import { newDocument } from '../../../domain/drinks/starters';
import { ingredientName } from '../../../domain/stores/ingredient-name';
import type { LyingBand } from '../../../ui/lying-box';
import type { FiguresOf } from '../drinks-view';

/** A kind of drink to begin with. */
export interface KindRow {
  readonly kind: DrinkKind;
  readonly name: string;
  /** What it is, in a line. */
  readonly line: string;
  /** What of its usual steps is not in the house; empty where that is not asked or not known yet. */
  readonly house: string;
  readonly stream: readonly LyingBand[];
  /** It fits what somebody has in mind. */
  readonly fits: boolean;
}

/** Each kind as it begins. */
export const STARTED: Readonly<Record<DrinkKind, DrinkDocument>> = Object.fromEntries(
  DRINK_KINDS.map((kind) => [kind, newDocument(kind, () => `a step of ${kind}`)]),
) as Record<DrinkKind, DrinkDocument>;

/** So many names are read at once. */
const MOST_NAMES = 3;

function missingOf(
  kind: DrinkKind,
  figuresOf: FiguresOf,
  stock: ReadonlyMap<string, number>,
): readonly string[] | null {
  const takes = figuresOf(STARTED[kind])?.takes;
  return takes ? missingFor(takes.used, stock).map(({ ingredient }) => ingredientName(ingredient).toLowerCase()) : null;
}

const houseWords = (missing: readonly string[]): string => {
  if (missing.length === 0) return 'All of it is in the house';
  const more = missing.length - MOST_NAMES;
  return `Not in the house: ${missing.slice(0, MOST_NAMES).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
};

/**
 * Kinds to begin with: those that fit what was said first, then, where it is asked, those of which least is missing.
 *
 * @param words what somebody has in mind
 * @param figuresOf what the usual drink of each kind comes to, as far as it is known
 * @param lots in the house; null where that is not asked
 */
export function kindRows(words: string, figuresOf: FiguresOf, lots: readonly LotRecord[] | null): readonly KindRow[] {
  const fitting = kindsFor(words);
  const stock = lots && stockOf(lots);
  const rows = DRINK_KINDS.map((kind) => {
    const missing = stock && missingOf(kind, figuresOf, stock);
    const place = fitting.indexOf(kind);
    return {
      missing: missing?.length ?? Infinity,
      place: place < 0 ? Infinity : place,
      row: {
        kind,
        name: KIND_NAMES[kind],
        line: KIND_LINES[kind],
        house: missing ? houseWords(missing) : '',
        stream: figuresOf(STARTED[kind])?.stream ?? [],
        fits: place >= 0,
      },
    };
  });
  const by = (a: number, b: number) => (a === b ? 0 : a - b);
  return rows
    .sort((a, b) => Number(b.row.fits) - Number(a.row.fits) || by(a.missing, b.missing) || by(a.place, b.place))
    .map(({ row }) => row);
}
