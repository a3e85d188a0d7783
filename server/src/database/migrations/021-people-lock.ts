import type { Migration } from './migration';

/** Sessions that have opened the people of their kitchen; sealed people stand where the people stood. */
export const migration: Migration = {
  name: '021-people-lock',
  sql: `
    ALTER TABLE sessions ADD COLUMN people_key bytea;
  `,
};
