import { useState } from 'react';

interface Asked {
  readonly data?: unknown;
  readonly error?: unknown;
}

/** Whether queries are answered, or known not to be. */
export const areAnswered = (...queries: readonly Asked[]): boolean =>
  queries.every(({ data, error }) => data !== undefined || error !== undefined);

/**
 * Whether something that a page waits for has come: what stands below something that is still to come would move away
 * from under a finger. Once it has come it stays so: what somebody works on is not taken away because it is asked anew.
 */
export function useOnce(has: boolean): boolean {
  const [once, setOnce] = useState(has);
  if (has && !once) setOnce(true);
  return once || has;
}
