import type { ArchiveKind } from '@wellhydra/contract';
import type { KitchenPart } from '../kitchen/kitchen-parts';

/** How the rows of an archive stand in the tables of a kitchen. */
export interface ArchivePart {
  readonly is: ArchiveKind;
  readonly part: KitchenPart;
  /** The field that says who did it; null of rows that nobody is named for. */
  readonly hand: string | null;
  /** Order in the file: by key, and what others are part of before them. */
  readonly order: string;
  /** The kind of row without which it means nothing, and the field with its id. */
  readonly within: { readonly is: ArchiveKind; readonly field: string } | null;
  /** Rows that are read and stored at once. */
  readonly page: number;
}

const row = (
  is: ArchiveKind,
  part: KitchenPart,
  { hand = null, order = 'id', within = null, page = 200 }: Partial<ArchivePart> = {},
): ArchivePart => ({ is, part, hand, order, within, page });

const IN_BREW = { is: 'brew', field: 'brewId' } as const;
const IN_BOTTLE = { is: 'bottle', field: 'bottleId' } as const;

export const ARCHIVE_PARTS: readonly ArchivePart[] = [
  row('drink', 'drinks', { hand: 'savedBy' }),
  row('drink-version', 'drinkRevisions', {
    hand: 'savedBy',
    order: 'drink_id, revision',
    within: { is: 'drink', field: 'drinkId' },
  }),
  // What was drawn off stands behind the brew that it was drawn off from.
  row('brew', 'brews', { hand: 'madeBy', order: 'part_of IS NOT NULL, id' }),
  row('lot', 'lots'),
  row('lot-change', 'lotChanges', { hand: 'doneBy', order: 'lot_id, id', within: { is: 'lot', field: 'lotId' } }),
  row('brew-event', 'brewEvents', { hand: 'reportedBy', order: 'brew_id, number', within: IN_BREW }),
  row('bottle', 'bottles', { within: IN_BREW }),
  row('pour', 'pours', { hand: 'pouredBy', order: 'bottle_id, id', within: IN_BOTTLE }),
  row('bottle-change', 'bottleChanges', { hand: 'doneBy', order: 'bottle_id, id', within: IN_BOTTLE }),
  row('tasting', 'tastings', { hand: 'notedBy', order: 'brew_id, id', within: IN_BREW }),
  row('photo', 'photos', { hand: 'addedBy', order: 'brew_id, id', within: IN_BREW, page: 10 }),
];

/** Fields whose names say their units in the file. */
const IN_FILE: Readonly<Record<string, string>> = {
  volumeMl: 'volume_mL',
  servingMl: 'serving_mL',
  drunkMl: 'drunk_mL',
  expectedMl: 'expected_mL',
  tastedMl: 'tasted_mL',
  filledMl: 'filled_mL',
  remainingMl: 'remaining_mL',
  amountG: 'amount_g',
  remainingG: 'remaining_g',
  purityPct: 'purity_pct',
  tareG: 'tare_g',
  ph: 'pH',
};
const IN_TABLE: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(IN_FILE).map(([inTable, inFile]) => [inFile, inTable]),
);

export const inFile = (field: string): string => IN_FILE[field] ?? field;
export const inTable = (field: string): string => IN_TABLE[field] ?? field;

/** Fields that are bytes, and stand in the file as base64. */
export const BYTES: ReadonlySet<string> = new Set(['picture', 'thumbnail']);
