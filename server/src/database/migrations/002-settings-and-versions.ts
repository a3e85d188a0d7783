import type { Migration } from './migration';

/** What a kitchen has, and names of versions. */
export const migration: Migration = {
  name: '002-settings-and-versions',
  sql: `
    ALTER TABLE kitchens
      ADD COLUMN settings jsonb,
      ADD COLUMN settings_revision integer NOT NULL DEFAULT 0 CHECK (settings_revision >= 0);
    ALTER TABLE drink_revisions
      ADD COLUMN label text CHECK (length(label) BETWEEN 1 AND 80);
    CREATE INDEX brews_by_revision ON brews (drink_id, drink_revision);
  `,
};
