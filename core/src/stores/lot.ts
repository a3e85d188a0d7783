/** How a lot came into the house. */
export const LOT_GOT = ['bought', 'picked', 'made'] as const;
export type LotGot = (typeof LOT_GOT)[number];

/** A lot as far as it is decided which is used first, and what of it costs. */
export interface Lot {
  readonly id: string;
  /** Id of its ingredient in the catalogue. */
  readonly ingredient: string;
  /** What there was, g. */
  readonly amount_g: number;
  readonly remaining_g: number;
  /** Of all of it, in the kitchen's money; null where nobody has said. */
  readonly price: number | null;
  /** ISO 8601. */
  readonly gotAt: string;
  readonly bestBefore: string | null;
}

/** The order in which lots are used: the first to expire, and of those that do not say so the oldest; then by id. */
export const byExpiry = (
  a: Pick<Lot, 'id' | 'gotAt' | 'bestBefore'>,
  b: Pick<Lot, 'id' | 'gotAt' | 'bestBefore'>,
): number =>
  (a.bestBefore ?? '9999').localeCompare(b.bestBefore ?? '9999') ||
  a.gotAt.localeCompare(b.gotAt) ||
  a.id.localeCompare(b.id);

/** What so many grams of a lot cost; null where its price is not known. */
export const costOf = ({ price, amount_g }: Pick<Lot, 'price' | 'amount_g'>, grams: number): number | null =>
  price === null || !(amount_g > 0) ? null : (price * grams) / amount_g;
