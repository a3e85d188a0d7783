import type { Analysis } from '@wellhydra/core/analyse';
import { VERB_TABLE, needsStove, type DrinkStep } from '@wellhydra/core/drink';
import { durationWords, formatNumber } from '@wellhydra/core/quantity';
import { showMass, showVolume, showTemperature } from './units';
import { doseWords, nameBeside } from './dose-words';

type Entry = Analysis['trace']['entries'][number];

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** A heading as part of a sentence; a unit in it stays as it is written. */
export const inSentence = (heading: string): string => heading.charAt(0).toLowerCase() + heading.slice(1);

/** Strainers that are a way of doing it and not a thing to pour through. */
const WAYS = new Set(['drain', 'press']);

/** A step as the heading of its row. */
export function stepTitle({ verb, text }: DrinkStep): string {
  const value = text.trim();
  if (verb === 'add') return capital(value) || 'Nothing written yet';
  if (verb === 'strain' && (value === '' || WAYS.has(value))) return value === 'press' ? 'Strain and press' : 'Strain';
  if (verb === 'stir' && value === '') return 'Stir until dissolved';
  return [VERB_TABLE[verb].title, value].filter(Boolean).join(' ');
}

const PLACES: Readonly<Record<string, string>> = {
  'off heat': 'off the heat',
  room: 'at room temperature',
  fridge: 'in the fridge',
};

/** Lid, pot, burner, place: what else a step says. */
export function qualifierWords(step: DrinkStep): string {
  const { lid, pot, burner, at, as, headspace, method, altitude, loadLimit } = step;
  return [
    lid && `lid ${lid}`,
    pot && `in ${pot}`,
    burner && `on ${burner}`,
    at && (PLACES[at.toLowerCase()] ?? (/^-?\d/.test(at) ? `at ${at}` : `in the ${at}`)),
    step.in && `in ${step.in}`,
    step.keepLiquid && 'the liquid is kept',
    step.gently && 'without wringing',
    step.eaten && 'eaten, too',
    as && `as ${as}`,
    headspace && `${headspace} headspace`,
    method,
    altitude && `at ${altitude}`,
    loadLimit && `in loads of ${loadLimit}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

const LEAST_g = 1;

/** Minutes of heating up before a simmer are worth saying from here. */
const WARMING_min = 2;

function timeWords({ verb, minutes, cooking_min, temperature_C }: Entry): string | undefined {
  const warming_min = cooking_min === undefined ? 0 : minutes - cooking_min;
  if (VERB_TABLE[verb].time === 'found')
    return `about ${durationWords(minutes)}${needsStove(verb) && warming_min >= WARMING_min ? `, ${durationWords(warming_min)} of it to the boil` : ''}`;
  if (needsStove(verb) && cooking_min !== undefined && minutes - cooking_min >= WARMING_min)
    return `and ${durationWords(minutes - cooking_min)} to get there`;
  if (VERB_TABLE[verb].group === 'Let stand' && minutes >= 1) return `ends at ${showTemperature(temperature_C)}`;
  return undefined;
}

/** What a step does: what it adds or what leaves, its time, and what else it says. */
export function stepDetails(step: DrinkStep, entry: Entry): string {
  const { line, added_g, steam_g, strained_g = 0, drawn_g = 0, volume_mL } = entry;
  return [
    line && added_g !== undefined && nameBeside(line, step.verb === 'add' ? step.text : (step.in ?? step.text)),
    line && added_g !== undefined && doseWords(line, added_g),
    qualifierWords(step),
    timeWords(entry),
    steam_g >= LEAST_g && `${showMass(steam_g)} leaves as steam`,
    strained_g >= LEAST_g &&
      `about ${showMass(strained_g)} stays behind${volume_mL === null ? '' : ` · ${showVolume(volume_mL)} comes through`}`,
    drawn_g >= LEAST_g && volume_mL !== null && `${showVolume(volume_mL)} stays in the pot`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** What is in the pot afterwards: mL once it pours, grams before. */
export function afterWords({ volume_mL, mass_g }: Entry): string {
  if (mass_g <= 0) return '';
  return volume_mL === null
    ? showMass(mass_g)
    : volume_mL >= 999.5
      ? `${formatNumber(volume_mL / 1000)} L`
      : showVolume(volume_mL);
}
