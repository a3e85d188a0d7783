/** How long a drink keeps, where, and what holds it back. */
export { ACID_LINE_pH, WATER_ACTIVITY_LINE, acidSugarIndex, classifyKeeping, lowAcid } from './classify-keeping';
export type { KeepingProperties } from './classify-keeping';
export { KEEPING_NOTE, KEEPING_TIMES } from './keeping-classes';
export { hotWaterMinutes } from './hot-water-process';
export type { ProcessedContent } from './hot-water-process';
export type { KeepingClass } from './keeping-classes';
export { keepingOf } from './keeping-of';
export type { Keeping, KeepingPlace, Stored } from './keeping-of';
