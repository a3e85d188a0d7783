import type { Migration } from './migration';

/** A password that was forgotten is replaced through a link that came by mail; only a hash of the link is kept. */
export const migration: Migration = {
  name: '019-password-resets',
  sql: `
    CREATE TABLE password_resets (
      token_hash text PRIMARY KEY,
      account_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      expires_at timestamptz NOT NULL
    );
    CREATE INDEX password_resets_of_accounts ON password_resets (account_id);
    CREATE INDEX password_resets_expiry ON password_resets (expires_at);
  `,
};
