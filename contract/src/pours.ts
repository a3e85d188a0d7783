import { volume_mL } from './bottles';
import { PAGE, id, name, page, pageFields, timestamp } from './common';
import { drinkFacts, intake } from './drink-facts';
import { figure, list, nullable, object, optional, record, text, type Of } from './schema';

/** Things that go into one glass. */
const MOST_ADDITIONS = 8;

/** Lines that went into a glass: "1 tsp honey". */
const additions = () => list(text(100), { most: MOST_ADDITIONS });

export const pourRecord = object({
  id: id(),
  volume_mL: figure(),
  pouredAt: timestamp(),
  /** Whose account noted it. */
  pouredBy: name(),
  /** Who drank it; null where nobody of the kitchen's people was named. */
  personId: nullable(id()),
  additions: additions(),
});
export type PourRecord = Of<typeof pourRecord>;
/** Pours of a bottle, the newest first. */
export const pourPage = page('pours', pourRecord);
export type PourPage = Of<typeof pourPage>;

/** A pour that somebody drank, with where it came from. */
export const drunkRecord = object({
  id: id(),
  bottleId: id(),
  brewId: id(),
  drinkId: id(),
  personId: id(),
  volume_mL: figure(),
  pouredAt: timestamp(),
  additions: additions(),
  /** What the additions brought; null where there were none. */
  brought: nullable(intake),
});
export type DrunkRecord = Of<typeof drunkRecord>;

/** What a pour is looked up in: its brew. */
export const drunkBrew = object({
  drinkName: name(),
  batch: text(20),
  kind: text(60),
  serving_mL: figure(),
  /** Null of brews whose making can no longer be told. */
  facts: nullable(drinkFacts),
});
export type DrunkBrew = Of<typeof drunkBrew>;

/** What people drank, the newest first, with the brews it was poured from by their ids. */
export const drunkPage = object({
  pours: list(drunkRecord, { most: PAGE.most }),
  brews: record(id(), drunkBrew, PAGE.most),
  next: nullable(text(200)),
});
export type DrunkPage = Of<typeof drunkPage>;

/** Pours from a moment on; of one person where one is asked for. */
export const drunkQuery = object({ ...pageFields, since: optional(timestamp()), personId: optional(id()) });
export type DrunkQuery = Of<typeof drunkQuery>;

export const pourParams = object({ id: id(), pourId: id() });
export type PourParams = Of<typeof pourParams>;

export const pour = object({
  volume_mL: volume_mL(),
  pouredAt: timestamp(),
  /** Who drinks it. */
  personId: optional(nullable(id())),
  additions: optional(additions()),
});
export type Pour = Of<typeof pour>;
