import type { Migration } from './migration';

/** From when on a kitchen learns from its readings; null for all of them. */
export const migration: Migration = {
  name: '004-habits',
  sql: `
    ALTER TABLE kitchens ADD COLUMN habits_since timestamptz;
  `,
};
