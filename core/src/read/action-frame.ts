import type { DrinkStep, Verb } from '../drink';
import { PART_WORDS } from './en/numbers';
import { COURTESY } from './en/noise';
import type { FoundAction } from './action-words';
import { nameIn } from './names';
import { slotsOf, type Slots } from './slots';
import type { Token } from './tokens';
import { findIngredient } from '../catalogue';
import { readIngredientLine } from '../quantity';
import { FILLERS } from './en/actions';

/** A step that is no addition, as a phrase tells it. */
export interface ActionFrame {
  readonly step: DrinkStep;
  readonly minutes: number | null;
  readonly celsius: number | null;
  readonly relative: string | null;
  readonly with: Readonly<Record<string, string>>;
  readonly unread: readonly string[];
  readonly ask: string | null;
  /** What it is done with, and how much of it, where that is part of the step. */
  readonly thing?: string | null;
  readonly grams?: number | null;
}

const AT_VERBS = new Set<Verb>(['steep', 'rest', 'infuse']);
const LID_VERBS = new Set<Verb>(['simmer', 'boil', 'reduce', 'heat', 'steep']);
const TIMED = new Set<Verb>([
  'simmer',
  'boil',
  'steep',
  'rest',
  'infuse',
  'soak',
  'process',
  'freeze',
  'blend',
  'mash',
  'mill',
  'stir',
  'dissolve',
  'shake',
]);
/** Nobody knows when these are over unless it is said. */
const UNTIMED = new Set<Verb>(['simmer', 'boil', 'steep', 'rest', 'infuse', 'soak']);
const tidy = (value: number): string => String(Number(value.toPrecision(3)));

const wordsOf = (tokens: readonly Token[]): readonly string[] =>
  tokens.filter(({ kind }) => kind === 'word').map(({ text }) => text);

/** Words that nothing was made of and that could have mattered. */
export const unreadWords = (tokens: readonly Token[]): readonly string[] =>
  tokens
    .filter(
      ({ kind, text, article }) =>
        (kind === 'number' && !article) || (kind === 'word' && !COURTESY.has(text) && !FILLERS.has(text)),
    )
    .map(({ text }) => text);

/** How far a pot is reduced: "by half", "to a third is left", "to 500 mL". */
function reductionOf(slots: Slots): string | undefined {
  if (slots.amount) return `to ${slots.amount}`;
  const words = slots.left;
  const number = words.find(({ kind }) => kind === 'number');
  if (!number || number.low >= 1) return undefined;
  const by = words.some(({ text }) => text === 'by');
  const left = words.some(({ text }) => text === 'left' || text === 'remains');
  const share = by && !left && number.low !== 1 / 2 ? 1 - number.low : number.low;
  const named = Object.entries(PART_WORDS).find(([word, part]) => !word.endsWith('s') && Math.abs(part - share) < 1e-6);
  return `to ${named && named[0] !== 'eighth' ? named[0].replace(/^(?=third|quarter)/, 'a ') : `${tidy(share * 100)} %`}`;
}

/** "3 x 250 mL jars" as a step says what is filled. */
function containersOf(tokens: readonly Token[]): string | undefined {
  const numbers = tokens.filter(({ kind, article }) => kind === 'number' && !article);
  const thing = tokens.find(({ text }) => /^(?:bottle|jar|flask|carafe)s?$/.test(text))?.text ?? 'bottle';
  if (numbers.length === 0) return undefined;
  const unitAt = tokens.findIndex(
    ({ text }, index) =>
      index > 0 && /^(?:ml|l|litre|litres|cl|oz|floz|pint|pints)$/.test(text) && tokens[index - 1]!.kind === 'number',
  );
  if (unitAt < 0) return undefined;
  const size = `${tokens[unitAt - 1]!.text} ${tokens[unitAt]!.text}`;
  const count = numbers.length > 1 ? numbers[0]!.text : '1';
  return `${count} x ${size} ${thing}`;
}

interface Made {
  readonly text: string;
  readonly more?: Record<string, string | boolean>;
  readonly relative?: string;
  readonly celsius?: number;
  readonly ask?: string;
  readonly thing?: string;
  readonly grams?: number;
}

/** The value of a step from what stands around it, by verb. */
function valueOf(found: FoundAction, slots: Slots): Made {
  const { row } = found;
  const { verb } = row;
  if (TIMED.has(verb)) {
    const bare = slots.left.find(({ kind, article, low }) => kind === 'number' && !article && low >= 1);
    if (slots.time === undefined && bare && verb !== 'shake') {
      slots.time = `${bare.text} min`;
      slots.minutes = (bare.low + bare.high) / 2;
      slots.left.splice(slots.left.indexOf(bare), 1);
      return { text: slots.time, ask: verb === 'simmer' || verb === 'boil' ? undefined! : `${bare.text} minutes?` };
    }
  }
  switch (verb) {
    case 'heat': {
      if (row.value === 'to boil') return { text: row.value, celsius: 100 };
      if (row.value === 'to a simmer') return { text: row.value, celsius: 94 };
      if (slots.celsius !== undefined) return { text: `to ${tidy(slots.celsius)} °C`, celsius: slots.celsius };
      if (row.value) return { text: row.value };
      return { text: 'to 60 °C', ask: 'To what temperature?' };
    }
    case 'cool':
    case 'chill': {
      const celsius = slots.celsius ?? bareDegrees(slots);
      if (celsius !== undefined) return { text: `to ${tidy(celsius)} °C`, celsius };
      return { text: verb === 'chill' ? 'to 5 °C' : 'to room', celsius: verb === 'chill' ? 5 : 21 };
    }
    case 'reduce': {
      const mark = reductionOf(slots);
      if (mark !== undefined) {
        slots.left.splice(0, slots.left.length);
        return { text: mark, relative: mark };
      }
      return { text: 'to half', relative: 'to half', ask: 'How much should be left?' };
    }
    case 'strain':
      return { text: slots.through ?? '' };
    case 'remove': {
      const words = wordsOf(slots.left);
      const name = nameIn(words);
      slots.left.splice(0, slots.left.length);
      if (words.some((each) => /^teabags?$/.test(each))) return { text: 'solids', thing: 'tea bags' };
      if (words.includes('fruit')) return { text: 'solids', thing: 'fruit' };
      return name ? { text: name.name, thing: pieceNameOf(name.name) } : { text: 'solids', thing: 'solids' };
    }
    case 'store':
      return { text: slots.place === 'dark cupboard' ? 'cupboard' : (slots.place ?? 'fridge') };
    case 'draw':
      return slots.amount
        ? { text: slots.amount, grams: gramsOf(slots.amount) }
        : { text: 'half', ask: 'How much is drawn off?' };
    case 'rinsePass':
      return slots.amount
        ? { text: `${slots.amount} water`, thing: 'water', grams: gramsOf(slots.amount) }
        : { text: '500 mL water', thing: 'water', ask: 'How much water?' };
    case 'bottle': {
      const containers = containersOf(found.rest);
      return containers ? { text: containers } : { text: '1 x 500 mL bottle', ask: row.ask! };
    }
    case 'carbonate':
      return { text: `with ${slots.amount ?? '1 L'} sparkling water` };
    case 'press':
      return { text: /juicer/.test(row.words) ? 'juicer' : 'hand press' };
    case 'skim':
    case 'wash':
      return { text: '' };
    default:
      return { text: slots.time ?? '' };
  }
}

/** What lies in the pot under a name: of a spice its sticks, pods and whole seeds. */
function pieceNameOf(name: string): string {
  const stick = findIngredient(`${name} stick`) ?? findIngredient(`whole ${name}`) ?? findIngredient(name);
  return (stick?.name ?? name).toLowerCase();
}

/** Grams of as much water. */
function gramsOf(amount: string): number {
  const line = readIngredientLine(`${amount} water`);
  return line.kind === 'read' && line.dose.kind === 'mass' ? line.dose.mass_g : 0;
}

/** "below 40": a number alone beside something that is cooled is degrees. */
function bareDegrees(slots: Slots): number | undefined {
  const at = slots.left.findIndex(({ kind, article }) => kind === 'number' && !article);
  if (at < 0) return undefined;
  const [number] = slots.left.splice(at, 1) as [Token];
  return number.low;
}

/** Which verb a time without one means, and what verbs turn into with what stands around them. */
function settledVerb(found: FoundAction, slots: Slots): Verb {
  const { verb, words } = found.row;
  if (verb === 'store' && slots.time !== undefined && words === 'fridge') return 'infuse';
  if ((verb === 'rest' || verb === 'steep') && (slots.place === 'fridge' || slots.place === 'dark cupboard'))
    return 'infuse';
  if (verb === 'chill' && slots.minutes !== undefined) return 'rest';
  if (
    verb === 'heat' &&
    slots.minutes !== undefined &&
    slots.celsius === undefined &&
    !found.row.value &&
    words !== 'microwave'
  )
    return 'simmer';
  return verb;
}

/** Reads an action with all that stands around it. */
export function actionFrame(found: FoundAction): ActionFrame {
  const slots = slotsOf(found.rest);
  const verb = settledVerb(found, slots);
  const made = valueOf({ ...found, row: { ...found.row, verb } }, slots);
  const more: Record<string, string | boolean> = { ...made.more };
  if (slots.lid && LID_VERBS.has(verb)) more.lid = slots.lid;
  if (AT_VERBS.has(verb) && slots.place && slots.place !== 'freezer') more.at = slots.place;
  if (verb === 'chill' && slots.place === 'fridge') slots.place = 'fridge';
  if (verb === 'rest' && found.row.verb === 'chill') more.at = 'fridge';
  const told: Record<string, string> = {};
  if (slots.lid) told.lid = slots.lid;
  if (slots.place) told.at = slots.place;
  if (slots.through) told.through = slots.through;
  return {
    step: { verb, text: made.text, ...more },
    minutes: slots.minutes ?? null,
    celsius: made.celsius ?? slots.celsius ?? null,
    relative: made.relative ?? null,
    with: told,
    unread: unreadWords(slots.left),
    ask: made.ask ?? found.row.ask ?? (UNTIMED.has(verb) && slots.minutes === undefined ? 'For how long?' : null),
    ...(made.thing === undefined ? {} : { thing: made.thing }),
    ...(made.grams === undefined ? {} : { grams: made.grams }),
  };
}
