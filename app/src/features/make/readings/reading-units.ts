import { READING_RANGES, type ReadQuantity } from '@wellhydra/core/brew';
import {
  baseValue,
  celsiusFromFahrenheit,
  formatNumber,
  readAmount,
  readDuration,
  readIngredientLine,
  type LineOptions,
  type IngredientLine,
} from '@wellhydra/core/quantity';
import { readingUnit } from '../../../domain/brews/reading-words';
import { showMass, showVolume } from '../../../domain/words/units';

/** A reading as its box shows it, without its unit. */
export const readingText = (quantity: ReadQuantity, value: number): string =>
  String(Number(readingUnit(quantity).shown(value).toFixed(2)));

const numberOf = (text: string): number => (text === '' ? NaN : Number(text.replace(',', '.')));

/** A value with a unit of its own: "0.5 L", "113 °F", "1 h 10 min"; NaN where it says something else. */
function withUnit(quantity: ReadQuantity, text: string): number {
  if (quantity === 'temperature_C') {
    const [, number = '', scale = ''] = /^(-?[\d.,]+) ?°? ?([cf])$/i.exec(text) ?? [];
    return scale.toLowerCase() === 'f' ? celsiusFromFahrenheit(numberOf(number)) : numberOf(number);
  }
  if (quantity === 'minutes') {
    const read = readDuration(text);
    return read.kind === 'unreadable' ? NaN : read.minutes;
  }
  if (quantity === 'volume_mL' || quantity === 'mass_g') {
    const read = readAmount(text);
    const dimension = quantity === 'volume_mL' ? 'volume' : 'mass';
    return 'kind' in read || read.unit.dimension !== dimension ? NaN : baseValue(read);
  }
  return numberOf(text.replace(/^ph ?| ?(?:ph|°? ?brix|°? ?bx)$/i, ''));
}

/** Grams of what goes in, said as it was measured: "1 1/2 tsp", "3 level spoons", "half a lemon"; NaN for anything else. */
function asIngredient(typed: string, { ingredient }: IngredientLine, options: LineOptions): number {
  const name = ingredient.name.toLowerCase();
  const line = readIngredientLine(typed.toLowerCase().includes(name) ? typed : `${typed} ${name}`, options);
  return line.kind === 'read' && line.dose.kind === 'mass' ? line.dose.mass_g : NaN;
}

/**
 * What is typed as a reading: a number in its range, or why not. A number alone is in the unit beside the box; what goes
 * in can be said in spoons and pieces.
 */
export function readReading(
  quantity: ReadQuantity,
  typed: string,
  goesIn: IngredientLine | null = null,
  options: LineOptions = {},
): number | string {
  const text = typed.trim();
  const { unit, stored, shown } = readingUnit(quantity);
  const plain = numberOf(text);
  const said = Number.isNaN(plain) ? withUnit(quantity, text) : stored(plain);
  const value = Number.isNaN(said) && goesIn && quantity === 'mass_g' ? asIngredient(text, goesIn, options) : said;
  const [least, most] = READING_RANGES[quantity];
  if (value >= least && value <= most) return value;
  return `A number from ${formatNumber(shown(least))} to ${formatNumber(shown(most))} ${unit}.`;
}

/** How far a reading is from what was expected: "57 mL short", "15 °C more than expected". */
export function differenceWords(quantity: ReadQuantity, difference: number): string {
  const size = Math.abs(difference);
  const { unit, shown } = readingUnit(quantity);
  const words =
    quantity === 'volume_mL'
      ? showVolume(size)
      : quantity === 'mass_g'
        ? showMass(size)
        : // A difference of temperatures has no zero point.
          `${Math.round(Math.abs(shown(size) - shown(0)))} ${unit}`;
  return difference < 0 ? `${words} short` : `${words} more than expected`;
}
