import type { SignedIn } from '../accounts/session-store';
import { QueryTypes, type Transaction } from 'sequelize';
import { Problem } from '../problem';
import { NOTHING_TAKEN, settleBrew } from '../stores/settle-brew';
import { tellNews } from './brew-news';
import type { BrewContext } from './brew-context';

/** Whether something of a brew, or of what was drawn off from it, was poured or changed since it was bottled. */
async function isTouched(
  { sequelize }: BrewContext,
  ids: { readonly kitchenId: string; readonly id: string },
  transaction: Transaction,
): Promise<boolean> {
  // Nobody pours of them while it is looked.
  await sequelize.query(
    `SELECT x.id FROM bottles x JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
     WHERE x.kitchen_id = :kitchenId AND (b.id = :id OR b.part_of = :id) ORDER BY x.id FOR UPDATE OF x`,
    { replacements: ids, type: QueryTypes.SELECT, transaction },
  );
  const [row] = await sequelize.query<{ readonly touched: boolean }>(
    `SELECT EXISTS (
       SELECT 1 FROM bottles x JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
       WHERE x.kitchen_id = :kitchenId AND (b.id = :id OR b.part_of = :id) AND NOT x.at_once
         AND (x.remaining_ml <> x.filled_ml
              OR EXISTS (SELECT 1 FROM pours p
                         WHERE p.kitchen_id = :kitchenId AND p.bottle_id = x.id AND p.undone_at IS NULL)
              OR EXISTS (SELECT 1 FROM bottle_changes c
                         WHERE c.kitchen_id = :kitchenId AND c.bottle_id = x.id AND c.undone_at IS NULL))) AS touched`,
    { replacements: ids, type: QueryTypes.SELECT, transaction },
  );
  return row?.touched ?? false;
}

/**
 * Takes a brew back as if it had never been made: its bottles leave the shelf, and what it took of the stores is in the
 * house again. Sending it again changes nothing.
 *
 * @throws Problem `not-found`; `brew-in-use` once something of it was poured, split, or thrown away
 */
export async function undoBrew(context: BrewContext, who: SignedIn, id: string): Promise<void> {
  const { sequelize, models } = context;
  const { kitchenId, accountId } = who;
  await sequelize.transaction(async (transaction) => {
    const where = { kitchenId, id };
    const brew = await models.brews.findOne({ where, attributes: ['id'], lock: true, transaction });
    if (!brew) throw new Problem('not-found');
    if (await isTouched(context, where, transaction)) throw new Problem('brew-in-use');
    await settleBrew(context, { kitchenId, brewId: id, accountId, at: new Date() }, NOTHING_TAKEN, transaction);
    await models.brews.destroy({ where, transaction });
    await tellNews(sequelize, kitchenId, id, transaction);
  });
}
