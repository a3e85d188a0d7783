import type { Sequelize, Transaction } from 'sequelize';

/** Says anew how a brew is liked: by the mean of its tastings, or as it was tasted in the pot. */
export async function reckonTaste(
  sequelize: Sequelize,
  { kitchenId, id }: { readonly kitchenId: string; readonly id: string },
  transaction: Transaction,
): Promise<void> {
  await sequelize.query(
    `UPDATE brews b SET taste = coalesce((SELECT avg(t.score) FROM tastings t
                                          WHERE t.kitchen_id = b.kitchen_id AND t.brew_id = b.id), b.taste_read)
     WHERE b.kitchen_id = :kitchenId AND b.id = :id`,
    { replacements: { kitchenId, id }, transaction },
  );
}
