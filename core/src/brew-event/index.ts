/** What can happen to a brew and what can be read off it: light, for everything that only passes it on. */
export { READING_RANGES, READ_QUANTITIES } from './brew-event';
export type { BrewEvent, BrewHappening, ReadQuantity } from './brew-event';
