/** What a kitchen cooks with and where: pots, burners, rooms; what happens in them is `process`. */
export { BURNERS, FUELS, burnerDraws } from './burners';
export type { Fuel } from './burners';
export { DEFAULT_KITCHEN } from './kitchen';
export type { Habits, Kitchen } from './kitchen';
export { COOKING_POTS, potOfWidth } from './pots';
export type { CookingPot } from './pots';
