/** What tastings of many brews tell of their amounts, how little that is, and what to change next. */
export { LEAST_TRIES, factorsOf, nextTrial, studentWithin, whatWentWell } from './what-went-well';
export type { Factor, Liked, NextTrial, TriedBrew, WentWell } from './what-went-well';
