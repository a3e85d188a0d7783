import { randomBytes, randomUUID } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Register, Role, Session, SignIn } from '@wellhydra/contract';
import { Op, UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import { ownKitchen } from '../kitchen/kitchen-store';
import { noteDeed } from '../members/audit-store';
import { refuseCommonPassword } from './common-passwords';
import { countAddress, forgetAttempts, slowAccount } from './sign-in-limit';
import { startSession, type SignedIn } from './session-store';

export interface AccountContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
  readonly signInsPerQuarter: number;
}

/** A session as the app sees it. */
export function sessionView(who: SignedIn): Session {
  return {
    account: { id: who.accountId, name: who.accountName, email: who.email },
    kitchen: { id: who.kitchenId, name: who.kitchenName, demo: who.demo, role: who.role, personId: who.personId },
  };
}

/** The kitchen that an invitation leads to, and as what. */
async function invitedTo(
  models: Models,
  invitation: string,
  transaction: Transaction,
): Promise<{ readonly kitchenId: string; readonly role: Role }> {
  const code = invitation.toUpperCase();
  const where = { [Op.or]: [{ invitation: code }, { drinkerInvitation: code }] };
  const kitchen = await models.kitchens.findOne({ where, transaction });
  if (!kitchen || kitchen.demoDay || kitchen.expiresAt || kitchen.keptFor) throw new Problem('unknown-invitation');
  return { kitchenId: kitchen.id, role: kitchen.invitation === code ? 'maker' : 'drinker' };
}

/** Creates an account and its kitchen, or joins one; returns the token of a session. */
export async function registerAccount(
  { sequelize, models }: AccountContext,
  registration: Register,
  device: string,
): Promise<string> {
  const own = [registration.email, registration.name, registration.kitchenName ?? ''];
  refuseCommonPassword(registration.password, own, 'body.password');
  const passwordHash = await hash(registration.password);
  try {
    return await sequelize.transaction(async (transaction) => {
      const account = await models.accounts.create(
        { id: randomUUID(), email: registration.email, name: registration.name, passwordHash },
        { transaction },
      );
      const { invitation, kitchenName } = registration;
      if (invitation === undefined) {
        const own = await ownKitchen(models, account.id, kitchenName as string, transaction);
        return startSession(models, own, account.id, { device, transaction });
      }
      const { kitchenId, role } = await invitedTo(models, invitation, transaction);
      await models.members.create({ kitchenId, accountId: account.id, role }, { transaction });
      const about = role === 'drinker' ? { about: role } : {};
      await noteDeed(models, { kitchenId, accountId: account.id }, 'joined', about, transaction);
      return startSession(models, kitchenId, account.id, { device, transaction });
    });
  } catch (error) {
    if (error instanceof UniqueConstraintError && 'email' in error.fields) throw new Problem('email-taken');
    throw error;
  }
}

/** Hash of no password, so that an unknown e-mail takes as long as a wrong password. */
const NOBODY = hash(randomBytes(16).toString('hex'));

const OWN_KITCHEN = 'My kitchen';

/** Checks e-mail and password; returns the token of a session. */
export async function signInAccount(
  context: AccountContext,
  { email, password }: SignIn,
  { address, device }: { readonly address: string; readonly device: string },
): Promise<string> {
  const { sequelize, models, signInsPerQuarter } = context;
  await countAddress(sequelize, address, 10 * signInsPerQuarter);
  await slowAccount(sequelize, email, signInsPerQuarter);
  const account = await models.accounts.findOne({ where: { email } });
  const right = await verify(account?.passwordHash ?? (await NOBODY), password);
  if (!account?.passwordHash || !right) throw new Problem('wrong-credentials');
  await forgetAttempts(sequelize, email);
  const member = await models.members.findOne({ where: { accountId: account.id } });
  // Whoever was taken out of a kitchen has one of their own from then on.
  const kitchenId = member?.kitchenId ?? (await ownKitchen(models, account.id, OWN_KITCHEN));
  return startSession(models, kitchenId, account.id, { device });
}
