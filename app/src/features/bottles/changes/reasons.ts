/** Why a bottle is thrown away, as it is chosen. */
export const REASONS = [
  'Past its date',
  'Fuzz, film, gas or an odd smell',
  'Broke or was spilled',
  'Nobody likes it',
  'Another reason',
] as const;
export type Reason = (typeof REASONS)[number];
