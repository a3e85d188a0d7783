import { TIME_UNITS_min } from '../../quantity';

/** Minutes of a unit of time, by its words: those of a step, and those that people say besides. */
export const TIME_UNITS: Readonly<Record<string, number>> = {
  ...TIME_UNITS_min,
  m: 1,
  night: 600,
  nights: 600,
  wk: 10080,
  wks: 10080,
  month: 43200,
  months: 43200,
};

/** Lengths of time that are said without a number, as they are written in a step. */
export const TIME_PHRASES: readonly (readonly [string, string])[] = [
  ['half a day', '12 h'],
  ['half day', '12 h'],
  ['a full day', '24 h'],
  ['full day', '24 h'],
  ['all day', '10 h'],
  ['all night', '10 h'],
  ['over night', '10 h'],
  ['overnight', '10 h'],
  ['the night', '10 h'],
  ['until morning', '10 h'],
  ['until breakfast', '10 h'],
  ['until tomorrow', '14 h'],
  ['until the next day', '14 h'],
  ['until next day', '14 h'],
  ['half an hour', '30 min'],
  ['half hour', '30 min'],
  ['quarter of an hour', '15 min'],
  ['an hour and a half', '90 min'],
  ['a fortnight', '14 days'],
  ['fortnight', '14 days'],
];

/** Units that a step writes in another way. */
export const PLAIN_UNITS: Readonly<Record<string, string>> = { wk: 'weeks', wks: 'weeks', m: 'min' };

/** Words between a number and its unit of time that change nothing. */
export const LONG_WORDS: ReadonlySet<string> = new Set('full whole good more extra further solid long'.split(' '));
