import type { ShelfPlace } from '@wellhydra/core/keeping';

/** Where a bottle can stand. Apart from the schemas, so that a page can list them without the checking library. */
export const PLACES = ['fridge', 'cool-room', 'cupboard', 'freezer'] as const satisfies readonly ShelfPlace[];
export type Place = ShelfPlace;
