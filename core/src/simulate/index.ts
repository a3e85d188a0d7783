/** The simulator: runs the steps of a drink and keeps the mass balance of the pot. */
export { kitchenOptions } from './kitchen-options';
export { AS_WRITTEN, columnOf, drawnChance } from './chance';
export type { Chance, Column } from './chance';
export { Mixture } from './mixture';
export { imbalance, massBalance } from './mass-balance';
export type { MassBalance } from './mass-balance';
export { accountedMass, potVolume } from './pot-picture';
export type { Pot, PotEntry, Sediment } from './pot-picture';
export type { WorkingPot } from './pot';
export { POT_PARTS, potContents } from './pot-contents';
export type { PotContents, PotPart } from './pot-contents';
export { addRemains, solidMass } from './solid';
export { preparationRuns, runInPot, runSteps } from './run-steps';
export { PREPARATION_BUDGET } from './preparation';
export type { PreparationLibrary, Scope } from './step-run';
export type { Measured } from './run-steps';
export type { RunOptions, StepProblem, Trace, TraceEntry } from './trace';
export type { FilledContainer, StepNote, StoragePlace } from './step-run';
