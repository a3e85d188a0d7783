/**
 * Whether queries are answered, or known not to be. What stands below something that is still to come waits for it with
 * the rest of its page: else it would move away from under a finger.
 */
export const areAnswered = (...queries: readonly { readonly data?: unknown; readonly error?: unknown }[]): boolean =>
  queries.every(({ data, error }) => data !== undefined || error !== undefined);
