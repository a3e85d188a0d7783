import type { Migration } from './migration';

/**
 * What brews have taught: a brew says what it was to come to, what it came to, how it was liked and what was noted of it.
 * Tastings are by themselves, several of one brew. Brews of before say what they can: what they came to.
 */
export const migration: Migration = {
  name: '013-logbook',
  sql: `
    ALTER TABLE brews
      ADD COLUMN expected_ml double precision,
      ADD COLUMN brix double precision,
      ADD COLUMN ph double precision,
      -- As it was tasted in the pot, and the mean of the tastings where there are any.
      ADD COLUMN taste_read double precision CHECK (taste_read BETWEEN 1 AND 5),
      ADD COLUMN taste double precision CHECK (taste BETWEEN 1 AND 5),
      ADD COLUMN note text NOT NULL DEFAULT '';

    CREATE TABLE tastings (
      kitchen_id uuid NOT NULL,
      brew_id uuid NOT NULL,
      id uuid NOT NULL,
      taster text NOT NULL,
      score integer NOT NULL CHECK (score BETWEEN 1 AND 5),
      words text NOT NULL DEFAULT '',
      blind boolean NOT NULL DEFAULT false,
      tasted_at timestamptz NOT NULL,
      noted_by uuid NOT NULL REFERENCES accounts,
      PRIMARY KEY (kitchen_id, brew_id, id),
      FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE
    );

    CREATE INDEX logbook_newest ON brews (kitchen_id, made_at, id) WHERE stage = 'finished';
    CREATE INDEX logbook_of_drink ON brews (kitchen_id, drink_id, made_at, id) WHERE stage = 'finished';
    CREATE INDEX logbook_by_drink ON brews (kitchen_id, drink_name, id) WHERE stage = 'finished';
    CREATE INDEX logbook_by_got ON brews (kitchen_id, volume_ml, id) WHERE stage = 'finished';
    CREATE INDEX logbook_by_brix ON brews (kitchen_id, coalesce(brix, -1), id) WHERE stage = 'finished';
    CREATE INDEX logbook_by_ph ON brews (kitchen_id, coalesce(ph, -1), id) WHERE stage = 'finished';
    CREATE INDEX logbook_by_taste ON brews (kitchen_id, coalesce(taste, -1), id) WHERE stage = 'finished';
  `,
};
