import type { DrunkQuery, HouseholdRecord, SaveHousehold } from '@wellhydra/contract';
import { NOBODY, householdOf } from '@wellhydra/core/household';
import type { SignedIn } from '../accounts/session-store';
import { forgetDrinkers } from '../bottles/pour-store';
import type { BottleContext } from '../bottles/bottle-service';
import { forgetTasters } from '../logbook/tasting-store';
import { readPeople, savePeople } from '../kitchen/kitchen-documents-store';

/** The people of the kitchen as somebody may see them: a drinker themselves alone. */
export async function readPeopleFor({ models }: BottleContext, who: SignedIn): Promise<HouseholdRecord> {
  const record = await readPeople(models, who);
  if (who.role !== 'drinker') return record;
  return { ...record, people: householdOf(record.people ?? NOBODY, who.personId) };
}

/** What is asked of the pours, as far as somebody may see it; null where that is nothing. */
export function drunkSeenBy(who: SignedIn, asked: DrunkQuery): DrunkQuery | null {
  if (who.role !== 'drinker') return asked;
  if (who.personId === null || (asked.personId ?? who.personId) !== who.personId) return null;
  return { ...asked, personId: who.personId };
}

/**
 * Stores who drinks what is made; of whoever is no longer there, no pour says any more that it was theirs, and no tasting
 * names them.
 */
export async function saveHouseholdOf(
  { sequelize, models }: BottleContext,
  who: SignedIn,
  body: SaveHousehold,
): Promise<HouseholdRecord> {
  const before = (await readPeople(models, who)).people?.people ?? {};
  const saved = await savePeople(models, who, body);
  const after = saved.people?.people ?? {};
  const gone = Object.keys(before).filter((id) => !after[id]);
  if (gone.length === 0) return saved;
  await forgetDrinkers(sequelize, who.kitchenId, gone);
  // Somebody else may be called so, too.
  const named = new Set(Object.values(after).map(({ name }) => name));
  const names = gone.map((id) => before[id]!.name).filter((name) => !named.has(name));
  if (names.length > 0) await forgetTasters(sequelize, who.kitchenId, names);
  return saved;
}
