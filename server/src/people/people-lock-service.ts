import { household, type PeopleLock } from '@wellhydra/contract';
import type { Sequelize, Transaction } from 'sequelize';
import { keepPeopleKey, type SignedIn } from '../accounts/session-store';
import { forgetAttempts, slowAccount } from '../accounts/sign-in-limit';
import { forgetEveryDrinker } from '../bottles/pour-store';
import type { Models } from '../database/models';
import { noteDeed } from '../members/audit-store';
import { ownAccountOf, ownerOf } from '../members/member-service';
import { Problem } from '../problem';
import { isSealed, keyUnder, newPeopleKey, openedPeople, peopleBy, sealUnder, type StoredPeople } from './people-seal';

/** People whom only those see who know a passphrase; what is stored of them tells nobody else anything. */

interface Context {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

const stored = (models: Models, kitchenId: string, transaction?: Transaction) =>
  models.kitchens.findByPk(kitchenId, {
    attributes: ['id', 'people', 'peopleRevision'],
    rejectOnEmpty: true,
    ...(transaction ? { transaction, lock: transaction.LOCK.UPDATE } : {}),
  });

/** As the next revision: whatever was on its way to be stored as they stood before is told so, and stores nothing. */
const asNext = ({ peopleRevision }: { readonly peopleRevision: number }, people: StoredPeople) => ({
  people,
  peopleRevision: peopleRevision + 1,
});

/** Whether there is a passphrase, and whether whoever asks has opened it. */
export async function peopleLock({ models }: Context, who: SignedIn): Promise<PeopleLock> {
  const { people } = await stored(models, who.kitchenId);
  const locked = isSealed(people);
  return { locked, open: !locked || (who.peopleKey !== null && openedPeople(people, who.peopleKey) !== null) };
}

/**
 * Puts the people under a passphrase, or under another one; who had opened them goes on seeing them.
 *
 * @throws Problem `owners-only`, `not-in-demo`, `people-locked` for whoever has not opened the one there is
 */
export async function lockPeople(
  { sequelize, models }: Context,
  who: SignedIn,
  { passphrase, token }: { readonly passphrase: string; readonly token: string },
): Promise<PeopleLock> {
  ownAccountOf(ownerOf(who));
  await sequelize.transaction(async (transaction) => {
    const kitchen = await stored(models, who.kitchenId, transaction);
    const people = peopleBy(kitchen.people, who.peopleKey);
    const before = isSealed(kitchen.people) ? who.peopleKey : null;
    const key = before ?? newPeopleKey();
    await kitchen.update(asNext(kitchen, await sealUnder(passphrase, key, people)), { transaction });
    // What was there before an archive came in is kept for some days, and holds them, too.
    const former = await models.kitchens.findOne({ where: { keptFor: who.kitchenId }, transaction });
    if (former?.people && !isSealed(former.people))
      await former.update({ people: await sealUnder(passphrase, key, former.people) }, { transaction });
    await keepPeopleKey(sequelize, token, key, transaction);
    await noteDeed(models, who, 'people-locked', before ? { about: 'again' } : {}, transaction);
  });
  return { locked: true, open: true };
}

/** Opens the people for a session. Guessing gets slower and slower. @throws Problem `wrong-passphrase` */
export async function openPeople(
  { sequelize, models }: Context,
  who: SignedIn,
  { passphrase, token }: { readonly passphrase: string; readonly token: string },
): Promise<PeopleLock> {
  const { people } = await stored(models, who.kitchenId);
  if (!isSealed(people)) return { locked: false, open: true };
  const attempts = `people of ${who.kitchenId}`;
  await slowAccount(sequelize, attempts);
  const key = await keyUnder(passphrase, people);
  const opened = key && openedPeople(people, key);
  // They may have come in with a file, whoever sealed them.
  if (!key || !opened || (opened.people !== null && household.validate(opened.people).error))
    throw new Problem('wrong-passphrase');
  await forgetAttempts(sequelize, attempts);
  await keepPeopleKey(sequelize, token, key);
  return { locked: true, open: true };
}

/** Shuts them for a session; whoever has it needs the passphrase again. */
export async function shutPeople({ sequelize }: Context, token: string): Promise<void> {
  await keepPeopleKey(sequelize, token, null);
}

/** Takes the passphrase off. @throws Problem `owners-only`, `people-locked` */
export async function unlockPeople({ sequelize, models }: Context, who: SignedIn): Promise<PeopleLock> {
  ownerOf(who);
  await sequelize.transaction(async (transaction) => {
    const kitchen = await stored(models, who.kitchenId, transaction);
    if (!isSealed(kitchen.people)) return;
    await kitchen.update(asNext(kitchen, peopleBy(kitchen.people, who.peopleKey)), { transaction });
    await noteDeed(models, who, 'people-unlocked', {}, transaction);
  });
  return { locked: false, open: true };
}

/**
 * Forgets the people of a kitchen whose passphrase nobody knows any more: they are gone, and no pour says whose it was.
 *
 * @throws Problem `owners-only`; `not-found` where they are under no passphrase
 */
export async function forgetLockedPeople({ sequelize, models }: Context, who: SignedIn): Promise<PeopleLock> {
  ownerOf(who);
  await sequelize.transaction(async (transaction) => {
    const kitchen = await stored(models, who.kitchenId, transaction);
    if (!isSealed(kitchen.people)) throw new Problem('not-found');
    await kitchen.update(asNext(kitchen, null), { transaction });
    await forgetEveryDrinker(sequelize, who.kitchenId, transaction);
    await noteDeed(models, who, 'people-forgotten', {}, transaction);
  });
  return { locked: false, open: true };
}
