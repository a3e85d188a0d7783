import type { KitchenDetails } from '@wellhydra/contract';
import type { MemberDeeds } from './member-sending';

/** Something that was done about members, as it waits. */
export type MemberDeed = {
  [Kind in keyof MemberDeeds]: { readonly kind: Kind; readonly body: MemberDeeds[Kind] };
}[keyof MemberDeeds];

/**
 * A kitchen with what was done to its members here. Who is to be taken out is in it, and what lets people in does so,
 * until the server has heard of it.
 */
export function kitchenAfter(kitchen: KitchenDetails, deed: MemberDeed): KitchenDetails {
  if (deed.kind !== 'role-changed') return kitchen;
  const { id, role, personId } = deed.body;
  return {
    ...kitchen,
    members: kitchen.members.map((member) =>
      member.id === id
        ? {
            ...member,
            role,
            personId: role === 'drinker' ? (personId === undefined ? member.personId : personId) : null,
          }
        : member,
    ),
  };
}
