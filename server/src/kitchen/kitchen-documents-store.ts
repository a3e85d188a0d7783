import { isDeepStrictEqual } from 'node:util';
import type {
  HouseholdRecord,
  KitchenSettingsRecord,
  PlanRecord,
  SaveHousehold,
  SaveKitchenSettings,
  SavePlan,
  SaveShopping,
  ShoppingRecord,
} from '@wellhydra/contract';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { likeStored, peopleBy, type StoredPeople } from '../people/people-seal';
import { Problem } from '../problem';

/** Documents that a kitchen has one of, and the columns they stand in. */
const COLUMNS = {
  settings: { document: 'settings', revision: 'settingsRevision' },
  plan: { document: 'plan', revision: 'planRevision' },
  people: { document: 'people', revision: 'peopleRevision' },
  shopping: { document: 'shopping', revision: 'shoppingRevision' },
} as const;
type Kind = keyof typeof COLUMNS;

async function read(models: Models, kitchenId: string, kind: Kind) {
  const { document, revision } = COLUMNS[kind];
  const kitchen = await models.kitchens.findByPk(kitchenId, { attributes: [document, revision] });
  if (!kitchen) throw new Problem('not-found');
  return { revision: kitchen[revision], document: kitchen[document] };
}

/** How a document is stored, and what is stored is read; as it is where nothing else is said. */
interface Form {
  readonly stored: object;
  readonly read: (stored: object | null) => object | null;
}

/**
 * Stores a document as its next revision; an edit that started from an older one changes nothing and is
 * answered with the revision it has now. Sending the same again does no harm.
 */
async function save(
  models: Models,
  kitchenId: string,
  kind: Kind,
  expectedRevision: number,
  document: object,
  form: Form = { stored: document, read: (stored) => stored },
) {
  const columns = COLUMNS[kind];
  const [changed] = await models.kitchens.update(
    { [columns.document]: form.stored, [columns.revision]: expectedRevision + 1 },
    { where: { id: kitchenId, [columns.revision]: expectedRevision } },
  );
  // Not what it is a moment later: somebody else may have saved on top of it by then.
  if (changed > 0) return expectedRevision + 1;
  const now = await read(models, kitchenId, kind);
  if (isDeepStrictEqual(form.read(now.document), document)) return now.revision;
  throw new Problem('edited-elsewhere', { revision: now.revision });
}

/** What a kitchen has said about itself. */
export async function readSettings(models: Models, kitchenId: string): Promise<KitchenSettingsRecord> {
  const { revision, document } = await read(models, kitchenId, 'settings');
  return { revision, settings: document as KitchenSettingsRecord['settings'] };
}

export const saveSettings = async (
  models: Models,
  kitchenId: string,
  { expectedRevision, settings }: SaveKitchenSettings,
): Promise<KitchenSettingsRecord> => ({
  revision: await save(models, kitchenId, 'settings', expectedRevision, settings),
  settings,
});

/** What is wanted in a kitchen, and by when. */
export async function readPlan(models: Models, kitchenId: string): Promise<PlanRecord> {
  const { revision, document } = await read(models, kitchenId, 'plan');
  return { revision, plan: document as PlanRecord['plan'] };
}

export const savePlan = async (
  models: Models,
  kitchenId: string,
  { expectedRevision, plan }: SavePlan,
): Promise<PlanRecord> => ({ revision: await save(models, kitchenId, 'plan', expectedRevision, plan), plan });

/** Whose kitchen it is, and what opens its people. */
type Reader = Pick<SignedIn, 'kitchenId' | 'peopleKey'>;

/** Who drinks what is made in a kitchen. @throws Problem `people-locked` to whoever has not said their passphrase */
export async function readPeople(models: Models, { kitchenId, peopleKey }: Reader): Promise<HouseholdRecord> {
  const { revision, document } = await read(models, kitchenId, 'people');
  return { revision, people: peopleBy(document as StoredPeople, peopleKey) };
}

/** @throws Problem `people-locked` to whoever has not said their passphrase */
export async function savePeople(
  models: Models,
  { kitchenId, peopleKey }: Reader,
  { expectedRevision, people }: SaveHousehold,
): Promise<HouseholdRecord> {
  const { document } = await read(models, kitchenId, 'people');
  const revision = await save(models, kitchenId, 'people', expectedRevision, people, {
    stored: likeStored(document as StoredPeople, peopleKey, people),
    read: (stored) => peopleBy(stored as StoredPeople, peopleKey),
  });
  return { revision, people };
}

/** What is to be bought for a kitchen. */
export async function readShopping(models: Models, kitchenId: string): Promise<ShoppingRecord> {
  const { revision, document } = await read(models, kitchenId, 'shopping');
  return { revision, shopping: document as ShoppingRecord['shopping'] };
}

export const saveShoppingOf = async (
  models: Models,
  kitchenId: string,
  { expectedRevision, shopping }: SaveShopping,
): Promise<ShoppingRecord> => ({
  revision: await save(models, kitchenId, 'shopping', expectedRevision, shopping),
  shopping,
});
