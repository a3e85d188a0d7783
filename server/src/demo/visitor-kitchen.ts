import { randomUUID } from 'node:crypto';
import { QueryTypes, type Sequelize } from 'sequelize';
import { newInvitations } from '../kitchen/invitation';
import { startSession } from '../accounts/session-store';
import type { BrewContext } from '../brews/brew-context';
import { copyHabits, readHabits } from '../brews/habits-service';
import { KITCHEN_DOCUMENTS, KITCHEN_PARTS, KITCHEN_REVISIONS, copyParts, fieldsOf } from '../kitchen/kitchen-parts';
import { Problem } from '../problem';
import { keepDemoAlive } from './keep-demo-alive';
import { dayOf } from './move-demo-dates';

/** A visitor's kitchen ends after this time, h. */
const LIVES_h = 24;
/** So many visitors at once have a kitchen; of more, the oldest ones end early. */
const MOST_VISITORS = 300;

/** Ends kitchens of visitors whose time is over, and the oldest where there are too many. */
export async function endVisitorKitchens(sequelize: Sequelize, most = MOST_VISITORS): Promise<void> {
  await sequelize.query(
    `DELETE FROM kitchens WHERE expires_at IS NOT NULL AND (expires_at <= now() OR id IN (
       SELECT id FROM kitchens WHERE expires_at IS NOT NULL ORDER BY expires_at DESC OFFSET :most))`,
    { replacements: { most } },
  );
}

/**
 * Opens the demo for a visitor without a password: a kitchen of their own, copied from the one that is kept.
 *
 * @returns token of a session in it
 */
export async function openVisitorKitchen(context: BrewContext, now: Date): Promise<string> {
  const { sequelize, models } = context;
  const template = async () => {
    const [found] = await sequelize.query<{ id: string; day: string; accountId: string }>(
      `SELECT k.id, k.demo_day::text AS day, m.account_id AS "accountId"
       FROM kitchens k JOIN members m ON m.kitchen_id = k.id WHERE k.demo_day IS NOT NULL
       ORDER BY m.role = 'owner' DESC LIMIT 1`,
      { type: QueryTypes.SELECT },
    );
    if (!found) throw new Problem('demo-off');
    return found;
  };
  let kept = await template();
  if (kept.day !== dayOf(now)) {
    await keepDemoAlive(context, now);
    kept = await template();
  }
  await endVisitorKitchens(sequelize, MOST_VISITORS - 1);
  const id = randomUUID();
  const token = await sequelize.transaction(async (transaction) => {
    const original = await models.kitchens.findOne({ where: { id: kept.id }, transaction, rejectOnEmpty: true });
    const expiresAt = new Date(now.getTime() + LIVES_h * 3_600_000);
    await models.kitchens.create(
      {
        ...fieldsOf(original, ['name', ...KITCHEN_DOCUMENTS, ...KITCHEN_REVISIONS]),
        id,
        expiresAt,
        ...newInvitations(),
        unplugged: [],
      },
      { transaction },
    );
    await copyParts(context, [...KITCHEN_PARTS, 'members'], { from: kept.id, to: id }, transaction);
    return startSession(models, id, kept.accountId, { transaction });
  });
  await readHabits(context, kept.id);
  copyHabits(kept.id, id);
  return token;
}
