import type { Migration } from './migration';

/**
 * Bottles can stand in a freezer and remember where they stood, which decides how long they keep; a brew says what was
 * drunk at once, what a serving brings, and its cautions in full instead of by their titles. A new kitchen has no device
 * plugged in.
 */
export const migration: Migration = {
  name: '009-bottles-tell',
  sql: `
    ALTER TABLE bottles DROP CONSTRAINT bottles_place_check;
    ALTER TABLE bottles
      ADD CONSTRAINT bottles_place_check CHECK (place IN ('fridge', 'cool-room', 'cupboard', 'freezer')),
      ADD COLUMN stands jsonb CHECK (jsonb_typeof(stands) = 'array');

    ALTER TABLE brews
      ADD COLUMN drunk_ml double precision NOT NULL DEFAULT 0 CHECK (drunk_ml >= 0),
      ADD COLUMN per_serving jsonb CHECK (jsonb_typeof(per_serving) = 'object');
    UPDATE brews SET cautions = (
      SELECT coalesce(jsonb_agg(jsonb_build_object(
        'code', '', 'severity', 'warn', 'title', said, 'text', '', 'concerns', ''
      )), '[]'::jsonb)
      FROM jsonb_array_elements_text(cautions) said
    );

    ALTER TABLE kitchens ALTER COLUMN unplugged SET DEFAULT '["scale", "probe", "refractometer", "printer"]';
  `,
};
