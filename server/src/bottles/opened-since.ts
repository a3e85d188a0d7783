import { Op, type Transaction } from 'sequelize';
import type { Models } from '../database/models';

/** Since when a bottle is open, by everything that opened it and was not taken back; null where nothing did. */
export async function openedSince(
  models: Models,
  { kitchenId, bottleId }: { readonly kitchenId: string; readonly bottleId: string },
  transaction: Transaction,
): Promise<Date | null> {
  const where = { kitchenId, bottleId, undoneAt: { [Op.is]: null } };
  const pour = await models.pours.findOne({ where, order: [['pouredAt', 'ASC']], transaction });
  const changes = await models.bottleChanges.findAll({ where, attributes: ['was'], transaction });
  const moments = [pour?.pouredAt.getTime(), ...changes.map(({ was }) => was.thenOpen && Date.parse(was.thenOpen))];
  const first_ms = Math.min(...moments.filter((at): at is number => typeof at === 'number'));
  return Number.isFinite(first_ms) ? new Date(first_ms) : null;
}
