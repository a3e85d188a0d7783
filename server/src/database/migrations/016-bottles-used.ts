import type { Migration } from './migration';

/**
 * What was made before and goes into another drink is taken from its bottles, as a change of theirs that names the brew
 * it went into. A brew says what it has taken, so that it can be settled when it is corrected.
 */
export const migration: Migration = {
  name: '016-bottles-used',
  sql: `
    ALTER TABLE brews ADD COLUMN prepared jsonb CHECK (jsonb_typeof(prepared) = 'object');

    ALTER TABLE bottle_changes DROP CONSTRAINT bottle_changes_kind_check;
    ALTER TABLE bottle_changes
      ADD CONSTRAINT bottle_changes_kind_check CHECK (
        kind IN ('opened', 'discarded', 'corrected', 'topped-up', 'poured-over', 'split', 'split-off', 'brewed')),
      ADD COLUMN brew_id uuid,
      ADD FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE,
      ADD CHECK ((kind = 'brewed') = (brew_id IS NOT NULL));
    CREATE INDEX bottle_changes_of_brews ON bottle_changes (kitchen_id, brew_id)
      WHERE brew_id IS NOT NULL AND undone_at IS NULL;
  `,
};
