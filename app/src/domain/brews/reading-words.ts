import type { ReadQuantity } from '@wellhydra/core/brew';
import {
  FLUID_OUNCE_mL,
  OUNCE_g,
  celsiusFromFahrenheit,
  durationWords,
  fahrenheitFromCelsius,
  formatNumber,
} from '@wellhydra/core/quantity';
import { readsUs } from '../../state/units-choice';
import { showMass, showVolume } from '../words/units';
import { QUANTITIES, SCALES } from './step-guide';

/** The unit a number without one is read in, and the way between it and what is stored. */
interface ReadingUnit {
  readonly unit: string;
  readonly stored: (shown: number) => number;
  readonly shown: (stored: number) => number;
}

const same = (value: number): number => value;
const times = (unit: string, size: number): ReadingUnit => ({
  unit,
  stored: (shown) => shown * size,
  shown: (stored) => stored / size,
});
const US_UNITS: Readonly<Partial<Record<ReadQuantity, ReadingUnit>>> = {
  volume_mL: times('fl oz', FLUID_OUNCE_mL),
  mass_g: times('oz', OUNCE_g),
  temperature_C: { unit: '°F', stored: celsiusFromFahrenheit, shown: fahrenheitFromCelsius },
};

export const readingUnit = (quantity: ReadQuantity): ReadingUnit =>
  (readsUs() ? US_UNITS[quantity] : undefined) ?? { unit: QUANTITIES[quantity].unit, stored: same, shown: same };

/** A number of a quantity with its unit. */
export function quantityWords(quantity: ReadQuantity, value: number): string {
  const scale = SCALES[quantity];
  if (scale) return scale[Math.round(value) - 1] ?? '';
  if (quantity === 'volume_mL') return showVolume(value);
  if (quantity === 'mass_g') return showMass(value);
  if (quantity === 'minutes') return durationWords(value);
  if (quantity === 'pH') return `pH ${value.toFixed(1)}`;
  const { unit, shown } = readingUnit(quantity);
  return `${formatNumber(readsUs() ? Number(shown(value).toFixed(1)) : value)} ${unit}`;
}
