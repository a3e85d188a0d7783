import { rowOf } from '../lookup';
import type { DrinkStep } from '../drink';
import { potOfWidth, type CookingPot, type Kitchen } from '../equipment';
import { LIDS, type Lid } from '../process';
import { nearestNames, unreadable, type Unreadable, readDuration, scanNumber } from '../quantity';

const plain = (text: string): string => text.trim().toLowerCase();

/** The lid of a step; what the verb takes where none is named. */
export function readLid(step: DrinkStep, usual: Lid): Lid | Unreadable {
  if (step.lid === undefined) return usual;
  const word = plain(step.lid).replace(/^lid /, '');
  return rowOf(LIDS, word) !== undefined
    ? (word as Lid)
    : unreadable('unknown-word', step.lid, 'A lid is on, ajar or off.', ['on', 'ajar', 'off']);
}

/** Net power of the burner of a step, W: a burner by name, or watts that reach the pot. */
export function readBurner(step: DrinkStep, kitchen: Kitchen): number | Unreadable {
  if (step.burner === undefined) return kitchen.burners[kitchen.burner]!;
  const word = plain(step.burner);
  const known = rowOf(kitchen.burners, word);
  if (known !== undefined) return known;
  const number = scanNumber(word, 0);
  const unit = number ? word.slice(number.end).trim() : '';
  if (number && number.low > 0 && (unit === 'w' || unit === 'kw')) return number.low * (unit === 'kw' ? 1000 : 1);
  const names = Object.keys(kitchen.burners);
  return unreadable(
    'unknown-word',
    step.burner,
    `A burner is ${names.join(', ')}, or watts that reach the pot, such as 600 W.`,
    nearestNames(word, names, 3),
  );
}

/** A pot, and whether the step asked for it by name. */
export interface ChosenPot {
  readonly pot: CookingPot;
  readonly named: boolean;
}

/** A pot that is fuller than this is too full to simmer, share of what it holds. */
const FULL = 0.8;

/** The pot of a step: the one named, or the kitchen's own or the next that holds what is in it. */
export function readPot(step: DrinkStep, kitchen: Kitchen, volume_mL: number): ChosenPot | Unreadable {
  if (step.pot === undefined) {
    const usual = kitchen.pots[kitchen.pot]!;
    const fits = (pot: CookingPot) => volume_mL <= FULL * pot.holds_mL;
    if (fits(usual)) return { pot: usual, named: false };
    const bySize = Object.values(kitchen.pots).sort((a, b) => a.holds_mL - b.holds_mL);
    return { pot: bySize.find(fits) ?? bySize.at(-1)!, named: false };
  }
  const word = plain(step.pot);
  const known = rowOf(kitchen.pots, word);
  if (known) return { pot: known, named: true };
  const number = scanNumber(word, 0);
  if (number && /^ ?cm\b/.test(word.slice(number.end))) {
    const diameter_m = number.low / 100;
    if (diameter_m >= 0.08 && diameter_m <= 0.6) return { pot: potOfWidth(diameter_m), named: true };
  }
  const names = Object.keys(kitchen.pots);
  return unreadable(
    'unknown-word',
    step.pot,
    `A pot is ${names.join(', ')}, or its width, such as 20 cm pot.`,
    nearestNames(word, names, 3),
  );
}

/** What a temperature in words means. */
export interface TemperatureMarks {
  readonly room_C: number;
  readonly fridge_C: number;
  readonly simmer_C: number;
  readonly boil_C: number;
}

/**
 * Reads a temperature: "to 70 °C", "160 °F", "to boil", "to room".
 *
 * @returns °C between -30 and 150
 */
export function readTemperature(written: string, marks: TemperatureMarks): number | Unreadable {
  const text = plain(written)
    .replace(/^(?:to|at) /, '')
    .replace(/^(?:a|the) /, '');
  if (/^(?:full |rolling |gentle )?boil(?:ing)?(?: point)?$/.test(text)) return marks.boil_C;
  if (/^(?:bare |gentle )?simmer(?:ing)?$/.test(text)) return marks.simmer_C;
  if (/^room(?: temperature)?$/.test(text)) return marks.room_C;
  if (/^(?:fridge(?: temperature| cold)?|cold)$/.test(text)) return marks.fridge_C;
  const match = /^(-?\d+(?:[.,]\d+)?) ?(°? ?[cf]|degrees(?: [cf])?|celsius|fahrenheit|°)?$/.exec(text);
  if (!match)
    return unreadable('no-amount', written, 'Write a temperature, such as "to 70 °C", "to boil" or "to room".', [
      'to 70 °C',
      'to boil',
    ]);
  const value = Number(match[1]!.replace(',', '.'));
  const unit = match[2] ?? '';
  if (!/[cf]/.test(unit))
    return unreadable('unknown-unit', written, `Say whether ${value} is °C or °F.`, [
      `to ${value} °C`,
      `to ${value} °F`,
    ]);
  const celsius = /f/.test(unit) && !/celsius/.test(unit) ? (value - 32) / 1.8 : value;
  return celsius >= -30 && celsius <= 150
    ? celsius
    : unreadable('unit-mismatch', written, 'A drink is between -30 and 150 °C. Check the number and the unit.');
}

/** A time that must be there: "35 min". */
export function readMinutes(text: string): number | Unreadable {
  const duration = readDuration(text);
  return duration.kind === 'unreadable' ? duration : duration.minutes;
}

/** A time that may be left out. */
export function readOptionalMinutes(text: string, usual: number): number | Unreadable {
  return text.trim() === '' ? usual : readMinutes(text);
}
