import { randomBytes, randomUUID } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Register, Session, SignIn } from '@wellhydra/contract';
import { UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import { isCommonPassword } from './common-passwords';
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
    kitchen: { id: who.kitchenId, name: who.kitchenName, demo: who.demo },
  };
}

/** A code that can be read aloud: no 0/O, no 1/I. */
export function newInvitation(): string {
  const letters = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
  return Array.from(randomBytes(10), (byte) => letters[byte % letters.length]).join('');
}

async function kitchenFor(models: Models, registration: Register, transaction: Transaction): Promise<string> {
  if (registration.invitation !== undefined) {
    const kitchen = await models.kitchens.findOne({
      where: { invitation: registration.invitation.toUpperCase() },
      transaction,
    });
    if (!kitchen || kitchen.demoDay || kitchen.expiresAt) throw new Problem('unknown-invitation');
    return kitchen.id;
  }
  const kitchen = await models.kitchens.create(
    { id: randomUUID(), name: registration.kitchenName as string, invitation: newInvitation() },
    { transaction },
  );
  return kitchen.id;
}

/** Creates an account and its kitchen, or joins one; returns the token of a session. */
export async function registerAccount({ sequelize, models }: AccountContext, registration: Register): Promise<string> {
  if (isCommonPassword(registration.password, [registration.email, registration.name, registration.kitchenName ?? '']))
    throw new Problem(
      'invalid-request',
      [{ at: 'body.password', message: 'is one of the commonest' }],
      'This password is one of those that are tried first. Four words that have nothing to do with each other are a good one.',
    );
  const passwordHash = await hash(registration.password);
  try {
    return await sequelize.transaction(async (transaction) => {
      const account = await models.accounts.create(
        { id: randomUUID(), email: registration.email, name: registration.name, passwordHash },
        { transaction },
      );
      const kitchenId = await kitchenFor(models, registration, transaction);
      await models.members.create({ kitchenId, accountId: account.id }, { transaction });
      return startSession(models, kitchenId, account.id, transaction);
    });
  } catch (error) {
    if (error instanceof UniqueConstraintError && 'email' in error.fields) throw new Problem('email-taken');
    throw error;
  }
}

/** Hash of no password, so that an unknown e-mail takes as long as a wrong password. */
const NOBODY = hash(randomBytes(16).toString('hex'));

/** Checks e-mail and password; returns the token of a session. */
export async function signInAccount(
  context: AccountContext,
  { email, password }: SignIn,
  address: string,
): Promise<string> {
  const { sequelize, models, signInsPerQuarter } = context;
  await countAddress(sequelize, address, 10 * signInsPerQuarter);
  await slowAccount(sequelize, email, signInsPerQuarter);
  const account = await models.accounts.findOne({ where: { email } });
  const right = await verify(account?.passwordHash ?? (await NOBODY), password);
  if (!account || !right) throw new Problem('wrong-credentials');
  const member = await models.members.findOne({ where: { accountId: account.id } });
  if (!member) throw new Problem('wrong-credentials');
  await forgetAttempts(sequelize, email);
  return startSession(models, member.kitchenId, account.id);
}
