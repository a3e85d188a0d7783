import type { LotChange, LotRecord } from '@wellhydra/contract';
import type { LotDeeds } from './lot-sending';

/** Lots with what was done to them here and is still to be sent. */

export type LotDeed = {
  [Kind in keyof LotDeeds]: { readonly kind: Kind; readonly body: LotDeeds[Kind] };
}[keyof LotDeeds];

/** What is left of a lot after a change, g. */
const leftAfter = (lot: LotRecord, change: LotChange): number =>
  change.kind === 'weighed'
    ? change.remaining_g
    : change.kind === 'used'
      ? Math.max(0, lot.remaining_g - change.grams)
      : 0;

function ownDeed(lot: LotRecord, deed: LotDeed): LotRecord {
  switch (deed.kind) {
    case 'lot-saved':
      return { ...deed.body, remaining_g: Math.max(0, lot.remaining_g + deed.body.amount_g - lot.amount_g) };
    case 'lot-changed':
      return { ...lot, remaining_g: leftAfter(lot, deed.body) };
    case 'lot-change-undone':
      return { ...lot, ...deed.body.was };
  }
}

/** A lot after something that was done to it; the same one where it is about another. */
export const lotAfter = (lot: LotRecord, deed: LotDeed): LotRecord =>
  deed.body.id === lot.id ? ownDeed(lot, deed) : lot;

/** Lots after something that was done to one of them, also to one that is new. */
export function lotsAfter(lots: readonly LotRecord[], deed: LotDeed): readonly LotRecord[] {
  const isNew = deed.kind === 'lot-saved' && !lots.some(({ id }) => id === deed.body.id);
  return isNew ? [...lots, { ...deed.body, remaining_g: deed.body.amount_g }] : lots.map((lot) => lotAfter(lot, deed));
}
