import { isDeepStrictEqual } from 'node:util';
import type { KitchenSettingsRecord, SaveKitchenSettings } from '@wellhydra/contract';
import type { Models } from '../database/models';
import { Problem } from '../problem';

/** What a kitchen has said about itself. */
export async function readSettings(models: Models, kitchenId: string): Promise<KitchenSettingsRecord> {
  const kitchen = await models.kitchens.findByPk(kitchenId, { attributes: ['settings', 'settingsRevision'] });
  if (!kitchen) throw new Problem('not-found');
  return { revision: kitchen.settingsRevision, settings: kitchen.settings };
}

/**
 * Stores the settings as the next revision; an edit that started from an older one changes nothing and is
 * answered with the revision they have now. Sending the same again does no harm.
 */
export async function saveSettings(
  models: Models,
  kitchenId: string,
  { expectedRevision, settings }: SaveKitchenSettings,
): Promise<KitchenSettingsRecord> {
  const [changed] = await models.kitchens.update(
    { settings, settingsRevision: expectedRevision + 1 },
    { where: { id: kitchenId, settingsRevision: expectedRevision } },
  );
  const now = await readSettings(models, kitchenId);
  if (changed === 0 && !isDeepStrictEqual(now.settings, settings))
    throw new Problem('edited-elsewhere', { revision: now.revision });
  return now;
}
