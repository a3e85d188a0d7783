/** The simulator: runs the steps of a drink and keeps the mass balance of the pot. */
export { accountedMass, potOf, potVolume } from './pot';
export type { Pot, PotEntry, Sediment } from './pot';
export { ROOM_TEMPERATURE_C, STEP_MINUTES, runSteps } from './run-steps';
export type { StepProblem, Trace, TraceEntry } from './run-steps';
