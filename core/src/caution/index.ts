/** Rules that fire on a drink: what can hurt, whom, and who says so. */
export type { AddedMinerals, Caution, CautionContext, CautionRule, Severity } from './caution';
export { cautionsOf } from './cautions-of';
export { DOSE_LINES, doseLinesFor } from './dose-lines';
export type { DoseLine } from './dose-lines';
export { isMineral } from './in-the-drink';
export { CASSIA, COUMARIN, DAISY_FAMILY, GRAPEFRUIT_KIN, NOT_IN_PREGNANCY } from './plants';
export { REHYDRATION_SODIUM, dilutionWater } from './rehydration-dilution';
export { CAUTION_RULES } from './rules/all-rules';
