import type { Migration } from './migration';

/** What a kitchen is to buy is one document, like its plan: it is ticked off in a shop without a network. */
export const migration: Migration = {
  name: '014-shopping',
  sql: `
    ALTER TABLE kitchens
      ADD COLUMN shopping jsonb CHECK (jsonb_typeof(shopping) = 'object'),
      ADD COLUMN shopping_revision integer NOT NULL DEFAULT 0;
  `,
};
