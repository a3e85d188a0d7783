/** The places there are, in the order of the bar; a phone has room for the first ones, and the others behind More. */
export const PLACES = [
  { href: '/today', label: 'Today', covers: ['/today', '/plan'] },
  { href: '/drinks', label: 'Drinks', covers: ['/drinks'] },
  { href: '/shelf', label: 'Shelf', covers: ['/shelf', '/bottles'] },
  { href: '/people', label: 'People', covers: ['/people'] },
  { href: '/stores', label: 'Stores', covers: ['/stores'] },
  { href: '/logbook', label: 'Logbook', covers: ['/logbook'] },
  { href: '/check', label: 'Check', covers: ['/check'] },
  { href: '/kitchen', label: 'Kitchen', covers: ['/kitchen', '/words', '/practice'] },
] as const;
export type PlaceRow = (typeof PLACES)[number];

/** So many stand in the bar of a phone. */
const IN_BAR = 4;
export const BAR_PLACES = PLACES.slice(0, IN_BAR);
export const MORE_PLACES = PLACES.slice(IN_BAR);

/** Whether an address lies in a place. */
export const isIn = ({ covers }: PlaceRow, path: string): boolean =>
  covers.some((prefix) => path === prefix || path.startsWith(`${prefix}/`));
