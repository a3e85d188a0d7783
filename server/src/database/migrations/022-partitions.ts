import type { Migration } from './migration';

/** Tables that grow with every brew and every glass, those first that others point to. */
const GROWING = ['drink_revisions', 'brews', 'brew_events', 'bottles', 'pours', 'photos'];
/** Parts of each, by a hash of the kitchen: as many as one machine has use for, and each can move to another by itself. */
const PARTS = 8;

/**
 * Splits the tables that grow by kitchen, with PostgreSQL's own hash partitions. Everything about them stays as it is:
 * columns, checks, keys and indices under their names, and who points to whom. All keys lead with the kitchen already.
 */
export const migration: Migration = {
  name: '022-partitions',
  sql: `
    DO $$
    DECLARE
      growing CONSTANT regclass[] := ARRAY['${GROWING.join("', '")}']::regclass[];
      names text[];
      pointing text[];
      keys text[];
      indices text[];
      each text;
    BEGIN
      SELECT array_agg(one::text ORDER BY place) INTO names FROM unnest(growing) WITH ORDINALITY AS all_(one, place);
      -- What is put back once they are split: first their own keys and indices, then all that points from or to them.
      SELECT array_agg(format('ALTER TABLE %s ADD CONSTRAINT %I %s', conrelid::regclass, conname, pg_get_constraintdef(oid)))
        INTO keys FROM pg_constraint WHERE conrelid = ANY (growing) AND contype IN ('p', 'u');
      SELECT array_agg(pg_get_indexdef(indexrelid))
        INTO indices FROM pg_index
        WHERE indrelid = ANY (growing)
          AND NOT EXISTS (SELECT FROM pg_constraint WHERE conindid = indexrelid AND contype IN ('p', 'u'));
      SELECT array_agg(format('ALTER TABLE %s ADD CONSTRAINT %I %s', conrelid::regclass, conname, pg_get_constraintdef(oid)))
        INTO pointing FROM pg_constraint
        WHERE contype = 'f' AND (conrelid = ANY (growing) OR confrelid = ANY (growing));

      FOREACH each IN ARRAY names LOOP
        EXECUTE format('ALTER TABLE %I RENAME TO %I', each, each || '_whole');
        EXECUTE format(
          'CREATE TABLE %I (LIKE %I INCLUDING DEFAULTS INCLUDING CONSTRAINTS INCLUDING STORAGE) PARTITION BY HASH (kitchen_id)',
          each, each || '_whole');
        FOR part IN 0..${PARTS - 1} LOOP
          EXECUTE format('CREATE TABLE %I PARTITION OF %I FOR VALUES WITH (MODULUS ${PARTS}, REMAINDER %s)',
            each || '_' || part, each, part);
        END LOOP;
        EXECUTE format('INSERT INTO %I SELECT * FROM %I', each, each || '_whole');
      END LOOP;
      FOREACH each IN ARRAY names LOOP
        EXECUTE format('DROP TABLE %I CASCADE', each || '_whole');
      END LOOP;
      FOREACH each IN ARRAY keys || indices || pointing LOOP
        EXECUTE each;
      END LOOP;
    END $$;
  `,
};
