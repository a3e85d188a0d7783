import type { Migration } from './migration';

/** Brews that are under way: what they are made of, and everything that happened, in order. */
export const migration: Migration = {
  name: '003-brew-events',
  sql: `
    ALTER TABLE brews
      ADD COLUMN stage text NOT NULL DEFAULT 'finished' CHECK (stage IN ('making', 'paused', 'abandoned', 'finished')),
      ADD COLUMN recipe jsonb,
      ADD COLUMN cook text NOT NULL DEFAULT '',
      ADD COLUMN started_at timestamptz;
    CREATE INDEX brews_under_way ON brews (kitchen_id) WHERE stage IN ('making', 'paused');

    CREATE TABLE brew_events (
      brew_id uuid NOT NULL,
      id uuid NOT NULL,
      kitchen_id uuid NOT NULL,
      number integer NOT NULL CHECK (number > 0),
      happened_at timestamptz NOT NULL,
      reported_by uuid NOT NULL REFERENCES accounts,
      happening jsonb NOT NULL CHECK (jsonb_typeof(happening -> 'kind') = 'string'),
      PRIMARY KEY (brew_id, id),
      UNIQUE (brew_id, number),
      FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE
    );
  `,
};
