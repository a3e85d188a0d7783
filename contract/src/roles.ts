/** What members of a kitchen may do: owners say who is in it, makers make drinks, drinkers see bottles and what is theirs. */
export const ROLES = ['owner', 'maker', 'drinker'] as const;
export type Role = (typeof ROLES)[number];
