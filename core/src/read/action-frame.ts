import type { DrinkStep, Verb } from '../drink';
import { COURTESY } from './en/noise';
import type { FoundAction } from './action-words';
import { valueOf } from './step-values';
import { slotsOf, type Slots } from './slots';
import type { Token } from './tokens';
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
/** Nobody knows when these are over unless it is said. */
export const UNTIMED = new Set<Verb>(['simmer', 'boil', 'steep', 'rest', 'infuse', 'soak']);
/** Words that nothing was made of and that could have mattered. */
export const unreadWords = (tokens: readonly Token[]): readonly string[] =>
  tokens
    .filter(
      ({ kind, text, article }) =>
        (kind === 'number' && !article) || (kind === 'word' && !COURTESY.has(text) && !FILLERS.has(text)),
    )
    .map(({ text }) => text);

/** Which verb a time without one means, and what verbs turn into with what stands around them. */
function settledVerb(found: FoundAction, slots: Slots): Verb {
  const { verb, words } = found.row;
  if (verb === 'store' && slots.time !== undefined && words === 'fridge') return 'infuse';
  if ((verb === 'rest' || verb === 'steep') && (slots.place === 'fridge' || slots.place === 'dark cupboard'))
    return 'infuse';
  if (verb === 'chill' && slots.minutes !== undefined) return 'rest';
  if (verb === 'press' && slots.through !== undefined && !words.includes('juicer')) return 'strain';
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
  const squeezed = verb === 'strain' && found.row.verb === 'press';
  const words = squeezed ? 'strain-press' : found.row.words;
  const made = valueOf({ ...found, row: { ...found.row, verb, words } }, slots);
  const more: Record<string, string | boolean> = {};
  if (slots.lid && LID_VERBS.has(verb)) more.lid = slots.lid;
  if (AT_VERBS.has(verb) && slots.place && slots.place !== 'freezer') more.at = slots.place;
  if (verb === 'rest' && found.row.verb === 'chill') more.at = 'fridge';
  const told: Record<string, string> = { ...made.told };
  if (/^(?:squeeze|wring)/.test(found.row.words)) told.how = 'squeezed';
  if (slots.lid) told.lid = slots.lid;
  if (slots.place) told.at = slots.place;
  if (slots.through) told.through = slots.through;
  return {
    step: { verb, text: made.text, ...more },
    minutes: slots.minutes ?? null,
    celsius: made.celsius ?? slots.celsius ?? null,
    relative: made.relative ?? null,
    with: told,
    // What is taken out takes no time: what is said of one belongs elsewhere.
    unread: [...unreadWords(slots.left), ...(verb === 'remove' && slots.time !== undefined ? [slots.time] : [])],
    ask:
      made.ask !== undefined
        ? made.ask
        : (found.row.ask ?? (UNTIMED.has(verb) && slots.minutes === undefined ? 'For how long?' : null)),
    ...(made.thing === undefined ? {} : { thing: made.thing }),
    ...(made.grams === undefined ? {} : { grams: made.grams }),
  };
}
