import type { Migration } from './migration';

/**
 * What is in the house, in lots. Whatever is taken of one, or found when it is weighed, is a change: at any time what there
 * was and all its changes that were not taken back are what is left. A brew says what it has taken, so that a lot that
 * is corrected or added later can be settled with it.
 */
export const migration: Migration = {
  name: '012-stores',
  sql: `
    CREATE TABLE lots (
      kitchen_id uuid NOT NULL REFERENCES kitchens ON DELETE CASCADE,
      id uuid NOT NULL,
      ingredient text NOT NULL,
      name text NOT NULL,
      amount_g double precision NOT NULL CHECK (amount_g > 0),
      remaining_g double precision NOT NULL CHECK (remaining_g >= 0),
      price double precision CHECK (price >= 0),
      got text NOT NULL CHECK (got IN ('bought', 'picked', 'made')),
      got_at timestamptz NOT NULL,
      best_before timestamptz,
      place text NOT NULL DEFAULT '',
      origin text NOT NULL DEFAULT '',
      identified_by text NOT NULL DEFAULT '',
      purity_pct double precision CHECK (purity_pct > 0 AND purity_pct <= 100),
      note text NOT NULL DEFAULT '',
      PRIMARY KEY (kitchen_id, id)
    );
    CREATE INDEX lots_there ON lots (kitchen_id, ingredient, id) WHERE remaining_g > 0;

    CREATE TABLE lot_changes (
      kitchen_id uuid NOT NULL,
      lot_id uuid NOT NULL,
      id uuid NOT NULL,
      kind text NOT NULL CHECK (kind IN ('brewed', 'weighed', 'used', 'thrown-away')),
      -- What it brought the lot; negative where it took something.
      grams double precision NOT NULL,
      brew_id uuid,
      reason text NOT NULL DEFAULT '',
      happened_at timestamptz NOT NULL,
      done_by uuid NOT NULL REFERENCES accounts,
      undone_at timestamptz,
      PRIMARY KEY (kitchen_id, lot_id, id),
      FOREIGN KEY (kitchen_id, lot_id) REFERENCES lots (kitchen_id, id) ON DELETE CASCADE,
      FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE,
      CHECK ((kind = 'brewed') = (brew_id IS NOT NULL))
    );
    CREATE INDEX lot_changes_of_brews ON lot_changes (kitchen_id, brew_id) WHERE brew_id IS NOT NULL AND undone_at IS NULL;

    ALTER TABLE brews ADD COLUMN used jsonb CHECK (jsonb_typeof(used) = 'object');
  `,
};
