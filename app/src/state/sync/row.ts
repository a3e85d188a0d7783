/** Whose something is: account and kitchen. */
export type Owner = string;
/** What a row is part of. */
export type Shelf = 'drafts' | 'settings' | 'brews' | 'queue' | 'aside' | 'plans' | 'people' | 'checks';
export interface Row {
  readonly id: string;
}
