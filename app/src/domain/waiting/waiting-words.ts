import type { BottleChange, BottleRecord, LotChange, Place, Role } from '@wellhydra/contract';
import type { BrewEvent } from '@wellhydra/core/brew';
import type { Entry } from '../../state/sync/queue';
import type { SessionDeeds } from '../accounts/session-sending';
import type { BottleDeeds } from '../bottles/bottle-sending';
import type { LabelDeeds } from '../bottles/label-sending';
import type { DrinkDeeds } from '../drinks/drink-sending';
import type { HabitDeeds } from '../kitchen/habit-sending';
import type { MemberDeeds } from '../kitchen/member-sending';
import type { LogbookDeeds } from '../logbook/logbook-sending';
import type { LotDeeds } from '../stores/lot-sending';
import { showMass, showPortion } from '../words/units';

/** What was done, in a few words, of everything that can wait to be sent. */

interface BrewDeeds {
  readonly 'brew-start': unknown;
  readonly 'brew-event': { readonly event: BrewEvent };
  readonly 'brew-finish': { readonly finish: { readonly bottles: readonly unknown[] } };
}
type Deeds = DrinkDeeds &
  BottleDeeds &
  LabelDeeds &
  LotDeeds &
  LogbookDeeds &
  BrewDeeds &
  HabitDeeds &
  MemberDeeds &
  SessionDeeds;

const PLACES: Readonly<Record<Place, string>> = {
  fridge: 'the fridge',
  'cool-room': 'the cool room',
  cupboard: 'the cupboard',
  freezer: 'the freezer',
};

const EVENTS: Readonly<Record<BrewEvent['kind'], string>> = {
  'step-done': 'A step done',
  'step-skipped': 'A step left out',
  'step-reopened': 'A step gone back to',
  reading: 'A reading',
  'reading-removed': 'A reading taken out',
  'amount-changed': 'Another amount',
  'amount-kept': 'An amount kept as it was',
  added: 'Something added',
  'added-removed': 'Something added, taken out',
  'timer-started': 'A timer started',
  'timer-stopped': 'A timer stopped',
  paused: 'Paused',
  resumed: 'Gone on with',
  abandoned: 'Given up',
  finished: 'Finished',
};

const CHANGES: Readonly<Record<BottleChange['kind'], string>> = {
  opened: 'Opened',
  discarded: 'Thrown away',
  corrected: 'What is left, corrected',
  'topped-up': 'Topped up',
  split: 'Split into two',
};

const LOT_CHANGES: Readonly<Record<LotChange['kind'], string>> = {
  weighed: 'Weighed',
  used: 'Used for something else',
  'thrown-away': 'Thrown away',
};

const ROLES: Readonly<Record<Role, string>> = {
  owner: 'An owner from now on',
  maker: 'A maker from now on',
  drinker: 'A drinker from now on',
};

const bottles = (count: number): string => `${count} ${count === 1 ? 'bottle' : 'bottles'}`;

type Say = { readonly [Kind in keyof Deeds]: (body: Deeds[Kind], isDry: boolean) => string };
const SAY: Say = {
  'drink-deleted': () => 'Deleted',
  'drink-restored': () => 'Brought back',
  'version-named': ({ label }) => (label === null ? 'A version without its name' : `A version named ${label}`),
  pour: ({ volume_mL }, isDry) => `${showPortion(volume_mL, isDry)} poured`,
  'pour-undone': () => 'A pour taken back',
  'bottle-moved': ({ place, spot }) => `Put into ${spot ?? PLACES[place]}`,
  'bottle-changed': ({ kind }) => CHANGES[kind],
  'change-undone': () => 'A change taken back',
  'brew-made': (body) => `Made, ${bottles(body.bottles.length)}`,
  'batch-undone': ({ batch }) => `Batch ${batch} taken back`,
  'labels-stuck': () => 'On the bottles',
  'labels-printed': () => 'To the label printer',
  'brew-start': () => 'Begun',
  'brew-event': ({ event }) => EVENTS[event.kind],
  'brew-finish': ({ finish }) => `Bottled, ${bottles(finish.bottles.length)}`,
  'lot-saved': ({ amount_g }) => `In the house, ${showMass(amount_g)}`,
  'lot-changed': ({ kind }) => LOT_CHANGES[kind],
  'lot-change-undone': () => 'A change taken back',
  'brew-noted': () => 'A note',
  tasted: ({ score }) => `Tasted, ${score} of 5`,
  'tasting-forgotten': () => 'A tasting taken out',
  'photo-added': () => 'A photo',
  'photo-taken-out': () => 'A photo taken out',
  'habits-forgotten': () => 'Forgotten',
  'role-changed': ({ role }) => ROLES[role],
  'member-removed': () => 'Taken out of the kitchen',
  'invitations-replaced': () => 'Replaced',
  'session-ended': () => 'Signed out',
  'signed-out-elsewhere': () => 'Signed out',
};

/**
 * What an entry is, in a few words.
 *
 * @param shelf bottles as far as they are known: what is poured of a powder is weighed
 */
export function entryWords({ kind, body }: Entry, shelf: readonly BottleRecord[] = []): string {
  const say = (SAY as Readonly<Record<string, ((body: unknown, isDry: boolean) => string) | undefined>>)[kind];
  const { id } = body as { readonly id?: string };
  const isDry = shelf.find((bottle) => bottle.id === id)?.kind === 'dry-mix';
  // Of a later version of the application.
  return say ? say(body, isDry) : 'Something';
}
