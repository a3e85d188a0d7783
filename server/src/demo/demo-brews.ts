import type { Place } from '@wellhydra/contract';

/** A making of a demo drink: how long ago, what it filled, and how often each bottle was poured from since. */
export interface DemoBrew {
  readonly drink: string;
  readonly hoursAgo: number;
  readonly bottles: readonly { readonly volume_mL: number; readonly place: Place; readonly pours: number }[];
}

const bottle = (volume_mL: number, place: Place, pours = 0) => ({ volume_mL, place, pours });

export const DEMO_BREWS: readonly DemoBrew[] = [
  { drink: 'fogbank', hoursAgo: 24 * 2, bottles: [bottle(300, 'fridge', 6), bottle(300, 'fridge')] },
  { drink: 'hibiscus', hoursAgo: 20, bottles: [bottle(750, 'fridge', 2)] },
  { drink: 'oxymel', hoursAgo: 24 * 16, bottles: [bottle(250, 'cool-room', 5), bottle(230, 'fridge')] },
  { drink: 'salts', hoursAgo: 24 * 40, bottles: [bottle(260, 'cupboard', 11)] },
  { drink: 'lime', hoursAgo: 24 * 21, bottles: [bottle(250, 'fridge', 9), bottle(250, 'fridge')] },
  { drink: 'cherry', hoursAgo: 24 * 5, bottles: [bottle(300, 'fridge', 4), bottle(250, 'fridge', 1)] },
  { drink: 'watch', hoursAgo: 27, bottles: [bottle(750, 'fridge', 3)] },
  { drink: 'dawn', hoursAgo: 9, bottles: [bottle(500, 'fridge'), bottle(500, 'fridge', 1)] },
  { drink: 'light', hoursAgo: 7, bottles: [bottle(500, 'fridge'), bottle(500, 'cool-room')] },
  { drink: 'cucumber', hoursAgo: 5, bottles: [bottle(750, 'fridge', 2), bottle(750, 'fridge')] },
  { drink: 'pilot', hoursAgo: 4, bottles: [bottle(1000, 'fridge', 1)] },
  { drink: 'rehydration', hoursAgo: 3, bottles: [bottle(1000, 'fridge', 2)] },
  { drink: 'coconut', hoursAgo: 2, bottles: [bottle(700, 'fridge'), bottle(700, 'fridge')] },
];
