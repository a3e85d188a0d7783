/** Whose something is: account and kitchen. */
export type Owner = string;
/** What a row is part of. */
export const SHELVES = [
  'drafts',
  'settings',
  'brews',
  'queue',
  'aside',
  'plans',
  'people',
  'shopping',
  'checks',
] as const;
export type Shelf = (typeof SHELVES)[number];
export interface Row {
  readonly id: string;
}
