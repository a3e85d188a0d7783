import type { Migration } from './migration';

/** Devices of a kitchen that are unplugged, and what its scale was last tared to. */
export const migration: Migration = {
  name: '005-devices',
  sql: `
    ALTER TABLE kitchens
      ADD COLUMN unplugged jsonb NOT NULL DEFAULT '[]' CHECK (jsonb_typeof(unplugged) = 'array'),
      ADD COLUMN tare_g double precision;
  `,
};
