/**
 * What a tab has changed in a list, applied to the list that all tabs of a device share: what others have
 * added, changed or removed meanwhile stays as they left it.
 */
export function withChanges<Item>(
  shared: readonly Item[],
  { before, after, idOf }: { before: readonly Item[]; after: readonly Item[]; idOf: (item: Item) => string },
): readonly Item[] {
  const was = new Map(before.map((item) => [idOf(item), item]));
  const is = new Map(after.map((item) => [idOf(item), item]));
  const there = new Set(shared.map(idOf));
  const kept = shared.flatMap((item): Item[] => {
    const [old, own] = [was.get(idOf(item)), is.get(idOf(item))];
    if (own === undefined) return old === undefined ? [item] : [];
    return [own === old ? item : own];
  });
  return [...kept, ...after.filter((item) => !there.has(idOf(item)) && was.get(idOf(item)) !== item)];
}
