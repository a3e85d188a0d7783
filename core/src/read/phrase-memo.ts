import type { Token } from './tokens';

/** So many phrases are remembered: those of a line or two. */
const MOST = 200;

/**
 * Remembers what was found in a phrase: everything that splits and joins it asks again. A phrase may have grown since,
 * so its length is remembered, too. A plain map that is emptied now and then is quicker than a weak one.
 */
export function phraseMemo<Found>(find: (tokens: readonly Token[]) => Found): (tokens: readonly Token[]) => Found {
  const known = new Map<readonly Token[], { readonly length: number; readonly found: Found }>();
  return (tokens) => {
    const before = known.get(tokens);
    if (before?.length === tokens.length) return before.found;
    const found = find(tokens);
    if (known.size >= MOST) known.clear();
    known.set(tokens, { length: tokens.length, found });
    return found;
  };
}
