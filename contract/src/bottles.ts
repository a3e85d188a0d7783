import Joi from 'joi';
import { id, name, page, revision, timestamp } from './common';
import { PLACES } from './places';
import { figure, list, nullable, object, oneOf, text, type Of, type Schema } from './schema';

export const BOTTLE_LIMITS = { bottles: 60, volume_mL: 25_000, cautions: 100 } as const;
const volume_mL = (): Schema<number> => Joi.number().greater(0).max(BOTTLE_LIMITS.volume_mL);
const place = () => oneOf(PLACES);

/** A bottle that is filled. */
const bottleToFill = object({ id: id(), volume_mL: volume_mL(), place: place() });
export type BottleToFill = Of<typeof bottleToFill>;
export const bottlesToFill = list(bottleToFill, { least: 1, most: BOTTLE_LIMITS.bottles, unique: (row) => row.id });

/** A making of a drink: which formula, when, and what it filled. */
export const makeBrew = object({
  drinkId: id(),
  drinkRevision: revision(),
  madeAt: timestamp(),
  bottles: bottlesToFill,
});
export type MakeBrew = Of<typeof makeBrew>;

export const brewRecord = object({
  id: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  madeAt: timestamp(),
  madeBy: name(),
  volume_mL: figure(),
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

export const bottleRecord = object({
  id: id(),
  brewId: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  kind: text(60),
  place: place(),
  volume_mL: figure(),
  remaining_mL: Joi.number().min(0) as Schema<number>,
  serving_mL: figure(),
  madeAt: timestamp(),
  openedAt: nullable(timestamp()),
  /** When it is to be used up: the closed date, or sooner once it is opened. */
  useBy: timestamp(),
  useByReason: text(2000),
  cautions: list(text(500), { most: BOTTLE_LIMITS.cautions }),
});
export type BottleRecord = Of<typeof bottleRecord>;

/** Bottles that are not empty, the first to be used up first. */
export const bottlePage = page('bottles', bottleRecord);
export type BottlePage = Of<typeof bottlePage>;

export const pourParams = object({ id: id(), pourId: id() });
export type PourParams = Of<typeof pourParams>;

export const pour = object({ volume_mL: volume_mL(), pouredAt: timestamp() });
export type Pour = Of<typeof pour>;

export const moveBottle = object({ place: place() });
export type MoveBottle = Of<typeof moveBottle>;
