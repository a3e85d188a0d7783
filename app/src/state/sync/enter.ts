import type { Session } from '@wellhydra/contract';
import { takeOverOldStorage } from './legacy';
import { ownerEntered, ownerOf, storageFailed } from './owner';
import { NO_ROWS, rowsOf, type Owner, type Rows } from './vault';

async function keptFor(owner: Owner): Promise<Rows | null> {
  try {
    await takeOverOldStorage(owner);
    return await rowsOf(owner);
  } catch {
    return null;
  }
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
