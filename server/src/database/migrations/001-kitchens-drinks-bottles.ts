import type { Migration } from './migration';

/** Kitchens and their members, drinks with every revision, brews, bottles and pours. */
export const migration: Migration = {
  name: '001-kitchens-drinks-bottles',
  sql: `
    CREATE TABLE kitchens (
      id uuid PRIMARY KEY,
      name text NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
      invitation text NOT NULL UNIQUE,
      demo_day date,
      brews_made integer NOT NULL DEFAULT 0 CHECK (brews_made >= 0),
      created_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE UNIQUE INDEX one_demo_kitchen ON kitchens ((true)) WHERE demo_day IS NOT NULL;

    CREATE TABLE accounts (
      id uuid PRIMARY KEY,
      email text NOT NULL UNIQUE CHECK (email = lower(email)),
      name text NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
      password_hash text NOT NULL,
      created_at timestamptz NOT NULL DEFAULT now()
    );

    CREATE TABLE members (
      kitchen_id uuid NOT NULL REFERENCES kitchens ON DELETE CASCADE,
      account_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      joined_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (kitchen_id, account_id)
    );

    CREATE TABLE sessions (
      token_hash text PRIMARY KEY,
      kitchen_id uuid NOT NULL,
      account_id uuid NOT NULL,
      expires_at timestamptz NOT NULL,
      created_at timestamptz NOT NULL DEFAULT now(),
      FOREIGN KEY (kitchen_id, account_id) REFERENCES members ON DELETE CASCADE
    );
    CREATE INDEX sessions_expiry ON sessions (expires_at);

    CREATE TABLE sign_in_attempts (
      key text PRIMARY KEY,
      attempts integer NOT NULL CHECK (attempts > 0),
      window_ends timestamptz NOT NULL
    );

    CREATE TABLE drinks (
      id uuid NOT NULL,
      kitchen_id uuid NOT NULL REFERENCES kitchens ON DELETE CASCADE,
      revision integer NOT NULL CHECK (revision > 0),
      document jsonb NOT NULL CHECK (jsonb_typeof(document -> 'steps') = 'array'),
      saved_by uuid NOT NULL REFERENCES accounts,
      saved_at timestamptz NOT NULL,
      deleted_at timestamptz,
      PRIMARY KEY (id),
      UNIQUE (kitchen_id, id)
    );
    CREATE INDEX drinks_by_kitchen ON drinks (kitchen_id) WHERE deleted_at IS NULL;

    CREATE TABLE drink_revisions (
      drink_id uuid NOT NULL,
      kitchen_id uuid NOT NULL,
      revision integer NOT NULL CHECK (revision > 0),
      document jsonb NOT NULL,
      saved_by uuid NOT NULL REFERENCES accounts,
      saved_at timestamptz NOT NULL,
      PRIMARY KEY (drink_id, revision),
      FOREIGN KEY (kitchen_id, drink_id) REFERENCES drinks (kitchen_id, id) ON DELETE CASCADE
    );

    CREATE TABLE brews (
      id uuid NOT NULL,
      kitchen_id uuid NOT NULL REFERENCES kitchens ON DELETE CASCADE,
      batch text NOT NULL CHECK (length(batch) BETWEEN 1 AND 20),
      drink_id uuid NOT NULL,
      drink_revision integer NOT NULL,
      drink_name text NOT NULL,
      kind text NOT NULL,
      volume_ml double precision NOT NULL CHECK (volume_ml > 0),
      serving_ml double precision NOT NULL CHECK (serving_ml > 0),
      keeping jsonb NOT NULL,
      cautions jsonb NOT NULL,
      made_at timestamptz NOT NULL,
      made_by uuid NOT NULL REFERENCES accounts,
      PRIMARY KEY (id),
      UNIQUE (kitchen_id, id),
      UNIQUE (kitchen_id, batch),
      FOREIGN KEY (kitchen_id, drink_id) REFERENCES drinks (kitchen_id, id),
      FOREIGN KEY (drink_id, drink_revision) REFERENCES drink_revisions (drink_id, revision)
    );

    CREATE TABLE bottles (
      id uuid NOT NULL,
      kitchen_id uuid NOT NULL,
      brew_id uuid NOT NULL,
      place text NOT NULL CHECK (place IN ('fridge', 'cool-room', 'cupboard')),
      volume_ml double precision NOT NULL CHECK (volume_ml > 0),
      remaining_ml double precision NOT NULL CHECK (remaining_ml >= 0 AND remaining_ml <= volume_ml),
      opened_at timestamptz,
      PRIMARY KEY (id),
      UNIQUE (kitchen_id, id),
      FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE
    );
    CREATE INDEX bottles_by_brew ON bottles (brew_id);

    CREATE TABLE pours (
      id uuid NOT NULL,
      kitchen_id uuid NOT NULL,
      bottle_id uuid NOT NULL,
      volume_ml double precision NOT NULL CHECK (volume_ml > 0),
      poured_at timestamptz NOT NULL,
      poured_by uuid NOT NULL REFERENCES accounts,
      undone_at timestamptz,
      PRIMARY KEY (id),
      FOREIGN KEY (kitchen_id, bottle_id) REFERENCES bottles (kitchen_id, id) ON DELETE CASCADE
    );
    CREATE INDEX pours_by_bottle ON pours (bottle_id);
  `,
};
