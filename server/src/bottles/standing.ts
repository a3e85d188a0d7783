import { bottleUseBy, type BottleKeeping, type ShelfPlace, type Stand } from '@wellhydra/core/keeping';

/** A bottle as far as its date goes by it, as it is stored. */
interface StoredHistory {
  readonly madeAt: Date;
  readonly stands: readonly Stand[];
  readonly openedAt: Date | null;
}

/** Where a bottle stands and has stood, and until when it is to be used up: the columns that change together. */
export function standing(keeping: BottleKeeping, { madeAt, stands, openedAt }: StoredHistory) {
  const history = { madeAt: madeAt.toISOString(), stands, openedAt: openedAt?.toISOString() ?? null };
  return {
    place: (stands.at(-1) as Stand).place as ShelfPlace,
    stands,
    useBy: new Date(bottleUseBy(keeping, history).useBy),
  };
}

/** Where a bottle has stood; one that was never moved has stood in its place since it was filled. */
export const standsOf = (bottle: {
  readonly stands: readonly Stand[] | null;
  readonly place: ShelfPlace;
  readonly madeAt: Date;
}): readonly Stand[] => bottle.stands ?? [{ place: bottle.place, since: bottle.madeAt.toISOString() }];
