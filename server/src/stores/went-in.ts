import type { BottleBrews, BrewLots, LotTrace } from '@wellhydra/contract';
import { NEARLY } from '@wellhydra/core/stores';
import { QueryTypes, type Sequelize } from 'sequelize';

/**
 * What went into a brew, also with what was made before, and where a lot has come to: in SQL, since a page asks it of many.
 * Whoever asks says the kitchen (`:kitchenId`), so that every look is by that, also where one row leads to the next.
 */

/** Drinks in drinks so deep are followed. */
const MOST_DEEP = 8;

/** Bottles that have given to brews, with the brew they were filled from; `c` is what was given. */
const GIVEN = `
  bottle_changes c
  JOIN bottles x ON x.kitchen_id = c.kitchen_id AND x.id = c.bottle_id
  JOIN brews s ON s.kitchen_id = x.kitchen_id AND s.id = x.brew_id`;

/** Which share of a whole brew, with all that was drawn off from it, went where `c` says. */
const SHARE = `
  -c.volume_ml / greatest(1e-9, (
    SELECT sum(v.volume_ml) FROM brews v
    WHERE v.kitchen_id = s.kitchen_id AND (v.id = coalesce(s.part_of, s.id) OR v.part_of = coalesce(s.part_of, s.id))))`;

/** Names `came`: a brew and those it was made of, each with the share of it that went in; what was drawn off is a brew whole. */
const came = (brew: string): string => `
  WITH RECURSIVE came (id, share, deep) AS (
    SELECT coalesce(${brew}.part_of, ${brew}.id), 1::double precision, 0
    UNION ALL
    SELECT coalesce(s.part_of, s.id), came.share * ${SHARE}, came.deep + 1
    FROM came JOIN ${GIVEN} ON c.kitchen_id = :kitchenId AND c.brew_id = came.id AND c.undone_at IS NULL
    WHERE came.deep < ${MOST_DEEP})`;

/** Selects the ingredients of a brew of which no lot had enough; `brew` is what its row is called there. */
const missingLots = (brew: string): string => `
  SELECT u.key FROM jsonb_each_text(coalesce(${brew}.used, '{}')) u
  WHERE u.value::double precision * ${1 - NEARLY} > coalesce((
    SELECT -sum(m.grams) FROM lot_changes m JOIN lots k ON k.kitchen_id = m.kitchen_id AND k.id = m.lot_id
    WHERE m.kitchen_id = ${brew}.kitchen_id AND m.brew_id = ${brew}.id AND m.undone_at IS NULL AND k.ingredient = u.key), 0)`;

/** Selects the names of drinks that went into a brew of which no bottle had enough. */
const missingBottles = (brew: string): string => `
  SELECT u.key FROM jsonb_each_text(coalesce(${brew}.prepared, '{}')) u
  WHERE u.value::double precision * ${1 - NEARLY} > coalesce((
    SELECT -sum(c.volume_ml) FROM ${GIVEN}
    WHERE c.kitchen_id = ${brew}.kitchen_id AND c.brew_id = ${brew}.id AND c.undone_at IS NULL
      AND lower(trim(s.drink_name)) = lower(trim(u.key))), 0)`;

const priced = (grams: string): string =>
  `CASE WHEN bool_and(l.price IS NOT NULL) THEN -sum(${grams} * l.price / l.amount_g) END`;

/**
 * What a batch cost by its lots, as an expression; null where one of them has no price, or there was too little of
 * something. A brew that nothing made before went into, as most are, is spared the walk.
 */
export const costOf = (brew: string): string => `
  CASE WHEN EXISTS (${missingLots(brew)}) THEN NULL
  WHEN ${brew}.prepared IS NULL THEN (
    SELECT ${priced('c.grams')} FROM lot_changes c JOIN lots l ON l.kitchen_id = c.kitchen_id AND l.id = c.lot_id
    WHERE c.kitchen_id = ${brew}.kitchen_id AND c.brew_id = ${brew}.id AND c.undone_at IS NULL)
  ELSE (
    ${came(brew)}
    SELECT CASE WHEN NOT EXISTS (
      SELECT 1 FROM came JOIN brews w ON w.kitchen_id = :kitchenId AND w.id = came.id
      WHERE EXISTS (${missingLots('w')}) OR EXISTS (${missingBottles('w')})) THEN ${priced('came.share * c.grams')} END
    FROM came
      JOIN lot_changes c ON c.kitchen_id = :kitchenId AND c.brew_id = came.id AND c.undone_at IS NULL
      JOIN lots l ON l.kitchen_id = c.kitchen_id AND l.id = c.lot_id) END`;

type LotUse = BrewLots['lots'][number];

/** What went into a brew, the most of it first; of what was drawn off what went into the whole brew. */
export async function wentInto(sequelize: Sequelize, kitchenId: string, brewId: string): Promise<BrewLots> {
  const ask = <Row extends object>(sql: string) =>
    sequelize.query<Row>(sql, { replacements: { kitchenId, brewId }, type: QueryTypes.SELECT });
  const whole = `SELECT * FROM brews WHERE kitchen_id = :kitchenId AND id = :brewId`;
  const lots = await ask<Omit<LotUse, 'gotAt'> & { readonly gotAt: Date }>(
    `SELECT l.id AS "lotId", l.ingredient, l.name, l.origin, l.got_at AS "gotAt", t.batch AS within, t.grams,
            t.grams * l.price / l.amount_g AS cost
     FROM (${whole}) p, LATERAL (
       ${came('p')}
       SELECT c.lot_id, CASE WHEN came.deep > 0 THEN w.batch END AS batch, -sum(came.share * c.grams) AS grams
       FROM came
         JOIN brews w ON w.kitchen_id = :kitchenId AND w.id = came.id
         JOIN lot_changes c ON c.kitchen_id = :kitchenId AND c.brew_id = came.id AND c.undone_at IS NULL
       GROUP BY 1, 2) t
     JOIN lots l ON l.kitchen_id = :kitchenId AND l.id = t.lot_id
     ORDER BY t.batch NULLS FIRST, t.grams DESC, l.id LIMIT 500`,
  );
  const bottles = await ask<BrewLots['bottles'][number]>(
    `SELECT x.id AS "bottleId", s.batch, s.drink_name AS "drinkName", -sum(c.volume_ml) AS "volume_mL"
     FROM (${whole}) p JOIN ${GIVEN} ON c.kitchen_id = p.kitchen_id AND c.brew_id = coalesce(p.part_of, p.id)
       AND c.undone_at IS NULL
     GROUP BY x.id, s.batch, s.drink_name ORDER BY "volume_mL" DESC, x.id LIMIT 500`,
  );
  const missing = await ask<{ readonly key: string; readonly made: boolean }>(
    `SELECT DISTINCT m.key, m.made
     FROM (${whole}) p, LATERAL (
       ${came('p')}
       SELECT g.key, g.made FROM came JOIN brews w ON w.kitchen_id = :kitchenId AND w.id = came.id,
         LATERAL (SELECT y.key, false AS made FROM (${missingLots('w')}) y
                  UNION ALL SELECT z.key, true FROM (${missingBottles('w')}) z) g) m
     ORDER BY m.key LIMIT 500`,
  );
  return {
    lots: lots.map((row) => ({ ...row, gotAt: row.gotAt.toISOString() })),
    bottles: [...bottles],
    missing: missing.filter(({ made }) => !made).map(({ key }) => key),
    missingDrinks: missing.filter(({ made }) => made).map(({ key }) => key),
  };
}

/** Brews that have taken of a bottle, the newest first. */
export async function brewsOfBottle(
  sequelize: Sequelize,
  kitchenId: string,
  bottleId: string,
): Promise<BottleBrews['brews']> {
  const rows = await sequelize.query<Omit<BottleBrews['brews'][number], 'at'> & { readonly at: Date }>(
    `SELECT b.id AS "brewId", b.batch, b.drink_name AS "drinkName", -c.volume_ml AS "volume_mL", c.happened_at AS at
     FROM bottle_changes c JOIN brews b ON b.kitchen_id = c.kitchen_id AND b.id = c.brew_id
     WHERE c.kitchen_id = :kitchenId AND c.bottle_id = :bottleId AND c.undone_at IS NULL
     ORDER BY c.happened_at DESC, c.id DESC LIMIT 500`,
    { replacements: { kitchenId, bottleId }, type: QueryTypes.SELECT },
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

type TracedBrew = LotTrace['brews'][number];

/**
 * Every batch, bottle and person that a lot has reached, the newest batch first; also through what was drawn off, and
 * through bottles that went into other drinks.
 */
export async function traceLot(sequelize: Sequelize, kitchenId: string, lotId: string): Promise<readonly TracedBrew[]> {
  const rows = await sequelize.query<Omit<TracedBrew, 'madeAt'> & { readonly madeAt: Date }>(
    `WITH RECURSIVE went (id, grams, deep) AS (
       (SELECT brew_id, -sum(grams), 0 FROM lot_changes
        WHERE kitchen_id = :kitchenId AND lot_id = :lotId AND brew_id IS NOT NULL AND undone_at IS NULL
        GROUP BY brew_id)
       UNION ALL
       SELECT c.brew_id, went.grams * ${SHARE}, went.deep + 1
       FROM went
         JOIN brews s ON s.kitchen_id = :kitchenId AND (s.id = went.id OR s.part_of = went.id)
         JOIN bottles x ON x.kitchen_id = s.kitchen_id AND x.brew_id = s.id
         JOIN bottle_changes c ON c.kitchen_id = x.kitchen_id AND c.bottle_id = x.id AND c.brew_id IS NOT NULL
           AND c.undone_at IS NULL
       WHERE went.deep < ${MOST_DEEP}
     ), reached AS (
       SELECT b.id, b.batch, b.drink_id, b.drink_name, b.made_at, t.grams, t.deep
       FROM (SELECT id, sum(grams) AS grams, min(deep) AS deep FROM went GROUP BY id) t
       JOIN brews b ON b.kitchen_id = :kitchenId AND (b.id = t.id OR b.part_of = t.id)
     )
     SELECT r.id, r.batch, r.drink_id AS "drinkId", r.drink_name AS "drinkName", r.made_at AS "madeAt", r.grams, r.deep > 0 AS through,
       coalesce((SELECT jsonb_agg(jsonb_build_object('id', x.id, 'volume_mL', x.volume_ml, 'remaining_mL', x.remaining_ml,
                          'place', coalesce(x.spot, x.place),
                          'useBy', to_char(x.use_by AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')) ORDER BY x.use_by, x.id)
                 FROM bottles x WHERE x.kitchen_id = :kitchenId AND x.brew_id = r.id AND NOT x.at_once), '[]') AS bottles,
       coalesce((SELECT jsonb_agg(jsonb_build_object('personId', d.person_id, 'volume_mL', d.ml,
                          'last', to_char(d.last AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')) ORDER BY d.last DESC)
                 FROM (SELECT p.person_id, sum(p.volume_ml) AS ml, max(p.poured_at) AS last
                       FROM pours p JOIN bottles x ON x.kitchen_id = p.kitchen_id AND x.id = p.bottle_id
                       WHERE p.kitchen_id = :kitchenId AND x.brew_id = r.id AND p.undone_at IS NULL
                         AND p.person_id IS NOT NULL
                       GROUP BY p.person_id) d), '[]') AS drinkers
     FROM reached r ORDER BY r.made_at DESC, r.id LIMIT 500`,
    { replacements: { kitchenId, lotId }, type: QueryTypes.SELECT },
  );
  return rows.map((row) => ({ ...row, madeAt: row.madeAt.toISOString() }));
}
