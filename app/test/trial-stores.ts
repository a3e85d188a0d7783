import type { LotRecord } from '@wellhydra/contract';
import { NOW } from './trial-people';

/** Lots as a kitchen has them, but for what a test says. */

const DAY_ms = 86_400_000;
export const inDays = (days: number): string => new Date(NOW.getTime() + days * DAY_ms).toISOString();

export const lot = (id: string, by: Partial<LotRecord> = {}): LotRecord => ({
  id,
  ingredient: 'honey',
  name: 'Heather honey',
  amount_g: 1000,
  remaining_g: 600,
  price: 12,
  got: 'bought',
  gotAt: inDays(-30),
  bestBefore: null,
  place: 'Dry cupboard',
  origin: 'North croft',
  identifiedBy: '',
  purity_pct: null,
  note: '',
  ...by,
});
