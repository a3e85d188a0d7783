import type { Session } from '@wellhydra/contract';
import { takeOverOldStorage } from './legacy';
import { ownerEntered, ownerOf, storageFailed } from './owner';
import { NO_ROWS, rowsOf } from './vault';

/**
 * Lets somebody in with what this device has kept for them; where nothing can be kept they come in all the same.
 *
 * @param session who is in
 * @param dispatch of the store
 */
export async function enter(session: Session, dispatch: (action: never) => unknown): Promise<void> {
  const owner = ownerOf(session);
  try {
    await takeOverOldStorage(owner);
    dispatch(ownerEntered({ owner, rows: await rowsOf(owner) }) as never);
  } catch {
    dispatch(ownerEntered({ owner, rows: NO_ROWS }) as never);
    dispatch(storageFailed() as never);
  }
}
