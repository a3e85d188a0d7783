import type { Session } from '@wellhydra/contract';
import { useEffect } from 'react';
import { forgetSeen } from '../../state/sync/seen';
import { readDurable, writeDurable } from '../../state/durable';

const SESSION_KEY = 'wellhydra.session';
/** The answer that says that nobody is signed in. */
const NOBODY = 'not-signed-in';

/** Whoever was in last on this device. */
export const knownSession = (): Session | undefined => readDurable<Session>(SESSION_KEY);

/** Whoever was in last is not let in without the server any more, and nothing is kept of what they saw. */
export function forgetSession(): void {
  writeDurable(SESSION_KEY, undefined);
  void forgetSeen();
}

/**
 * Who is in: as the server says, and while it says nothing, whoever was in last on this device.
 *
 * @param data what the server said
 * @param code why it said nothing
 */
export function useKnownSession(data: Session | undefined, code: string | null): Session | undefined {
  useEffect(() => {
    if (data) writeDurable(SESSION_KEY, data);
    else if (code === NOBODY) forgetSession();
  }, [data, code]);
  if (data) return data;
  return code !== null && code !== NOBODY ? knownSession() : undefined;
}
