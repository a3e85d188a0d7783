import { randomUUID } from 'node:crypto';
import type { KitchenDetails } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import { newInvitations } from './invitation';

/** A kitchen with its members, in the order they joined. */
export async function findKitchen(sequelize: Sequelize, models: Models, kitchenId: string): Promise<KitchenDetails> {
  const kitchen = await models.kitchens.findByPk(kitchenId);
  if (!kitchen) throw new Problem('not-found');
  const members = await sequelize.query<KitchenDetails['members'][number]>(
    `SELECT a.id, a.name, a.email, m.role, m.person_id AS "personId" FROM members m JOIN accounts a ON a.id = m.account_id
     WHERE m.kitchen_id = :kitchenId ORDER BY m.joined_at, a.name`,
    { replacements: { kitchenId }, type: QueryTypes.SELECT },
  );
  return {
    id: kitchen.id,
    name: kitchen.name,
    demo: kitchen.demoDay !== null || kitchen.expiresAt !== null,
    invitation: kitchen.invitation,
    drinkerInvitation: kitchen.drinkerInvitation,
    members,
  };
}

/** Gives a kitchen new codes: whoever has written down an old one comes in by it no more. */
export async function replaceInvitations(
  models: Models,
  kitchenId: string,
  transaction: Transaction | null = null,
): Promise<void> {
  await models.kitchens.update(newInvitations(), { where: { id: kitchenId }, transaction });
}

/** Makes a kitchen of somebody's own. Returns its id. */
export async function ownKitchen(
  models: Models,
  accountId: string,
  name: string,
  transaction: Transaction | null = null,
): Promise<string> {
  const { id } = await models.kitchens.create({ id: randomUUID(), name, ...newInvitations() }, { transaction });
  await models.members.create({ kitchenId: id, accountId, role: 'owner' }, { transaction });
  return id;
}
