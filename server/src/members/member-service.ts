import type { ChangeRole, Role } from '@wellhydra/contract';
import type { Sequelize, Transaction } from 'sequelize';
import { startSession, type SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { ownKitchen, replaceInvitations } from '../kitchen/kitchen-store';
import { Problem } from '../problem';
import { noteDeed } from './audit-store';

export interface MemberContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** Throws `owners-only` for anybody else. */
export function ownerOf(who: SignedIn): SignedIn {
  if (who.role !== 'owner') throw new Problem('owners-only');
  return who;
}
/** Throws `not-in-demo` where nobody has an account of their own. */
export function ownAccountOf(who: SignedIn): SignedIn {
  if (who.demo) throw new Problem('not-in-demo');
  return who;
}

/** A member by their account; the kitchen is locked, so that its last two owners cannot both go at once. */
async function memberOf({ models }: MemberContext, kitchenId: string, accountId: string, transaction: Transaction) {
  await models.kitchens.findByPk(kitchenId, { attributes: ['id'], lock: true, transaction });
  const member = await models.members.findOne({ where: { kitchenId, accountId }, transaction });
  if (!member) throw new Problem('not-found');
  return member;
}

/** Throws `last-owner` where no owner would be left. */
async function mindLastOwner(
  { models }: MemberContext,
  kitchenId: string,
  role: Role,
  transaction: Transaction,
): Promise<void> {
  if (role !== 'owner') return;
  const owners = await models.members.count({ where: { kitchenId, role: 'owner' }, transaction });
  if (owners < 2) throw new Problem('last-owner');
}

/**
 * Makes a member an owner, a maker or a drinker, and says which of the people a drinker is: handing a kitchen over is
 * making somebody else an owner, then oneself a maker.
 */
export async function changeMemberRole(
  context: MemberContext,
  who: SignedIn,
  accountId: string,
  { role, personId }: ChangeRole,
): Promise<void> {
  ownAccountOf(ownerOf(who));
  const { kitchenId } = who;
  await context.sequelize.transaction(async (transaction) => {
    const member = await memberOf(context, kitchenId, accountId, transaction);
    // Which of the people somebody is stands as long as they are a drinker and nothing else is said.
    const person = role === 'drinker' ? (personId === undefined ? member.personId : personId) : null;
    if (member.role === role && member.personId === person) return;
    if (role !== member.role) await mindLastOwner(context, kitchenId, member.role, transaction);
    const changed = member.role !== role;
    await member.update({ role, personId: person }, { transaction });
    // Another part of the people is theirs to see: to their devices it is a newer one.
    await context.models.kitchens.increment('peopleRevision', { where: { id: kitchenId }, transaction });
    if (changed) await noteDeed(context.models, who, 'role-changed', { doneTo: accountId, about: role }, transaction);
  });
}

/** Takes a member out of a kitchen, and ends where they are signed in to it. */
export async function removeMember(context: MemberContext, who: SignedIn, accountId: string): Promise<void> {
  ownAccountOf(ownerOf(who));
  const { kitchenId } = who;
  await context.sequelize.transaction(async (transaction) => {
    const member = await memberOf(context, kitchenId, accountId, transaction);
    await mindLastOwner(context, kitchenId, member.role, transaction);
    await member.destroy({ transaction });
    // The code they may have written down opens nothing any more.
    await replaceInvitations(context.models, kitchenId, transaction);
    await noteDeed(context.models, who, 'removed', { doneTo: accountId }, transaction);
  });
}

/** Leaves a kitchen for a new one of one's own; what was done in it stays there. Returns the token of a session in the new one. */
export async function leaveForOwnKitchen(
  context: MemberContext,
  who: SignedIn,
  { kitchenName, device }: { readonly kitchenName: string; readonly device: string },
): Promise<string> {
  ownAccountOf(who);
  const { kitchenId, accountId } = who;
  const { sequelize, models } = context;
  return sequelize.transaction(async (transaction) => {
    const member = await memberOf(context, kitchenId, accountId, transaction);
    await mindLastOwner(context, kitchenId, member.role, transaction);
    await member.destroy({ transaction });
    await noteDeed(models, who, 'left', {}, transaction);
    const own = await ownKitchen(models, accountId, kitchenName, transaction);
    return startSession(models, own, accountId, { device, transaction });
  });
}
