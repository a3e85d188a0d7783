import { readDurable, writeDurable } from './durable';

/** The units a kitchen reads in. */
export type Units = 'metric' | 'us';

/**
 * Like the language of a page this is one thing for all that is shown, so it stands here and not in every
 * signature; what is typed says its unit itself and is read in any.
 */
let chosen: Units = 'metric';

export function unitsChosen(units: Units): void {
  chosen = units;
}

export const readsUs = (): boolean => chosen === 'us';

const UNITS_KEY = 'wellhydra.units';
/** The units this device has last drawn in. */
export const lastUnits = (): Units | undefined => readDurable<Units>(UNITS_KEY);
export const rememberUnits = (units: Units): void => writeDurable(UNITS_KEY, units);
/** Somebody else comes in, perhaps to another kitchen. */
export const forgetUnits = (): void => writeDurable(UNITS_KEY, undefined);
