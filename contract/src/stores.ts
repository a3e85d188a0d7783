import { MOST_TO_BUY, type ShoppingItem, type ShoppingList } from '@wellhydra/core/shopping';
import { LOT_GOT } from '@wellhydra/core/stores';
import Joi from 'joi';
import { expectedRevision, id, name, page, pageFields, timestamp } from './common';
import {
  describes,
  figure,
  flag,
  integer,
  list,
  nullable,
  number,
  object,
  oneOf,
  optional,
  record,
  text,
  written,
  type Of,
  type Schema,
} from './schema';
import { LOT_LIMITS } from './field-limits';

const amount_g = (): Schema<number> => Joi.number().greater(0).max(LOT_LIMITS.amount_g);
/** What is said of a lot. */
export const lotFields = {
  /** Id of its ingredient. */
  ingredient: text(100),
  /** As it stands on the package: "Heather honey". */
  name: text(LOT_LIMITS.name),
  amount_g: amount_g(),
  /** Of all of it, in the kitchen's money. */
  price: nullable(number(0, LOT_LIMITS.price)),
  got: oneOf(LOT_GOT),
  gotAt: timestamp(),
  bestBefore: nullable(timestamp()),
  place: written(LOT_LIMITS.place),
  /** The shop, or where it was picked. */
  origin: written(LOT_LIMITS.text),
  /** Who said what it is; of what was picked. */
  identifiedBy: written(LOT_LIMITS.identifiedBy),
  /** Of what it is said to be, as it stands on the package, %. */
  purity_pct: nullable(number(0.01, 100)),
  note: written(LOT_LIMITS.note),
};

/** A lot that comes into the house, or what is said of it now; the amount is what there was. */
export const saveLot = object(lotFields);
export type SaveLot = Of<typeof saveLot>;

export const lotRecord = object({ ...lotFields, id: id(), remaining_g: figure() });
export type LotRecord = Of<typeof lotRecord>;
/** Lots that are not used up, by ingredient. */
export const lotPage = page('lots', lotRecord);
export type LotPage = Of<typeof lotPage>;
export const lotQuery = object({ ...pageFields, ingredient: optional(text(100)) });
export type LotQuery = Of<typeof lotQuery>;

const of = <Kind extends string>(kind: Kind) => ({ kind: oneOf([kind] as const), at: timestamp() });
const changes = {
  /** What is really left, as it was weighed. */
  weighed: object({ ...of('weighed'), remaining_g: number(0, LOT_LIMITS.amount_g) }),
  /** Used for something that is no drink. */
  used: object({ ...of('used'), grams: amount_g(), reason: written(LOT_LIMITS.text) }),
  'thrown-away': object({ ...of('thrown-away'), reason: text(LOT_LIMITS.text) }),
};
/** Something that is done to a lot besides brewing with it. */
export const lotChange = Joi.alternatives(...Object.values(changes)) as unknown as Joi.Schema & Schema<LotChange>;
export type LotChange = { [Kind in keyof typeof changes]: Of<(typeof changes)[Kind]> }[keyof typeof changes];

export const lotChangeParams = object({ id: id(), changeId: id() });
export type LotChangeParams = Of<typeof lotChangeParams>;

/** Who had of a batch, and how much. */
const drinker = object({ personId: id(), volume_mL: figure(), last: timestamp() });
const tracedBottle = object({
  id: id(),
  volume_mL: figure(),
  remaining_mL: figure(),
  place: text(60),
  useBy: timestamp(),
});
const tracedBrew = object({
  id: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  madeAt: timestamp(),
  /** What went into it of the lot, g. */
  grams: figure(),
  /** It came with something that was made before. */
  through: flag(),
  bottles: list(tracedBottle, { most: LOT_LIMITS.uses }),
  drinkers: list(drinker, { most: LOT_LIMITS.uses }),
});
/** What became of a lot: every batch, bottle and person it has reached. */
export const lotTrace = object({ lot: lotRecord, brews: list(tracedBrew, { most: LOT_LIMITS.uses }) });
export type LotTrace = Of<typeof lotTrace>;

/** What a brew has taken of a lot. */
const lotUse = object({
  lotId: id(),
  ingredient: text(100),
  name: text(120),
  origin: written(LOT_LIMITS.text),
  gotAt: timestamp(),
  grams: figure(),
  /** What that costs; null where the lot has no price. */
  cost: nullable(figure()),
  /** The batch it came with, of something that was made before; null where it went in by itself. */
  within: nullable(text(20)),
});
/** What a brew has taken of a bottle of something that was made before. */
const bottleUse = object({ bottleId: id(), batch: text(20), drinkName: name(), volume_mL: figure() });
/** Lots that went into a brew, the most of it first. */
export const brewLots = object({
  lots: list(lotUse, { most: LOT_LIMITS.uses }),
  /** Ingredients of which no lot had enough, by id. */
  missing: list(text(100), { most: LOT_LIMITS.uses }),
  bottles: list(bottleUse, { most: LOT_LIMITS.uses }),
  /** Names of drinks of which no bottle had enough. */
  missingDrinks: list(name(), { most: LOT_LIMITS.uses }),
});
export type BrewLots = Of<typeof brewLots>;

/** A brew that has taken of a bottle. */
const bottleBrew = object({
  brewId: id(),
  batch: text(20),
  drinkName: name(),
  volume_mL: figure(),
  at: timestamp(),
});
/** Brews that have taken of a bottle, the newest first. */
export const bottleBrews = object({ brews: list(bottleBrew, { most: LOT_LIMITS.uses }) });
export type BottleBrews = Of<typeof bottleBrews>;

const shoppingItem = describes<ShoppingItem>()(
  object({
    text: text(LOT_LIMITS.text),
    ingredient: nullable(text(100)),
    why: written(LOT_LIMITS.note),
    added: timestamp(),
    ticked: nullable(timestamp()),
  }),
);
/** What is to be bought. */
export const shoppingList = describes<ShoppingList>()(object({ items: record(id(), shoppingItem, MOST_TO_BUY) }));
/** What is to be bought, as it is stored; null while nobody has put anything on the list. */
export const shoppingRecord = object({ revision: integer(0), shopping: nullable(shoppingList) });
export type ShoppingRecord = Of<typeof shoppingRecord>;
export const saveShopping = object({
  /** Revision this edit started from; 0 while nothing was ever saved. */
  expectedRevision: expectedRevision(),
  shopping: shoppingList,
});
export type SaveShopping = Of<typeof saveShopping>;
