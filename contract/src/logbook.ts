import { id, name, page, pageFields, timestamp } from './common';
import { LOGBOOK_LIMITS, PHOTO_LIMITS } from './field-limits';
import {
  figure,
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
} from './schema';

/** What brews can be sorted by. */
export const LOGBOOK_SORTS = ['newest', 'oldest', 'drink', 'got', 'brix', 'pH', 'taste'] as const;
export type LogbookSort = (typeof LOGBOOK_SORTS)[number];

/** Which brews: everything that is said has to be so. */
const filters = {
  drinkId: optional(id()),
  cook: optional(text(80)),
  /** Somebody who had of it. */
  personId: optional(id()),
  /** Id of an ingredient that went in. */
  ingredient: optional(text(100)),
  from: optional(timestamp()),
  to: optional(timestamp()),
  /** In its note, what tasters said, its name or batch. */
  words: optional(text(100)),
};
export const logbookFilter = object(filters);
export type LogbookFilter = Of<typeof logbookFilter>;
export const logbookQuery = object({ ...pageFields, ...filters, sort: optional(oneOf(LOGBOOK_SORTS)) });
export type LogbookQuery = Of<typeof logbookQuery>;

const rowFields = {
  id: id(),
  batch: text(20),
  drinkId: id(),
  drinkName: name(),
  kind: text(60),
  madeAt: timestamp(),
  cook: written(200),
  /** What it was to come to; null of brews that were made before it was noted. */
  expected_mL: nullable(figure()),
  got_mL: figure(),
  brix: nullable(figure()),
  pH: nullable(figure()),
  /** Mean of its tastings, or as it was tasted in the pot, out of 5. */
  taste: nullable(figure()),
  /** By its lots; null where not all of them have a price. */
  cost: nullable(figure()),
  serving_mL: figure(),
  left_mL: figure(),
  note: written(LOGBOOK_LIMITS.note),
};
export const logbookRow = object(rowFields);
export type LogbookRow = Of<typeof logbookRow>;
export const logbookPage = page('brews', logbookRow);
export type LogbookPage = Of<typeof logbookPage>;

const tastingFields = {
  taster: text(LOGBOOK_LIMITS.taster),
  score: integer(1, 5),
  words: written(LOGBOOK_LIMITS.words),
  /** The taster did not know which it was. */
  blind: flag(),
  at: timestamp(),
};
/** How somebody liked it. */
export const tasting = object(tastingFields);
export type Tasting = Of<typeof tasting>;
export const tastingParams = object({ id: id(), tastingId: id() });
export type TastingParams = Of<typeof tastingParams>;

/** Brews of a drink that were tasted, for what is learned from them; the newest first. */
export const triedBrews = object({
  brews: list(
    object({
      id: id(),
      batch: text(20),
      madeAt: timestamp(),
      taste: figure(),
      used: record(text(100), figure()),
      got: figure(),
      brix: nullable(figure()),
      pH: nullable(figure()),
    }),
    { most: LOGBOOK_LIMITS.points },
  ),
});
export type TriedBrews = Of<typeof triedBrews>;

/** A photo of a brew; the picture itself is fetched by its address. */
export const photo = object({
  id: id(),
  words: written(PHOTO_LIMITS.words),
  width: integer(1),
  height: integer(1),
  at: timestamp(),
});
export type Photo = Of<typeof photo>;
export const photoParams = object({ id: id(), photoId: id() });
export type PhotoParams = Of<typeof photoParams>;
/** What is said of a photo beside it: what it shows, and when it was added, where it is sent later. */
export const photoQuery = object({ words: optional(written(PHOTO_LIMITS.words)), at: optional(timestamp()) });
export type PhotoQuery = Of<typeof photoQuery>;
export const PHOTO_SIZES = ['picture', 'thumbnail'] as const;
export const photoSizeQuery = object({ size: optional(oneOf(PHOTO_SIZES)) });
export type PhotoSizeQuery = Of<typeof photoSizeQuery>;

/** One brew of the logbook, with what its tasters said. */
export const logbookBrew = object({
  ...rowFields,
  bottleIds: list(id(), { most: 500 }),
  /** The oldest first. */
  photos: list(photo, { most: PHOTO_LIMITS.ofBrew }),
  tastings: list(object({ id: id(), ...tastingFields }), { most: LOGBOOK_LIMITS.tastings }),
});
export type LogbookBrew = Of<typeof logbookBrew>;
export const brewNote = object({ note: written(LOGBOOK_LIMITS.note) });
export type BrewNote = Of<typeof brewNote>;

const means = {
  brews: integer(0),
  /** How far off what came was from what was promised, as a share of it, whichever way. */
  off: nullable(figure()),
  brix: nullable(figure()),
  pH: nullable(figure()),
  taste: nullable(figure()),
  cost: nullable(figure()),
  /** From its beginning to the bottles, min. */
  minutes: nullable(figure()),
};
/** What the newest brews come to, at most {@link LOGBOOK_LIMITS}.points of them. */
export const logbookCharts = object({
  /** The oldest first. */
  points: list(
    object({
      id: id(),
      drinkId: id(),
      drinkName: name(),
      madeAt: timestamp(),
      expected_mL: nullable(figure()),
      got_mL: figure(),
    }),
    { most: LOGBOOK_LIMITS.points },
  ),
  tastes: list(
    object({
      drinkId: id(),
      drinkName: name(),
      mean: figure(),
      latest: figure(),
      scores: list(figure(), { most: LOGBOOK_LIMITS.scores }),
    }),
    { most: LOGBOOK_LIMITS.points },
  ),
  drinks: list(object({ drinkId: id(), drinkName: name(), ...means }), { most: LOGBOOK_LIMITS.points }),
  /** By month, "2026-11", the oldest first. */
  months: list(object({ month: text(7), ...means }), { most: LOGBOOK_LIMITS.points }),
});
export type LogbookCharts = Of<typeof logbookCharts>;
