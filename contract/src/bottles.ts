import Joi from 'joi';
import { id, objectOf, timestamp } from './common';
import { PLACES, type Place } from './places';

export const BOTTLE_LIMITS = { bottles: 60, volume_mL: 25_000 } as const;
const volume_mL = Joi.number().greater(0).max(BOTTLE_LIMITS.volume_mL);

/** A bottle that is filled. */
export interface BottleToFill {
  readonly id: string;
  readonly volume_mL: number;
  readonly place: Place;
}
export const bottlesToFill = Joi.array()
  .items(
    objectOf<BottleToFill>({
      id: id.required(),
      volume_mL: volume_mL.required(),
      place: Joi.string()
        .valid(...PLACES)
        .required(),
    }),
  )
  .min(1)
  .max(BOTTLE_LIMITS.bottles)
  .unique('id');

/** A making of a drink: which formula, when, and what it filled. */
export interface MakeBrew {
  readonly drinkId: string;
  readonly drinkRevision: number;
  readonly madeAt: string;
  readonly bottles: readonly BottleToFill[];
}

export const makeBrew = objectOf<MakeBrew>({
  drinkId: id.required(),
  drinkRevision: Joi.number().integer().min(1).required(),
  madeAt: timestamp.required(),
  bottles: bottlesToFill.required(),
});

export interface BrewRecord {
  readonly id: string;
  readonly batch: string;
  readonly drinkId: string;
  readonly drinkName: string;
  readonly madeAt: string;
  readonly madeBy: string;
  readonly volume_mL: number;
  readonly keepsBecause: string;
  readonly bottleIds: readonly string[];
}

export const brewRecord = objectOf<BrewRecord>({
  id: id.required(),
  batch: Joi.string().required(),
  drinkId: id.required(),
  drinkName: Joi.string().required(),
  madeAt: timestamp.required(),
  madeBy: Joi.string().required(),
  volume_mL: Joi.number().required(),
  keepsBecause: Joi.string().required(),
  bottleIds: Joi.array().items(id).required(),
});

export interface PourRecord {
  readonly id: string;
  readonly volume_mL: number;
  readonly pouredAt: string;
  readonly pouredBy: string;
}

const pourRecord = objectOf<PourRecord>({
  id: id.required(),
  volume_mL: Joi.number().required(),
  pouredAt: timestamp.required(),
  pouredBy: Joi.string().required(),
});

export interface BottleRecord {
  readonly id: string;
  readonly brewId: string;
  readonly batch: string;
  readonly drinkId: string;
  readonly drinkName: string;
  readonly kind: string;
  readonly place: Place;
  readonly volume_mL: number;
  readonly remaining_mL: number;
  readonly serving_mL: number;
  readonly madeAt: string;
  readonly openedAt: string | null;
  /** When it is to be used up: the closed date, or sooner once it is opened. */
  readonly useBy: string;
  readonly useByReason: string;
  readonly cautions: readonly string[];
  readonly pours: readonly PourRecord[];
}

export const bottleRecord = objectOf<BottleRecord>({
  id: id.required(),
  brewId: id.required(),
  batch: Joi.string().required(),
  drinkId: id.required(),
  drinkName: Joi.string().required(),
  kind: Joi.string().required(),
  place: Joi.string()
    .valid(...PLACES)
    .required(),
  volume_mL: Joi.number().required(),
  remaining_mL: Joi.number().min(0).required(),
  serving_mL: Joi.number().required(),
  madeAt: timestamp.required(),
  openedAt: timestamp.allow(null).required(),
  useBy: timestamp.required(),
  useByReason: Joi.string().required(),
  cautions: Joi.array().items(Joi.string()).required(),
  pours: Joi.array().items(pourRecord).required(),
});

export interface BottleList {
  readonly bottles: readonly BottleRecord[];
}
export const bottleList = objectOf<BottleList>({ bottles: Joi.array().items(bottleRecord).required() });

export interface PourParams {
  readonly id: string;
  readonly pourId: string;
}
export const pourParams = objectOf<PourParams>({ id: id.required(), pourId: id.required() });

export interface Pour {
  readonly volume_mL: number;
  readonly pouredAt: string;
}
export const pour = objectOf<Pour>({ volume_mL: volume_mL.required(), pouredAt: timestamp.required() });

export interface MoveBottle {
  readonly place: Place;
}
export const moveBottle = objectOf<MoveBottle>({
  place: Joi.string()
    .valid(...PLACES)
    .required(),
});
