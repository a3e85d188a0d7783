import {
  fahrenheitFromCelsius,
  formatMass,
  formatNumber,
  formatUsMass,
  formatUsVolume,
  formatVolume,
} from '@wellhydra/core/quantity';
import { readsUs } from '../../state/units-choice';

/** Amounts as this kitchen reads them. */
export const showVolume = (volume_mL: number): string =>
  readsUs() ? formatUsVolume(volume_mL) : formatVolume(volume_mL);
export const showMass = (mass_g: number): string => (readsUs() ? formatUsMass(mass_g) : formatMass(mass_g));
/** A portion of a drink; of a dry mix, which is kept and served by mass, its mass. */
export const showPortion = (amount: number, dry: boolean): string => (dry ? showMass(amount) : showVolume(amount));
export const showTemperature = (temperature_C: number): string =>
  readsUs()
    ? `${Math.round(fahrenheitFromCelsius(temperature_C))} °F`
    : `${formatNumber(Math.round(temperature_C))} °C`;
