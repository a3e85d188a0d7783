import type { BrewStage } from '@wellhydra/core/brew';
import { READING_RANGES, READ_QUANTITIES, type BrewEvent } from '@wellhydra/core/brew-event';
import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import Joi from 'joi';
import { bottlesToFill, type BottleToFill } from './bottles';
import { id, objectOf, timestamp } from './common';
import { DRINK_LIMITS, drinkDocument } from './drinks';
import { kitchenSettings } from './kitchen-settings';

export const BREW_LIMITS = { events: 200, preparations: 40, cook: 80, text: DRINK_LIMITS.text } as const;

const STAGES: readonly BrewStage[] = ['making', 'paused', 'abandoned', 'finished'];

/** What a brew is made of and made in: it can be run without anything else. */
export interface BrewRecipeRecord {
  readonly document: DrinkDocument;
  /** Other drinks of the kitchen that its steps use. */
  readonly preparations: readonly DrinkDocument[];
  readonly settings: KitchenSettings;
}

const recipe = objectOf<BrewRecipeRecord>({
  document: drinkDocument.required(),
  preparations: Joi.array().items(drinkDocument).max(BREW_LIMITS.preparations).required(),
  settings: kitchenSettings.required(),
});

/** A brew is begun: of which drink, as it was then, by whom. */
export interface StartBrew {
  readonly drinkId: string;
  readonly drinkRevision: number;
  readonly recipe: BrewRecipeRecord;
  readonly cook: string;
  readonly startedAt: string;
}

const cook = Joi.string().trim().allow('').max(BREW_LIMITS.cook);

export const startBrew = objectOf<StartBrew>({
  drinkId: id.required(),
  drinkRevision: Joi.number().integer().min(1).required(),
  recipe: recipe.required(),
  cook: cook.required(),
  startedAt: timestamp.required(),
});

const step = Joi.string().max(64).required();
const text = Joi.string().trim().min(1).max(BREW_LIMITS.text).required();
const minutes = Joi.number().greater(0).max(READING_RANGES.minutes[1]).required();

/** What each kind of event carries besides its id and its moment. */
const HAPPENINGS: Readonly<Record<BrewEvent['kind'], Readonly<Record<string, Joi.Schema>>>> = {
  'step-done': { step },
  'step-skipped': { step },
  'step-reopened': { step, undoes: id.required() },
  reading: {
    step,
    quantity: Joi.string()
      .valid(...READ_QUANTITIES)
      .required(),
    value: Joi.number()
      .when('quantity', {
        switch: READ_QUANTITIES.map((quantity) => ({
          is: quantity,
          then: Joi.number().min(READING_RANGES[quantity][0]).max(READING_RANGES[quantity][1]),
        })),
      })
      .required(),
  },
  'reading-removed': { reading: id.required() },
  'amount-changed': { step, text },
  'amount-kept': { reading: id.required() },
  added: { step, text },
  'added-removed': { addition: id.required() },
  'timer-started': { step, minutes },
  'timer-stopped': { step },
  paused: {},
  resumed: {},
  abandoned: { text },
  finished: {},
};

const eventOf = (more: Readonly<Record<string, Joi.Schema>> = {}) =>
  Joi.alternatives().conditional('.kind', {
    switch: Object.entries(HAPPENINGS).map(([kind, fields]) => ({
      is: kind,
      then: Joi.object({
        kind: Joi.string().required(),
        id: id.required(),
        at: timestamp.required(),
        ...fields,
        ...more,
      }),
    })),
    otherwise: Joi.object({
      kind: Joi.string()
        .valid(...Object.keys(HAPPENINGS))
        .required(),
    }).unknown(),
  });

/** Things that happened, in order; one that was sent before is left as it is. */
export interface PostEvents {
  readonly events: readonly BrewEvent[];
}
export const postEvents = Joi.object<PostEvents>({
  events: Joi.array().items(eventOf()).min(1).max(BREW_LIMITS.events).required(),
});

/** An event as it is stored: the server's number is the order in which it counts. */
export type StoredEvent = BrewEvent & { readonly number: number; readonly by: string };
const storedEvent = eventOf({ number: Joi.number().integer().min(1).required(), by: Joi.string().required() });

/** How a brew went since a number. */
export interface BrewProgress {
  readonly id: string;
  readonly batch: string;
  readonly stage: BrewStage;
  readonly events: readonly StoredEvent[];
}
const progressFields = {
  id: id.required(),
  batch: Joi.string().required(),
  stage: Joi.string()
    .valid(...STAGES)
    .required(),
  events: Joi.array().items(storedEvent).required(),
};
export const brewProgress = objectOf<BrewProgress>(progressFields);

/** A brew with everything that is needed to go on with it. */
export interface BrewRun extends BrewProgress {
  readonly drinkId: string;
  readonly drinkRevision: number;
  readonly cook: string;
  readonly startedAt: string;
  readonly startedBy: string;
  readonly recipe: BrewRecipeRecord;
}
export const brewRun = objectOf<BrewRun>({
  ...progressFields,
  drinkId: id.required(),
  drinkRevision: Joi.number().integer().min(1).required(),
  cook: cook.required(),
  startedAt: timestamp.required(),
  startedBy: Joi.string().required(),
  recipe: recipe.required(),
});

export interface BrewRuns {
  readonly brews: readonly BrewRun[];
}
export const brewRuns = objectOf<BrewRuns>({ brews: Joi.array().items(brewRun).required() });

/** What a brew filled in the end. */
export interface FinishBrew {
  readonly eventId: string;
  readonly madeAt: string;
  readonly bottles: readonly BottleToFill[];
}
export const finishBrew = objectOf<FinishBrew>({
  eventId: id.required(),
  madeAt: timestamp.required(),
  bottles: bottlesToFill.required(),
});

/** Longest that a question for news is held open, ms. */
export const LONGEST_WAIT_ms = 20_000;

export interface ProgressQuery {
  readonly after: number;
  readonly wait_ms: number;
}
export const progressQuery = objectOf<ProgressQuery>({
  after: Joi.number().integer().min(0).default(0),
  wait_ms: Joi.number().integer().min(0).max(LONGEST_WAIT_ms).default(0),
});
