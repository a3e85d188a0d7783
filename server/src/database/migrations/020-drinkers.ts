import type { Migration } from './migration';

/** Members who drink what others make: in by a code of their own, and told which of the people they are. */
export const migration: Migration = {
  name: '020-drinkers',
  sql: `
    ALTER TABLE members
      DROP CONSTRAINT members_role_check,
      ADD CONSTRAINT members_role_check CHECK (role IN ('owner', 'maker', 'drinker')),
      ADD COLUMN person_id uuid;
    ALTER TABLE kitchens ADD COLUMN drinker_invitation text NOT NULL UNIQUE
      DEFAULT upper(left(replace(gen_random_uuid()::text, '-', ''), 12));
  `,
};
