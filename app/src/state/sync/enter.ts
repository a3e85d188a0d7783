import type { Session } from '@wellhydra/contract';
import { readDurable, writeDurable } from '../durable';
import { loadLegacy } from './load-legacy';
import { ownerEntered, ownerOf, storageFailed } from './owner';
import { NO_ROWS, rowsOf, type Owner, type Rows } from './vault';

/** Where earlier versions of the application kept whose words were not yet sent: they knew kitchens, and no accounts. */
const OLD_KITCHEN = 'wellhydra.kitchen';

/** Where it cannot be done now it stays for the next time. */
async function takeOver(owner: Owner): Promise<void> {
  const kitchen = readDurable<string>(OLD_KITCHEN);
  if (kitchen === undefined || !owner.endsWith(`/${kitchen}`)) return;
  await loadLegacy()
    .then(({ takeOverOldStorage }) => takeOverOldStorage(owner))
    .then(() => writeDurable(OLD_KITCHEN, undefined))
    .catch(() => undefined);
}

async function keptFor(owner: Owner): Promise<Rows | null> {
  await takeOver(owner);
  return rowsOf(owner).catch(() => null);
}

/**
 * Lets somebody in with what this device has kept for them; where nothing can be kept they come in all the same.
 *
 * @param session who is in
 * @param dispatch of the store
 * @param isStillAsked whether nobody has been let in meanwhile: what they have typed since would be taken away by what
 *   was kept before it
 */
export async function enter(
  session: Session,
  dispatch: (action: never) => unknown,
  isStillAsked: () => boolean,
): Promise<void> {
  const owner = ownerOf(session);
  const rows = await keptFor(owner);
  if (!isStillAsked()) return;
  dispatch(ownerEntered({ owner, rows: rows ?? NO_ROWS }) as never);
  if (!rows) dispatch(storageFailed() as never);
}
