/** The places there are, in the order of the bar. */
export const PLACES = [
  { href: '/today', label: 'Today', covers: ['/today', '/plan'] },
  { href: '/drinks', label: 'Drinks', covers: ['/drinks'] },
  { href: '/shelf', label: 'Shelf', covers: ['/shelf', '/bottles'] },
  { href: '/check', label: 'Check', covers: ['/check'] },
  { href: '/kitchen', label: 'Kitchen', covers: ['/kitchen'] },
] as const;
