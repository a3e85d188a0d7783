/** What members of a kitchen may do: whoever owns it says who is in it, too. */
export const ROLES = ['owner', 'maker'] as const;
export type Role = (typeof ROLES)[number];
