/** What a drink means for people: rules that name them, what they take in, their lines a day, what makes up for sweat. */
export { dailyLines, lineRow, linesCrossedBy, LINE_ROWS, standing, weightOf } from './daily-lines';
export type { DailyLine, LineStanding } from './daily-lines';
export { drinkFactsOf } from './drink-facts';
export type { DrinkFacts } from './drink-facts';
export { glassAdditions } from './glass-additions';
export type { GlassAdditions } from './glass-additions';
export { NO_INTAKE, intakeOf, intakeSum, plantFamily } from './intake';
export type { Intake } from './intake';
export { namedCautions, namedSummary, namesTogether, personCautions } from './person-cautions';
export type { NamedCaution, PersonCaution } from './person-cautions';
export type { PersonRule } from './person-rule';
export { ALLERGENS, FROM_ANIMALS } from './rules/choice-rules';
export { PERSON_RULES } from './rules/all-rules';
export { readSpoonPlan } from './read-spoon-plan';
export type { ReadSpoonPlan } from './read-spoon-plan';
export { MOST_AN_HOUR_L, replacement, sweatTest } from './sweat-test';
export type { Replacement, SweatResult } from './sweat-test';
