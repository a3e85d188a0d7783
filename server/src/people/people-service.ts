import type { HouseholdRecord, SaveHousehold } from '@wellhydra/contract';
import type { SignedIn } from '../accounts/session-store';
import { forgetDrinkers } from '../bottles/pour-store';
import type { BottleContext } from '../bottles/bottle-service';
import { readPeople, savePeople } from '../kitchen/kitchen-documents-store';

/** Stores who drinks what is made; of whoever is no longer there, no pour says any more that it was theirs. */
export async function saveHouseholdOf(
  { sequelize, models }: BottleContext,
  { kitchenId }: SignedIn,
  body: SaveHousehold,
): Promise<HouseholdRecord> {
  const before = (await readPeople(models, kitchenId)).people?.people ?? {};
  const saved = await savePeople(models, kitchenId, body);
  const gone = Object.keys(before).filter((id) => !saved.people?.people[id]);
  if (gone.length > 0) await forgetDrinkers(sequelize, kitchenId, gone);
  return saved;
}
