/** Where a bottle can stand. Apart from the schemas, so that a page can list them without the checking library. */
export const PLACES = ['fridge', 'cool-room', 'cupboard'] as const;
export type Place = (typeof PLACES)[number];
