/** Wanted compositions: what to aim at, the band that counts as met, and who says so. */
export { bandPosition } from './acceptance-window';
export type { BandPosition } from './acceptance-window';
export type { Target, TargetBand, TargetFigure } from './target';
export { TARGETS, targetByCode, targetFor } from './targets';
