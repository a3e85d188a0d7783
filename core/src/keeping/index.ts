/** How long a drink keeps, where, and what holds it back. */
export { ACID_LINE_pH, WATER_ACTIVITY_LINE, acidSugarIndex, classifyKeeping, lowAcid } from './classify-keeping';
export { PASTEURISED_C, PLAIN_CONTENTS, contentsOf } from './contents';
export type { Contents } from './contents';
export type { KeepingProperties } from './keeping-properties';
export { KEEPING_NOTE, KEEPING_TIMES } from './keeping-classes';
export { STOOD_WARM_h, hoursWarm, spoilsWarm } from './hours-warm';
export { hotWaterMinutes } from './hot-water-process';
export type { ProcessedContent } from './hot-water-process';
export type { KeepingClass } from './keeping-classes';
export { closedDays, keepingOf, surelySour } from './keeping-of';
export { jarsAreTested, testedRecipe } from './tested-process';
export type { Keeping, KeepingPlace, Stored } from './keeping-of';
export { SHELF_PLACES, daysIn, movedTo, placesByKeeping, shelfPlace, bottleUseBy } from './bottle-use-by';
export type { BottleHistory, BottleKeeping, ShelfPlace, Stand, UseBy } from './bottle-use-by';
export { joinedHistory } from './joined-history';
export { VESSEL_SHAPES, shapeOf } from './vessel';
export type { Vessel, VesselShape } from './vessel';
