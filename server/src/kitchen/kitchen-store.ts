import type { KitchenDetails } from '@wellhydra/contract';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { Models } from '../database/models';
import { Problem } from '../problem';

/** A kitchen with its members, in the order they joined. */
export async function findKitchen(sequelize: Sequelize, models: Models, kitchenId: string): Promise<KitchenDetails> {
  const kitchen = await models.kitchens.findByPk(kitchenId);
  if (!kitchen) throw new Problem('not-found');
  const members = await sequelize.query<{ id: string; name: string; email: string }>(
    `SELECT a.id, a.name, a.email FROM members m JOIN accounts a ON a.id = m.account_id
     WHERE m.kitchen_id = :kitchenId ORDER BY m.joined_at, a.name`,
    { replacements: { kitchenId }, type: QueryTypes.SELECT },
  );
  return {
    id: kitchen.id,
    name: kitchen.name,
    demo: kitchen.demoDay !== null || kitchen.expiresAt !== null,
    invitation: kitchen.invitation,
    members,
  };
}

export async function setInvitation(models: Models, kitchenId: string, invitation: string): Promise<void> {
  await models.kitchens.update({ invitation }, { where: { id: kitchenId } });
}
