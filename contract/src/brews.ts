import type { BrewStage } from '@wellhydra/core/brew';
import {
  READING_RANGES,
  READ_QUANTITIES,
  type BrewEvent,
  type BrewHappening,
  type ReadQuantity,
} from '@wellhydra/core/brew-event';
import Joi from 'joi';
import { fillingFields } from './bottles';
import { id, name, page, partId, revision, timestamp } from './common';
import { DRINK_LIMITS, drinkDocument } from './drinks';
import { kitchenSettings } from './kitchen-settings';
import { integer, list, object, oneOf, optional, text, written, type ObjectOf, type Of, type Schema } from './schema';

export const BREW_LIMITS = { events: 200, preparations: 40, cook: 80, text: DRINK_LIMITS.text, stored: 5000 } as const;

export const STAGES: readonly BrewStage[] = ['making', 'paused', 'abandoned', 'finished'];

/** What a brew is made of and made in: it can be run without anything else. */
export const recipe = object({
  document: drinkDocument,
  /** Other drinks of the kitchen that its steps use. */
  preparations: list(drinkDocument, { most: BREW_LIMITS.preparations }),
  settings: kitchenSettings,
});
export type BrewRecipeRecord = Of<typeof recipe>;

const cook = (): Schema<string> => written(BREW_LIMITS.cook).trim();

/** A brew is begun: of which drink, as it was then, by whom. */
export const startBrew = object({
  drinkId: id(),
  drinkRevision: revision(),
  recipe,
  cook: cook(),
  startedAt: timestamp(),
});
export type StartBrew = Of<typeof startBrew>;

const step = partId();
const line = text(BREW_LIMITS.text);
const minutes = Joi.number().greater(0).max(READING_RANGES.minutes[1]) as Schema<number>;
const value: Schema<number> = Joi.number().when('quantity', {
  switch: READ_QUANTITIES.map((quantity) => ({
    is: quantity,
    then: Joi.number().min(READING_RANGES[quantity][0]).max(READING_RANGES[quantity][1]),
  })),
});

/** What each kind of event carries besides its id and its moment. */
const HAPPENINGS = {
  'step-done': { step },
  'step-skipped': { step },
  'step-reopened': { step, undoes: id() },
  reading: { step, quantity: oneOf<ReadQuantity>(READ_QUANTITIES), value },
  'reading-removed': { reading: id() },
  'amount-changed': { step, text: line },
  'amount-kept': { reading: id() },
  added: { step, text: line },
  'added-removed': { addition: id() },
  'timer-started': { step, minutes },
  'timer-stopped': { step },
  paused: {},
  resumed: {},
  abandoned: { text: line },
  finished: {},
} as const;
type Happenings = typeof HAPPENINGS;
type Kind = keyof Happenings;
type EventOf = {
  [K in Kind]: { readonly kind: K; readonly id: string; readonly at: string } & ObjectOf<Happenings[K]>;
}[Kind];

const KINDS = Object.keys(HAPPENINGS) as readonly Kind[];

/** Does not compile where core's events and these are not the same. */
function eventOf<More extends Readonly<Record<string, Schema<unknown>>>>(
  more: More,
): Schema<[EventOf, BrewEvent] extends [BrewEvent, EventOf] ? BrewEvent & ObjectOf<More> : never> {
  return Joi.alternatives().conditional('.kind', {
    switch: KINDS.map((kind) => ({
      is: kind,
      then: object({ kind: oneOf([kind]), id: id(), at: timestamp(), ...HAPPENINGS[kind], ...more }),
    })),
    otherwise: object({ kind: oneOf(KINDS) }).unknown(),
  });
}

/** What happened, without when and by whom. */
export const happening = Joi.alternatives().conditional('.kind', {
  switch: KINDS.map((kind) => ({ is: kind, then: object({ kind: oneOf([kind]), ...HAPPENINGS[kind] }) })),
  otherwise: object({ kind: oneOf(KINDS) }).unknown(),
}) as Schema<BrewHappening>;

/** Things that happened, in order; one that was sent before is left as it is. */
export const postEvents = object({ events: list(eventOf({}), { least: 1, most: BREW_LIMITS.events }) });
export type PostEvents = Of<typeof postEvents>;

/** An event as it is stored: the server's number is the order in which it counts. */
const storedEvent = eventOf({ number: integer(1), by: name() });
export type StoredEvent = Of<typeof storedEvent>;

const progressFields = {
  id: id(),
  batch: text(20),
  stage: oneOf(STAGES),
  events: list(storedEvent, { most: BREW_LIMITS.stored }),
};
/** How a brew went since a number. */
export const brewProgress = object(progressFields);
export type BrewProgress = Of<typeof brewProgress>;

/** A brew with everything that is needed to go on with it. */
export const brewRun = object({
  ...progressFields,
  drinkId: id(),
  drinkRevision: revision(),
  cook: cook(),
  startedAt: timestamp(),
  startedBy: name(),
  recipe,
});
export type BrewRun = Of<typeof brewRun>;

/** Brews that are under way, the oldest first. */
export const runPage = page('brews', brewRun);
export type RunPage = Of<typeof runPage>;

/** What a brew filled in the end. */
export const finishBrew = object({
  eventId: id(),
  madeAt: timestamp(),
  ...fillingFields(),
});
export type FinishBrew = Of<typeof finishBrew>;

/** Longest that a question for news is held open, ms. */
export const LONGEST_WAIT_ms = 20_000;

const withDefault = (schema: Joi.NumberSchema & Schema<number>): Schema<number> => schema.default(0);
const progressFieldsAsked = { after: withDefault(integer(0)), wait_ms: withDefault(integer(0, LONGEST_WAIT_ms)) };
export interface ProgressQuery {
  readonly after: number;
  readonly wait_ms: number;
}
export const progressQuery = object({
  after: optional(progressFieldsAsked.after),
  wait_ms: optional(progressFieldsAsked.wait_ms),
});
