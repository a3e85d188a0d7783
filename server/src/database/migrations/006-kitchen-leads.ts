import type { Migration } from './migration';

/**
 * The kitchen leads every key and index, so that one kitchen's rows lie together and its lists take as long as it is
 * large; bottles know when they are to be used up, so that a shelf can be read in that order, a page at a time.
 */
export const migration: Migration = {
  name: '006-kitchen-leads',
  sql: `
    ALTER TABLE pours DROP CONSTRAINT pours_kitchen_id_bottle_id_fkey;
    ALTER TABLE bottles DROP CONSTRAINT bottles_kitchen_id_brew_id_fkey;
    ALTER TABLE brew_events DROP CONSTRAINT brew_events_kitchen_id_brew_id_fkey;
    ALTER TABLE brews DROP CONSTRAINT brews_kitchen_id_drink_id_fkey;
    ALTER TABLE brews DROP CONSTRAINT brews_drink_id_drink_revision_fkey;
    ALTER TABLE drink_revisions DROP CONSTRAINT drink_revisions_kitchen_id_drink_id_fkey;

    ALTER TABLE drinks DROP CONSTRAINT drinks_pkey, DROP CONSTRAINT drinks_kitchen_id_id_key,
      ADD PRIMARY KEY (kitchen_id, id);
    ALTER TABLE drink_revisions DROP CONSTRAINT drink_revisions_pkey, ADD PRIMARY KEY (kitchen_id, drink_id, revision);
    ALTER TABLE brews DROP CONSTRAINT brews_pkey, DROP CONSTRAINT brews_kitchen_id_id_key,
      ADD PRIMARY KEY (kitchen_id, id);
    ALTER TABLE brew_events DROP CONSTRAINT brew_events_pkey, DROP CONSTRAINT brew_events_brew_id_number_key,
      ADD PRIMARY KEY (kitchen_id, brew_id, id), ADD UNIQUE (kitchen_id, brew_id, number);
    ALTER TABLE bottles DROP CONSTRAINT bottles_pkey, DROP CONSTRAINT bottles_kitchen_id_id_key,
      ADD PRIMARY KEY (kitchen_id, id);
    ALTER TABLE pours DROP CONSTRAINT pours_pkey, ADD PRIMARY KEY (kitchen_id, bottle_id, id);

    ALTER TABLE drink_revisions
      ADD FOREIGN KEY (kitchen_id, drink_id) REFERENCES drinks (kitchen_id, id) ON DELETE CASCADE;
    ALTER TABLE brews
      ADD FOREIGN KEY (kitchen_id, drink_id, drink_revision)
        REFERENCES drink_revisions (kitchen_id, drink_id, revision);
    ALTER TABLE brew_events
      ADD FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE;
    ALTER TABLE bottles ADD FOREIGN KEY (kitchen_id, brew_id) REFERENCES brews (kitchen_id, id) ON DELETE CASCADE;
    ALTER TABLE pours ADD FOREIGN KEY (kitchen_id, bottle_id) REFERENCES bottles (kitchen_id, id) ON DELETE CASCADE;

    ALTER TABLE bottles ADD COLUMN use_by timestamptz;
    UPDATE bottles x SET use_by = least(
      b.made_at + k.days * interval '1 day',
      x.opened_at + least(k.days, k.days_opened) * interval '1 day'
    )
    FROM brews b, bottles own, LATERAL (
      SELECT least(coalesce((b.keeping ->> CASE WHEN own.place = 'fridge' THEN 'days' ELSE 'daysInCoolRoom' END)
                            ::double precision, 20000), 20000) AS days,
             least(coalesce((b.keeping ->> 'daysOpened')::double precision, 20000), 20000) AS days_opened
    ) k
    WHERE own.kitchen_id = x.kitchen_id AND own.id = x.id AND b.kitchen_id = x.kitchen_id AND b.id = x.brew_id;
    ALTER TABLE bottles ALTER COLUMN use_by SET NOT NULL;

    DROP INDEX drinks_by_kitchen, bottles_by_brew, pours_by_bottle, brews_by_revision, brews_under_way;
    CREATE INDEX drinks_by_name ON drinks (kitchen_id, (lower(document ->> 'name')), id) WHERE deleted_at IS NULL;
    CREATE INDEX brews_newest ON brews (kitchen_id, made_at DESC, id DESC);
    CREATE INDEX brews_under_way ON brews (kitchen_id, started_at, id)
      WHERE stage IN ('making', 'paused') AND recipe IS NOT NULL;
    CREATE INDEX brews_begun ON brews (kitchen_id, started_at DESC, id DESC) WHERE recipe IS NOT NULL;
    CREATE INDEX brews_by_revision ON brews (kitchen_id, drink_id, drink_revision);
    CREATE INDEX bottles_by_brew ON bottles (kitchen_id, brew_id);
    CREATE INDEX bottles_to_use ON bottles (kitchen_id, use_by, id) WHERE remaining_ml > 0;
    CREATE INDEX pours_newest ON pours (kitchen_id, bottle_id, poured_at DESC, id DESC) WHERE undone_at IS NULL;
    CREATE INDEX sessions_by_member ON sessions (kitchen_id, account_id);
  `,
};
