import type { Migration } from './migration';

/**
 * Who may do what in a kitchen, where somebody is signed in, and a line for whatever is done to members and accounts.
 * Whoever was in a kitchen first owns it.
 */
export const migration: Migration = {
  name: '018-members',
  sql: `
    ALTER TABLE members ADD COLUMN role text NOT NULL DEFAULT 'maker' CHECK (role IN ('owner', 'maker'));
    UPDATE members m SET role = 'owner' WHERE m.account_id = (
      SELECT first.account_id FROM members first WHERE first.kitchen_id = m.kitchen_id
      ORDER BY first.joined_at, first.account_id LIMIT 1);

    ALTER TABLE sessions
      ADD COLUMN id uuid NOT NULL DEFAULT gen_random_uuid() UNIQUE,
      ADD COLUMN device text NOT NULL DEFAULT '' CHECK (length(device) <= 200),
      ADD COLUMN seen_at timestamptz NOT NULL DEFAULT now();

    CREATE TABLE audit_lines (
      kitchen_id uuid NOT NULL REFERENCES kitchens ON DELETE CASCADE,
      id uuid NOT NULL,
      happened_at timestamptz NOT NULL,
      kind text NOT NULL,
      done_by uuid NOT NULL REFERENCES accounts,
      done_to uuid REFERENCES accounts,
      about text NOT NULL DEFAULT '',
      PRIMARY KEY (kitchen_id, id)
    );
    CREATE INDEX audit_newest ON audit_lines (kitchen_id, happened_at DESC, id DESC);
  `,
};
