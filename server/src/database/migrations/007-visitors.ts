import type { Migration } from './migration';

/** Kitchens of visitors of the demo, which end by themselves; and failed sign-ins that only slow down. */
export const migration: Migration = {
  name: '007-visitors',
  sql: `
    ALTER TABLE kitchens ADD COLUMN expires_at timestamptz;
    CREATE INDEX kitchens_expiry ON kitchens (expires_at) WHERE expires_at IS NOT NULL;
  `,
};
