import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import { Problem } from '../problem';

/** What a kitchen may hold: one of people who cook, and one that a visitor tries out for a day. */
export const QUOTAS = {
  kitchen: { drinks: 2000, brews: 50_000, lots: 5000, stored_MB: 500 },
  visitor: { drinks: 80, brews: 150, lots: 300, stored_MB: 10 },
} as const;
type Counted = 'drinks' | 'brews' | 'lots';

const quotaOf = ({ demo }: SignedIn) => QUOTAS[demo ? 'visitor' : 'kitchen'];
const COUNTS: Readonly<Record<Counted, string>> = {
  drinks: 'SELECT count(*)::int AS count FROM drinks WHERE kitchen_id = :kitchenId AND deleted_at IS NULL',
  brews: 'SELECT count(*)::int AS count FROM brews WHERE kitchen_id = :kitchenId',
  lots: 'SELECT count(*)::int AS count FROM lots WHERE kitchen_id = :kitchenId AND remaining_g > 0',
};

/** Throws `quota-reached` where one more of a thing would be too many. */
export async function checkCount(sequelize: Sequelize, who: SignedIn, what: Counted): Promise<void> {
  const [row] = await sequelize.query<{ count: number }>(COUNTS[what], {
    replacements: { kitchenId: who.kitchenId },
    type: QueryTypes.SELECT,
  });
  const most = quotaOf(who)[what];
  if ((row?.count ?? 0) >= most)
    throw new Problem('quota-reached', { what, most }, `This kitchen holds ${most} ${what}, as many as it may.`);
}

const STORED =
  'SELECT coalesce(sum(pg_column_size(document)), 0)::float AS bytes FROM drink_revisions WHERE kitchen_id = :kitchenId';
const tooMuchStored = (most_MB: number): Problem =>
  new Problem(
    'quota-reached',
    { most_MB },
    `The versions of this kitchen's drinks fill ${most_MB} MB, as much as they may.`,
  );

/** Throws `quota-reached` where what was written of drinks fills what a kitchen may store. */
export async function checkStored(sequelize: Sequelize, who: SignedIn): Promise<void> {
  const [row] = await sequelize.query<{ bytes: number }>(STORED, {
    replacements: { kitchenId: who.kitchenId },
    type: QueryTypes.SELECT,
  });
  const most_MB = quotaOf(who).stored_MB;
  if ((row?.bytes ?? 0) > most_MB * 1_000_000) throw tooMuchStored(most_MB);
}

/** Throws `quota-reached` where a kitchen holds more than it may, as after something large came in at once. */
export async function checkWithin(sequelize: Sequelize, who: SignedIn, transaction: Transaction): Promise<void> {
  const quota = quotaOf(who);
  const ask = { replacements: { kitchenId: who.kitchenId }, type: QueryTypes.SELECT, transaction } as const;
  for (const what of Object.keys(COUNTS) as Counted[]) {
    const [row] = await sequelize.query<{ count: number }>(COUNTS[what], ask);
    if ((row?.count ?? 0) > quota[what])
      throw new Problem(
        'quota-reached',
        { what, most: quota[what] },
        `A kitchen holds ${quota[what]} ${what} at most.`,
      );
  }
  const [row] = await sequelize.query<{ bytes: number }>(STORED, ask);
  if ((row?.bytes ?? 0) > quota.stored_MB * 1_000_000) throw tooMuchStored(quota.stored_MB);
}
