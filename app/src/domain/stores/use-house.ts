import type { BottleRecord, LotRecord } from '@wellhydra/contract';
import { useMemo } from 'react';
import { useListBottlesQuery } from '../bottles/bottle-endpoints';
import { houseOf, type House } from './house';
import { useListLotsQuery } from './store-endpoints';

const NO_LOTS: readonly LotRecord[] = [];
const NO_BOTTLES: readonly BottleRecord[] = [];

/** What is in the house to make drinks of, as far as it is known. */
export function useHouse(now: Date): House & { readonly bottles: readonly BottleRecord[] } {
  const { data: stores } = useListLotsQuery();
  const { data: shelf } = useListBottlesQuery();
  const [lots, bottles] = [stores?.lots ?? NO_LOTS, shelf?.bottles ?? NO_BOTTLES];
  return useMemo(() => ({ ...houseOf(lots, bottles, now), bottles }), [lots, bottles, now]);
}
