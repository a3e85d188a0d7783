import type { Migration } from './migration';

/** What is wanted in a kitchen, by when, and who is up: one document of the kitchen, for all its phones. */
export const migration: Migration = {
  name: '008-plans',
  sql: `
    ALTER TABLE kitchens
      ADD COLUMN plan jsonb CHECK (jsonb_typeof(plan) = 'object'),
      ADD COLUMN plan_revision integer NOT NULL DEFAULT 0;
  `,
};
