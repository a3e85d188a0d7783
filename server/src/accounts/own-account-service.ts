import { hash, verify } from '@node-rs/argon2';
import { PAGE, type ChangePassword, type DeleteAccount, type OwnData } from '@wellhydra/contract';
import { QueryTypes } from 'sequelize';
import { listDeeds, noteDeed } from '../members/audit-store';
import { ownAccountOf, type MemberContext } from '../members/member-service';
import { Problem } from '../problem';
import { refuseCommonPassword } from './common-passwords';
import { endOtherSessions, listSessions, type SignedIn } from './session-store';
import { slowAccount } from './sign-in-limit';

/** Checks the password of whoever is signed in; guessing it from a device that was left open gets slow, too. */
async function checkPassword({ sequelize, models }: MemberContext, who: SignedIn, password: string): Promise<void> {
  await slowAccount(sequelize, who.email);
  const account = await models.accounts.findByPk(who.accountId, { attributes: ['passwordHash'] });
  if (!account?.passwordHash || !(await verify(account.passwordHash, password)))
    throw new Problem('wrong-credentials', undefined, 'This is not the password of this account.');
}

/** Takes a new password, and ends every other session of the account. */
export async function changeOwnPassword(
  context: MemberContext,
  who: SignedIn,
  { password, newPassword }: ChangePassword,
  token: string,
): Promise<void> {
  ownAccountOf(who);
  await checkPassword(context, who, password);
  refuseCommonPassword(newPassword, [who.email, who.accountName, who.kitchenName], 'body.newPassword');
  const passwordHash = await hash(newPassword);
  const { sequelize, models } = context;
  await models.accounts.update({ passwordHash }, { where: { id: who.accountId } });
  await endOtherSessions(sequelize, who, { but: token });
  await noteDeed(models, who, 'password-changed');
}

/** Ends every session of the account but one. */
export async function signOutElsewhere({ sequelize, models }: MemberContext, who: SignedIn, token: string) {
  ownAccountOf(who);
  await endOtherSessions(sequelize, who, { but: token });
  await noteDeed(models, who, 'signed-out-elsewhere');
}

const LEFT = 'Somebody who left';

/**
 * Deletes an account: nobody can sign in to it again, and its e-mail is free. What was done stays in the kitchen while
 * others are in it, by name or by somebody who left; the kitchen of the last member goes with everything in it.
 *
 * @throws Problem `wrong-credentials`, `last-owner`
 */
export async function deleteOwnAccount(
  context: MemberContext,
  who: SignedIn,
  { password, keepName }: DeleteAccount,
): Promise<void> {
  ownAccountOf(who);
  await checkPassword(context, who, password);
  const { sequelize, models } = context;
  const { accountId, kitchenId } = who;
  await sequelize.transaction(async (transaction) => {
    await models.kitchens.findByPk(kitchenId, { attributes: ['id'], lock: true, transaction });
    const members = await models.members.findAll({ where: { kitchenId }, transaction });
    const others = members.filter((each) => each.accountId !== accountId);
    if (others.length === 0) {
      await models.kitchens.destroy({ where: { id: kitchenId }, transaction });
    } else {
      if (!others.some(({ role }) => role === 'owner')) throw new Problem('last-owner');
      await models.members.destroy({ where: { kitchenId, accountId }, transaction });
      await noteDeed(models, who, 'account-deleted', {}, transaction);
    }
    // What it did names it still: it stays as somebody who cannot sign in.
    await models.accounts.update(
      {
        email: null,
        passwordHash: null,
        name: keepName && others.length > 0 ? who.accountName : LEFT,
        handOf: others.length > 0 ? kitchenId : null,
      },
      { where: { id: accountId }, transaction },
    );
  });
}

/** Everything that is known of an account besides what it did in the kitchen, which the archive has. */
export async function ownDataOf(context: MemberContext, who: SignedIn, token: string): Promise<OwnData> {
  ownAccountOf(who);
  const { sequelize } = context;
  const [row] = await sequelize.query<{ since: Date; joinedAt: Date }>(
    `SELECT a.created_at AS since, m.joined_at AS "joinedAt" FROM accounts a
     JOIN members m ON m.account_id = a.id AND m.kitchen_id = :kitchenId WHERE a.id = :accountId`,
    { replacements: { ...who }, type: QueryTypes.SELECT },
  );
  return {
    account: { id: who.accountId, name: who.accountName, email: who.email, since: row!.since.toISOString() },
    kitchen: { id: who.kitchenId, name: who.kitchenName, role: who.role, joinedAt: row!.joinedAt.toISOString() },
    sessions: await listSessions(sequelize, who, token),
    audit: (await listDeeds(sequelize, who.kitchenId, { limit: PAGE.most }, who.accountId)).lines,
  };
}
