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

/** What a taster is called who is not named any more. */
export const NOBODY_NAMED = 'Somebody';

/** No tasting names them any more; what they said of a drink stays. */
export async function forgetTasters(sequelize: Sequelize, kitchenId: string, names: readonly string[]): Promise<void> {
  await sequelize.query('UPDATE tastings SET taster = :nobody WHERE kitchen_id = :kitchenId AND taster IN (:names)', {
    replacements: { kitchenId, names, nobody: NOBODY_NAMED },
  });
}
