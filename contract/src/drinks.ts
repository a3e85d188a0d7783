import type { DrinkDocument, EditedStep, Slot, TasteScore, Variant, VariantBoard } from '@wellhydra/core/drink';
import { DRINK_KINDS, FLAG_QUALIFIERS, TEXT_QUALIFIERS, VERBS } from '@wellhydra/core/drink';
import type Joi from 'joi';
import { expectedRevision, id, name, page, partId, revision, timestamp } from './common';
import {
  describes,
  each,
  flag,
  integer,
  list,
  nullable,
  object,
  oneOf,
  optional,
  record,
  text,
  written,
  type Of,
  type Schema,
} from './schema';

export const DRINK_LIMITS = { steps: 200, text: 500, name: 120, source: 20_000 } as const;

const line = () => written(DRINK_LIMITS.text);
const byId = { unique: (row: { readonly id: string }) => row.id } as const;

const step = describes<EditedStep>()(
  object({
    id: partId(),
    verb: oneOf(VERBS),
    text: line(),
    atServing: optional(flag()),
    ...each(TEXT_QUALIFIERS, optional(line())),
    ...each(FLAG_QUALIFIERS, optional(flag())),
  }),
);
const slot = describes<Slot>()(
  object({ id: partId(), name: written(60), stepId: partId(), choices: list(line(), { most: 12 }) }),
);
const score = describes<TasteScore>()(
  object({ id: partId(), by: written(80), points: integer(1, 5), blind: flag(), note: line() }),
);
const variant = describes<Variant>()(
  object({
    id: partId(),
    name: written(DRINK_LIMITS.name),
    picks: record(partId(), integer(0, 11), 12),
    scores: list(score, { most: 500, ...byId }),
  }),
);
const variantBoard = describes<VariantBoard>()(
  object({ slots: list(slot, { most: 12, ...byId }), variants: list(variant, { most: 40, ...byId }) }),
);

/** A drink as people edit it; text that is not understood is kept as it is. */
export const drinkDocument: Joi.ObjectSchema & Schema<DrinkDocument> = describes<DrinkDocument>()(
  object({
    name: written(DRINK_LIMITS.name),
    kind: oneOf(DRINK_KINDS),
    serving: written(60),
    target: nullable(text(60)),
    steps: list(step, { most: DRINK_LIMITS.steps, ...byId }),
    variants: optional(variantBoard),
    source: optional(written(DRINK_LIMITS.source)),
  }),
);

const stored = { id: id(), revision: revision(), document: drinkDocument, savedAt: timestamp(), savedBy: name() };

/** A drink as it is stored. */
export const drinkRecord = object(stored);
export type DrinkRecord = Of<typeof drinkRecord>;

export const saveDrink = object({ expectedRevision: expectedRevision(), document: drinkDocument });
export type SaveDrink = Of<typeof saveDrink>;

/** Drinks of a kitchen, by name. */
export const drinkPage = page('drinks', drinkRecord);
export type DrinkPage = Of<typeof drinkPage>;

/** A version of a drink: what it was after somebody worked on it. */
const drinkVersion = object({
  ...stored,
  /** What somebody called it; null for one without a name. */
  label: nullable(text(80)),
  /** How often it was made. */
  brews: integer(0),
});
export type DrinkVersion = Of<typeof drinkVersion>;
/** Versions of a drink, the newest first. */
export const versionPage = page('versions', drinkVersion);
export type VersionPage = Of<typeof versionPage>;

export const labelVersion = object({ label: nullable(text(80)).label('Name') as Schema<string | null> });
export type LabelVersion = Of<typeof labelVersion>;

export const revisionParams = object({ id: id(), revision: revision() });
export type RevisionParams = Of<typeof revisionParams>;
