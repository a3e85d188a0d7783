import type { Migration } from './migration';

/**
 * What is drawn off while a drink is made is a brew of its own beside the one it came from. What was tasted is told from
 * what was lost, and a glass that was drunk as soon as it was made is told from a bottle that was emptied.
 */
export const migration: Migration = {
  name: '011-draw-offs',
  sql: `
    ALTER TABLE brews
      ADD COLUMN tasted_ml double precision NOT NULL DEFAULT 0 CHECK (tasted_ml >= 0),
      ADD COLUMN part_of uuid,
      ADD COLUMN part_step text,
      ADD CONSTRAINT brews_part CHECK ((part_of IS NULL) = (part_step IS NULL)),
      ADD CONSTRAINT brews_part_of FOREIGN KEY (kitchen_id, part_of) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE;
    CREATE UNIQUE INDEX brews_parts ON brews (kitchen_id, part_of, part_step) WHERE part_of IS NOT NULL;

    ALTER TABLE bottles ADD COLUMN at_once boolean NOT NULL DEFAULT false;
  `,
};
