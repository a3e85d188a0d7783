import type { Migration } from './migration';

/**
 * Photos of brews, small and without what a camera writes beside them. They are by themselves, so that no list of brews
 * has to read past them.
 */
export const migration: Migration = {
  name: '015-photos',
  sql: `
    CREATE TABLE photos (
      kitchen_id uuid NOT NULL,
      brew_id uuid NOT NULL,
      id uuid NOT NULL,
      words text NOT NULL DEFAULT '',
      width integer NOT NULL CHECK (width > 0),
      height integer NOT NULL CHECK (height > 0),
      -- JPEG, as it is shown and as it lies in a list.
      picture bytea NOT NULL,
      thumbnail bytea NOT NULL,
      added_by uuid NOT NULL REFERENCES accounts,
      added_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (kitchen_id, brew_id, id),
      FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE
    );
    -- Pictures are compressed already.
    ALTER TABLE photos ALTER COLUMN picture SET STORAGE EXTERNAL, ALTER COLUMN thumbnail SET STORAGE EXTERNAL;
  `,
};
