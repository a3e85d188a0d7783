import type { SaveLot } from '@wellhydra/contract';

/** A kilogram of salt for two of the kitchen's money, but for what is said. */
export const trialLot = (by: Partial<SaveLot> = {}): SaveLot => ({
  ingredient: 'table-salt',
  name: 'Table salt',
  amount_g: 1000,
  price: 2,
  got: 'bought',
  gotAt: '2026-10-01T08:00:00.000Z',
  bestBefore: null,
  place: '',
  origin: '',
  identifiedBy: '',
  purity_pct: null,
  note: '',
  ...by,
});
