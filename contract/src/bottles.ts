import type { KeepingPlace } from '@wellhydra/core/keeping';
import Joi from 'joi';
import { id, name, page, revision, timestamp } from './common';
import { PLACES } from './places';
import { SERVING_FIGURES } from './serving-figures';
import {
  each,
  figure,
  list,
  nullable,
  number,
  object,
  oneOf,
  optional,
  text,
  written,
  type Of,
  type Schema,
} from './schema';

export const BOTTLE_LIMITS = { bottles: 60, volume_mL: 25_000, cautions: 100, stands: 100 } as const;
const volume_mL = (): Schema<number> => Joi.number().greater(0).max(BOTTLE_LIMITS.volume_mL);
const place = () => oneOf(PLACES);

/** A bottle that is filled. */
const bottleToFill = object({ id: id(), volume_mL: volume_mL(), place: place() });
export type BottleToFill = Of<typeof bottleToFill>;
export const bottlesToFill = list(bottleToFill, { most: BOTTLE_LIMITS.bottles, unique: (row) => row.id });

/** What was drunk at once instead of being bottled, mL; what is neither was poured away. */
export const drunkAtOnce = () => optional(number(0, BOTTLE_LIMITS.volume_mL));

/** A making of a drink: which formula, when, and what it filled. */
export const makeBrew = object({
  drinkId: id(),
  drinkRevision: revision(),
  madeAt: timestamp(),
  bottles: bottlesToFill,
  drunk_mL: drunkAtOnce(),
});
export type MakeBrew = Of<typeof makeBrew>;

export const brewRecord = object({
  id: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  madeAt: timestamp(),
  madeBy: name(),
  /** All there was: what was bottled, drunk at once and lost. */
  volume_mL: figure(),
  bottled_mL: figure(),
  drunk_mL: figure(),
  lost_mL: figure(),
  keepsBecause: text(2000),
  bottleIds: list(id(), { most: BOTTLE_LIMITS.bottles }),
});
export type BrewRecord = Of<typeof brewRecord>;
/** Brews of a kitchen, the newest first. */
export const brewPage = page('brews', brewRecord);
export type BrewPage = Of<typeof brewPage>;

export const pourRecord = object({ id: id(), volume_mL: figure(), pouredAt: timestamp(), pouredBy: name() });
export type PourRecord = Of<typeof pourRecord>;
/** Pours of a bottle, the newest first. */
export const pourPage = page('pours', pourRecord);
export type PourPage = Of<typeof pourPage>;

const perServing = object(each(SERVING_FIGURES, figure()));
export type ServingFigures = Of<typeof perServing>;

/** Something that whoever drinks of it should know, as it was said of the brew. */
const bottleCaution = object({
  code: written(100),
  severity: oneOf(['stop', 'warn', 'note'] as const),
  title: text(500),
  text: written(2000),
  concerns: written(500),
});
export type BottleCaution = Of<typeof bottleCaution>;

/** Places as the steps of a drink name them. */
const STORED_IN = ['fridge', 'cool room', 'cupboard', 'freezer'] as const satisfies readonly KeepingPlace[];

/** How its brew keeps in each place, days. */
const bottleKeeping = object({
  place: oneOf(STORED_IN),
  days: figure(),
  daysOpened: figure(),
  daysInCoolRoom: figure(),
  closed: object(each(STORED_IN, figure())),
  heldBackBy: list(text(500), { most: 20 }),
});

export const bottleRecord = object({
  id: id(),
  brewId: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  kind: text(60),
  place: place(),
  /** Where it has stood, and since when; it stands at the last. */
  stands: list(object({ place: place(), since: timestamp() }), { least: 1, most: BOTTLE_LIMITS.stands }),
  keeping: bottleKeeping,
  volume_mL: figure(),
  remaining_mL: Joi.number().min(0) as Schema<number>,
  serving_mL: figure(),
  madeAt: timestamp(),
  openedAt: nullable(timestamp()),
  /** When it is to be used up: the closed date, or sooner once it is opened. */
  useBy: timestamp(),
  useByReason: text(2000),
  cautions: list(bottleCaution, { most: BOTTLE_LIMITS.cautions }),
  /** Null of brews that were made before it was noted. */
  perServing: nullable(perServing),
});
export type BottleRecord = Of<typeof bottleRecord>;

/** Bottles that are not empty, the first to be used up first. */
export const bottlePage = page('bottles', bottleRecord);
export type BottlePage = Of<typeof bottlePage>;

export const pourParams = object({ id: id(), pourId: id() });
export type PourParams = Of<typeof pourParams>;

export const pour = object({ volume_mL: volume_mL(), pouredAt: timestamp() });
export type Pour = Of<typeof pour>;

/** `at`: when it was put there; now where it is not said. */
export const moveBottle = object({ place: place(), at: optional(timestamp()) });
export type MoveBottle = Of<typeof moveBottle>;
