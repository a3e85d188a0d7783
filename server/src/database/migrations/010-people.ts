import type { Migration } from './migration';

/**
 * A kitchen knows its people: one document, which is gone with whoever is taken out of it. A brew says what in it matters
 * to people, a pour who drank it and what went into the glass. A bottle is of a shape and a size, can stand in a place of
 * the kitchen's own, and what is done to it besides pouring is written down, so that all that was filled can be told.
 */
export const migration: Migration = {
  name: '010-people',
  sql: `
    ALTER TABLE kitchens
      ADD COLUMN people jsonb CHECK (jsonb_typeof(people) = 'object'),
      ADD COLUMN people_revision integer NOT NULL DEFAULT 0;

    ALTER TABLE brews ADD COLUMN facts jsonb CHECK (jsonb_typeof(facts) = 'object');

    ALTER TABLE bottles
      ADD COLUMN filled_ml double precision CHECK (filled_ml >= 0),
      ADD COLUMN vessel jsonb CHECK (jsonb_typeof(vessel) = 'object'),
      ADD COLUMN spot text,
      ADD COLUMN label jsonb CHECK (jsonb_typeof(label) = 'object');
    UPDATE bottles SET filled_ml = volume_ml;
    ALTER TABLE bottles ALTER COLUMN filled_ml SET NOT NULL;

    ALTER TABLE pours
      ADD COLUMN person_id uuid,
      ADD COLUMN additions jsonb CHECK (jsonb_typeof(additions) = 'array'),
      ADD COLUMN brought jsonb CHECK (jsonb_typeof(brought) = 'object');
    CREATE INDEX pours_drunk ON pours (kitchen_id, poured_at DESC, id DESC)
      WHERE undone_at IS NULL AND person_id IS NOT NULL;
    CREATE INDEX pours_by_person ON pours (kitchen_id, person_id, poured_at DESC, id DESC)
      WHERE undone_at IS NULL AND person_id IS NOT NULL;

    CREATE TABLE bottle_changes (
      kitchen_id uuid NOT NULL,
      bottle_id uuid NOT NULL,
      id uuid NOT NULL,
      kind text NOT NULL CHECK (kind IN ('opened', 'discarded', 'corrected', 'topped-up', 'poured-over', 'split', 'split-off')),
      -- What it brought the bottle; negative where it took something.
      volume_ml double precision NOT NULL,
      other_id uuid,
      reason text NOT NULL DEFAULT '',
      happened_at timestamptz NOT NULL,
      done_by uuid NOT NULL REFERENCES accounts,
      -- Where it had stood and since when it had been open, for taking it back.
      was jsonb NOT NULL,
      undone_at timestamptz,
      PRIMARY KEY (kitchen_id, bottle_id, id),
      FOREIGN KEY (kitchen_id, bottle_id) REFERENCES bottles (kitchen_id, id) ON DELETE CASCADE
    );
    CREATE INDEX bottle_changes_newest ON bottle_changes (kitchen_id, bottle_id, happened_at DESC, id DESC)
      WHERE undone_at IS NULL;
  `,
};
