/** What is in the house: lots, what a batch takes of them, what it costs, what is missing for a drink. */
export { NEARLY } from './enough';
export { missingFor, stockOf } from './in-stock';
export type { Missing } from './in-stock';
export { LOT_GOT, byExpiry, costOf } from './lot';
export type { Lot, LotGot } from './lot';
export { readLot } from './read-lot';
export type { ReadLot } from './read-lot';
export { calledAs, preparedMissing, preparedOf, takenOutOf } from './prepared-of';
export type { PreparedMissing, PreparedUse, TakenOut } from './prepared-of';
export { takeFromLots, takeInOrder } from './take-from-lots';
export type { Taken, There } from './take-from-lots';
export { usedOf } from './used-of';
