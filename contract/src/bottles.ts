import { VESSEL_SHAPES, type KeepingPlace, type Vessel } from '@wellhydra/core/keeping';
import Joi from 'joi';
import { id, name, page, partId, revision, timestamp } from './common';
import { MOST_CAUTIONS, drinkFacts } from './drink-facts';
import { PLACES } from './places';
import { SERVING_FIGURES } from './serving-figures';
import {
  describes,
  each,
  figure,
  flag,
  list,
  nullable,
  number,
  object,
  oneOf,
  optional,
  text,
  written,
  type ObjectOf,
  type Of,
  type Schema,
} from './schema';

export const BOTTLE_LIMITS = {
  bottles: 60,
  volume_mL: 25_000,
  cautions: MOST_CAUTIONS,
  stands: 100,
  drinkers: 20,
  spot: 60,
  reason: 200,
} as const;
export const volume_mL = (): Schema<number> => Joi.number().greater(0).max(BOTTLE_LIMITS.volume_mL);
const place = () => oneOf(PLACES);
/** A place of the kitchen's own, which keeps as the {@link place} beside it does: "boat locker". */
const spot = () => text(BOTTLE_LIMITS.spot);

/** What a drink is kept in: its shape as it is drawn, and what it holds to the brim. */
export const vessel = describes<Vessel>()(
  object({
    name: written(60),
    shape: oneOf(VESSEL_SHAPES),
    size_mL: volume_mL(),
    dark: flag(),
    heatSafe: optional(flag()),
    reused: optional(flag()),
  }),
);

const bottleFields = {
  id: id(),
  volume_mL: volume_mL(),
  place: place(),
  spot: optional(nullable(spot())),
  vessel: optional(nullable(vessel)),
};
/** A bottle that is filled; `draw`: with what was drawn off at that step, instead of what was left in the end. */
const bottleToFill = object({ ...bottleFields, draw: optional(partId()) });
export type BottleToFill = Of<typeof bottleToFill>;

const atOnce = () => optional(number(0, BOTTLE_LIMITS.volume_mL));
/** What becomes of a batch: bottled, drunk or tasted at once, mL; what is none of it was poured away. */
export const fillingFields = () => ({
  bottles: list(bottleToFill, { most: BOTTLE_LIMITS.bottles, unique: (row: BottleToFill) => row.id }),
  drunk_mL: atOnce(),
  /** Who drank it, in equal parts. */
  drunkBy: optional(list(id(), { most: BOTTLE_LIMITS.drinkers, unique: (each: string) => each })),
  tasted_mL: atOnce(),
});
export type Filling = ObjectOf<ReturnType<typeof fillingFields>>;

/** A making of a drink: which formula, when, and what it filled. */
export const makeBrew = object({
  drinkId: id(),
  drinkRevision: revision(),
  madeAt: timestamp(),
  ...fillingFields(),
});
export type MakeBrew = Of<typeof makeBrew>;

export const brewRecord = object({
  id: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  madeAt: timestamp(),
  madeBy: name(),
  /** The brew it was drawn off from; null of what was left in the end. */
  partOf: nullable(id()),
  /** All there was: what was bottled, drunk and tasted at once, and lost. */
  volume_mL: figure(),
  bottled_mL: figure(),
  drunk_mL: figure(),
  tasted_mL: figure(),
  lost_mL: figure(),
  keepsBecause: text(2000),
  bottleIds: list(id(), { most: BOTTLE_LIMITS.bottles }),
});
export type BrewRecord = Of<typeof brewRecord>;
/** Brews of a kitchen, the newest first. */
export const brewPage = page('brews', brewRecord);
export type BrewPage = Of<typeof brewPage>;

export const perServing = object(each(SERVING_FIGURES, figure()));
export type ServingFigures = Of<typeof perServing>;

/** Something that whoever drinks of it should know, as it was said of the brew. */
export const bottleCaution = object({
  code: written(100),
  severity: oneOf(['stop', 'warn', 'note'] as const),
  title: text(500),
  text: written(2000),
  concerns: written(500),
});
export type BottleCaution = Of<typeof bottleCaution>;

/** Places as the steps of a drink name them. */
export const STORED_IN = ['fridge', 'cool room', 'cupboard', 'freezer'] as const satisfies readonly KeepingPlace[];

/** How its brew keeps in each place, days. */
const bottleKeeping = object({
  place: oneOf(STORED_IN),
  days: figure(),
  daysOpened: figure(),
  daysInCoolRoom: figure(),
  closed: object(each(STORED_IN, figure())),
  heldBackBy: list(text(500), { most: 20 }),
});

/** A label that is on a bottle: since when, and what it said of what can change. */
export const bottleLabel = object({ at: timestamp(), said: text(200) });

export const stands = () =>
  list(object({ place: place(), since: timestamp() }), { least: 1, most: BOTTLE_LIMITS.stands });

export const bottleRecord = object({
  id: id(),
  brewId: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  kind: text(60),
  place: place(),
  /** The place of the kitchen's own that it stands in; null for the usual one. */
  spot: nullable(spot()),
  /** Null of bottles of which nobody has said what they are. */
  vessel: nullable(vessel),
  /** Where it has stood, and since when; it stands at the last. */
  stands: stands(),
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
  /** Null of brews whose making can no longer be told. */
  facts: nullable(drinkFacts),
  /** What its label said when it was stuck on; null where it has none. */
  label: nullable(bottleLabel),
});
export type BottleRecord = Of<typeof bottleRecord>;

/** Bottles that are not empty, the first to be used up first. */
export const bottlePage = page('bottles', bottleRecord);
export type BottlePage = Of<typeof bottlePage>;

/** `at`: when it was put there; now where it is not said. */
export const moveBottle = object({ place: place(), spot: optional(nullable(spot())), at: optional(timestamp()) });
export type MoveBottle = Of<typeof moveBottle>;

const of = <Kind extends string>(kind: Kind) => ({ kind: oneOf([kind] as const), at: timestamp() });
const changes = {
  /** The shorter date begins. */
  opened: object(of('opened')),
  /** What is left is thrown away, and why. */
  discarded: object({ ...of('discarded'), reason: text(BOTTLE_LIMITS.reason) }),
  /** What is really left, as it was measured. */
  corrected: object({ ...of('corrected'), remaining_mL: number(0, BOTTLE_LIMITS.volume_mL) }),
  /** Poured in from another bottle of the same batch. */
  'topped-up': object({ ...of('topped-up'), from: id(), volume_mL: volume_mL() }),
  /** Some of it goes into a bottle of its own. */
  split: object({ ...of('split'), into: object(bottleFields) }),
};
/** Something that is done to a bottle besides pouring and moving it. */
export const bottleChange = Joi.alternatives(...Object.values(changes)) as unknown as Joi.Schema & Schema<BottleChange>;
export type BottleChange = { [Kind in keyof typeof changes]: Of<(typeof changes)[Kind]> }[keyof typeof changes];

export const changeParams = object({ id: id(), changeId: id() });
export type ChangeParams = Of<typeof changeParams>;
