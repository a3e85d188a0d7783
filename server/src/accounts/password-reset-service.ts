import { hash } from '@node-rs/argon2';
import type { RequestReset, ResetPassword } from '@wellhydra/contract';
import { Op } from 'sequelize';
import type { Mail } from '../mail/mail-plugin';
import { noteDeed } from '../members/audit-store';
import type { MemberContext } from '../members/member-service';
import { Problem } from '../problem';
import { refuseCommonPassword } from './common-passwords';
import { hashOfToken, newToken } from './secret-token';
import { countAddress, mayMail } from './sign-in-limit';

/** A link holds so long, min. */
const HOLDS_min = 60;

interface Asked extends RequestReset {
  /** As the server is called from outside; never what a request says of it: a link would lead wherever that leads. */
  readonly publicUrl: string;
}

/** The mail with which somebody takes a new password; null where there is none to send. */
export async function prepareReset(
  { sequelize, models }: MemberContext,
  { email, publicUrl }: Asked,
): Promise<Mail | null> {
  const account = await models.accounts.findOne({ where: { email }, attributes: ['id', 'name'] });
  if (!account || !(await mayMail(sequelize, email))) return null;
  const token = newToken();
  const expiresAt = new Date(Date.now() + HOLDS_min * 60_000);
  await models.passwordResets.destroy({ where: { expiresAt: { [Op.lte]: new Date() } } });
  await models.passwordResets.create({ tokenHash: hashOfToken(token), accountId: account.id, expiresAt });
  return {
    to: email,
    subject: 'A new password for Wellhydra',
    text: [
      `${account.name}, somebody asked for a new password for your account.`,
      `Take one here, within ${HOLDS_min} minutes:`,
      `${publicUrl}/welcome#reset=${token}`,
      'If it was not you, do nothing: your password stays as it is.',
      '',
    ].join('\n\n'),
  };
}

/**
 * Takes a new password by the link of a mail, once; every session of the account ends.
 *
 * @throws Problem `reset-over` for a link that was used, is too old, or was never sent
 */
export async function resetPassword(
  { sequelize, models }: MemberContext,
  { token, newPassword }: ResetPassword,
  { address, most }: { readonly address: string; readonly most: number },
): Promise<void> {
  await countAddress(sequelize, address, most);
  const found = await models.passwordResets.findByPk(hashOfToken(token));
  if (!found || found.expiresAt <= new Date()) throw new Problem('reset-over');
  const { accountId } = found;
  const account = await models.accounts.findByPk(accountId, { rejectOnEmpty: true });
  refuseCommonPassword(newPassword, [account.email ?? '', account.name], 'body.newPassword');
  const passwordHash = await hash(newPassword);
  await sequelize.transaction(async (transaction) => {
    // Of two who have the same link, one is first.
    const taken = await models.passwordResets.destroy({ where: { tokenHash: hashOfToken(token) }, transaction });
    if (taken === 0) throw new Problem('reset-over');
    await models.passwordResets.destroy({ where: { accountId }, transaction });
    await models.accounts.update({ passwordHash }, { where: { id: accountId }, transaction });
    await models.sessions.destroy({ where: { accountId }, transaction });
    const members = await models.members.findAll({ where: { accountId }, transaction });
    for (const { kitchenId } of members)
      await noteDeed(models, { kitchenId, accountId }, 'password-changed', { about: 'by mail' }, transaction);
  });
}
