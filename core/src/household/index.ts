/** The people of a kitchen as they are kept: who they are, what they take for days, how they fare. Nothing that reckons with drinks. */
export { AGE_GROUPS, BIRTH_MONTH, ageOf, ageWords } from './age';
export type { Age, AgeGroup } from './age';
export { FACTS, FACT_CODES, MEDICINES } from './fact';
export type { FactAbout, FactCode } from './fact';
export { HOUSEHOLD_LIMITS, NOBODY, householdOf, madeForOf, withMadeFor, withRow, withoutPerson } from './household';
export type { Household, MadeFor } from './household';
export { is, personAt, under } from './person';
export type { OwnLine, Person, PersonNow } from './person';
export { DANGER_SIGNS, afterStool, sheetStanding, withEntry } from './rehydration-sheet';
export type { DangerSign, RehydrationSheet, SheetEntry, SheetStanding } from './rehydration-sheet';
export { doseKey, doseStandings, runOut, runOutAtPace, spoonDoses, withSkipped } from './spoon-plan';
export type { Dose, DoseIs, RunOut, SpoonPhase, SpoonPlan } from './spoon-plan';
export type { KeptSweatTest, SweatTest } from './sweat-record';
