import type { Migration } from './migration';

/**
 * A kitchen that came out of an archive names who did what, also those who have no account here: an account without an
 * e-mail and a password, that belongs to the kitchen and that nobody can sign in to. How a kitchen was before an
 * archive came in is kept as a kitchen without members for some days.
 */
export const migration: Migration = {
  name: '017-archives',
  sql: `
    ALTER TABLE accounts
      ALTER COLUMN email DROP NOT NULL,
      ALTER COLUMN password_hash DROP NOT NULL,
      ADD COLUMN hand_of uuid REFERENCES kitchens ON DELETE SET NULL,
      ADD CHECK ((email IS NULL) = (password_hash IS NULL));
    CREATE INDEX hands_of_kitchens ON accounts (hand_of) WHERE hand_of IS NOT NULL;

    ALTER TABLE kitchens
      ADD COLUMN kept_for uuid UNIQUE REFERENCES kitchens ON DELETE CASCADE,
      ADD COLUMN kept_until timestamptz,
      ADD CHECK ((kept_for IS NULL) = (kept_until IS NULL));
    CREATE INDEX kitchens_kept ON kitchens (kept_until) WHERE kept_until IS NOT NULL;
  `,
};
