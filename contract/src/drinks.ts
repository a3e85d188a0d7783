import type { DrinkDocument, Slot, TasteScore, Variant, VariantBoard } from '@wellhydra/core/drink';
import { DRINK_KINDS, FLAG_QUALIFIERS, TEXT_QUALIFIERS, VERBS } from '@wellhydra/core/drink';
import Joi from 'joi';
import { id, objectOf, text, timestamp, type IdParams } from './common';

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

const slot = objectOf<Slot>({
  id: Joi.string().max(64).required(),
  name: Joi.string().allow('').max(60).required(),
  stepId: Joi.string().max(64).required(),
  choices: Joi.array().items(Joi.string().allow('').max(DRINK_LIMITS.text)).max(12).required(),
});
const score = objectOf<TasteScore>({
  id: Joi.string().max(64).required(),
  by: Joi.string().allow('').max(80).required(),
  points: Joi.number().integer().min(1).max(5).required(),
  blind: Joi.boolean().required(),
  note: Joi.string().allow('').max(DRINK_LIMITS.text).required(),
});
const variant = objectOf<Variant>({
  id: Joi.string().max(64).required(),
  name: Joi.string().allow('').max(DRINK_LIMITS.name).required(),
  picks: Joi.object().pattern(Joi.string().max(64), Joi.number().integer().min(0).max(11)).required(),
  scores: Joi.array().items(score).max(500).unique('id').required(),
});
const variantBoard = objectOf<VariantBoard>({
  slots: Joi.array().items(slot).max(12).unique('id').required(),
  variants: Joi.array().items(variant).max(40).unique('id').required(),
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
  variants: variantBoard,
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

/** A version of a drink: what it was after somebody worked on it. */
export interface DrinkVersion extends DrinkRecord {
  /** What somebody called it; null for one without a name. */
  readonly label: string | null;
  /** How often it was made. */
  readonly brews: number;
}
export interface DrinkVersions {
  readonly versions: readonly DrinkVersion[];
}
export const drinkVersions = objectOf<DrinkVersions>({
  versions: Joi.array()
    .items(
      objectOf<DrinkVersion>({
        id: id.required(),
        revision: Joi.number().integer().min(1).required(),
        document: drinkDocument.required(),
        savedAt: timestamp.required(),
        savedBy: Joi.string().required(),
        label: Joi.string().allow(null).required(),
        brews: Joi.number().integer().min(0).required(),
      }),
    )
    .required(),
});

export interface LabelVersion {
  readonly label: string | null;
}
export const labelVersion = objectOf<LabelVersion>({ label: text(80).allow(null).required().label('Name') });

export interface RevisionParams extends IdParams {
  readonly revision: number;
}
export const revisionParams = objectOf<RevisionParams>({
  id: id.required(),
  revision: Joi.number().integer().min(1).required(),
});
