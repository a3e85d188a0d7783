/** Rules that fire on a drink: what can hurt, whom, and who says so. */
export type { Caution, CautionContext, CautionRule, Severity } from './caution';
export { cautionsOf } from './cautions-of';
export { isMineral } from './in-the-drink';
export { REHYDRATION_SODIUM, dilutionWater } from './rehydration-dilution';
export { CAUTION_RULES } from './rules/all-rules';
