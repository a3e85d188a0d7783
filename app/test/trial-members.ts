import type { Role } from '@wellhydra/contract/roles';

/** A kitchen with an owner, a maker and a drinker. */

/** Which of the people the drinker is. */
export const PIA = '11111111-1111-4111-8111-111111111111';
const MEMBERS = [
  { id: 'i', name: 'Ines', email: 'ines@example.test', role: 'owner' as const, personId: null },
  { id: 'w', name: 'Wilf', email: 'wilf@example.test', role: 'maker' as const, personId: null },
  { id: 't', name: 'Tam', email: 'tam@example.test', role: 'drinker' as const, personId: PIA },
];
export const KITCHEN = {
  id: 'k',
  name: 'Galley',
  demo: false,
  invitation: 'ABCDEFGHJK',
  drinkerInvitation: 'KLMNPQRSTU',
  members: MEMBERS,
};
/** A member who is in. */
export const memberSession = (id: string, role: Role) => ({
  account: { id, name: id, email: `${id}@example.test` },
  kitchen: { id: 'k', name: 'Galley', demo: false, role },
});
