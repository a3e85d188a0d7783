import type { DrinkDocument } from '@wellhydra/core/drink';
import { DRINK_KINDS, FLAG_QUALIFIERS, TEXT_QUALIFIERS, VERBS } from '@wellhydra/core/drink';
import Joi from 'joi';
import { id, objectOf, timestamp } from './common';

export const DRINK_LIMITS = { steps: 200, text: 500, name: 120 } as const;

const step = Joi.object({
  id: Joi.string().max(64).required(),
  verb: Joi.string()
    .valid(...VERBS)
    .required(),
  text: Joi.string().allow('').max(DRINK_LIMITS.text).required(),
  atServing: Joi.boolean(),
  ...Object.fromEntries(TEXT_QUALIFIERS.map((name) => [name, Joi.string().allow('').max(DRINK_LIMITS.text)])),
  ...Object.fromEntries(FLAG_QUALIFIERS.map((name) => [name, Joi.boolean()])),
});

/** A drink as people edit it; text that is not understood is kept as it is. */
export const drinkDocument = Joi.object<DrinkDocument>({
  name: Joi.string().allow('').max(DRINK_LIMITS.name).required(),
  kind: Joi.string()
    .valid(...DRINK_KINDS)
    .required(),
  serving: Joi.string().allow('').max(60).required(),
  target: Joi.string().max(60).allow(null).required(),
  steps: Joi.array().items(step).max(DRINK_LIMITS.steps).unique('id').required(),
});

/** A drink as it is stored. */
export interface DrinkRecord {
  readonly id: string;
  readonly revision: number;
  readonly document: DrinkDocument;
  readonly savedAt: string;
  readonly savedBy: string;
}

export const drinkRecord = objectOf<DrinkRecord>({
  id: id.required(),
  revision: Joi.number().integer().min(1).required(),
  document: drinkDocument.required(),
  savedAt: timestamp.required(),
  savedBy: Joi.string().required(),
});

export interface SaveDrink {
  /** Revision this edit started from; 0 for a new drink. */
  readonly expectedRevision: number;
  readonly document: DrinkDocument;
}

export const saveDrink = objectOf<SaveDrink>({
  expectedRevision: Joi.number().integer().min(0).required(),
  document: drinkDocument.required(),
});

export interface DrinkList {
  readonly drinks: readonly DrinkRecord[];
}
export const drinkList = objectOf<DrinkList>({ drinks: Joi.array().items(drinkRecord).required() });
