import type { Household } from '@wellhydra/core/household';
import Joi from 'joi';
import { BOTTLE_LIMITS, STORED_IN, bottleCaution, bottleLabel, perServing, stands, vessel, volume_mL } from './bottles';
import { BREW_LIMITS, STAGES, happening, recipe } from './brews';
import { id, partId, revision, timestamp } from './common';
import { DEVICES } from './devices';
import { drinkFacts, intake } from './drink-facts';
import { drinkDocument } from './drinks';
import { LOGBOOK_LIMITS, LOT_LIMITS, PHOTO_LIMITS } from './field-limits';
import { kitchenSettings } from './kitchen-settings';
import { household, sealedPeople, type SealedPeople } from './people';
import { PLACES } from './places';
import { plan } from './plans';
import {
  each,
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
import { lotFields, shoppingList } from './stores';

/**
 * A kitchen as one file: JSON Lines, a row of the kitchen each, in an order in which each row finds what it needs
 * before it. Said in full in docs/kitchen-archive.md.
 */

export const ARCHIVE_VERSION = 1;
/** Largest archive that is taken, bytes; of a visitor of the demo, who may be anybody, a smaller one. */
export const ARCHIVE_BYTES = 256 * 1024 * 1024;
export const VISITOR_ARCHIVE_BYTES = 16 * 1024 * 1024;
/** Longest line of one, letters: a photo with its thumbnail, or a brew with all its preparations. */
export const ARCHIVE_LINE = 8 * 1024 * 1024;

/** So many people are named in one: each becomes somebody in the kitchen it comes into. */
const MOST_HANDS = 500;
/** Whoever did it, by the number of their `hand` row. */
const hand = (): Schema<number> => integer(1, MOST_HANDS);
const grams = () => nullable(record(text(200), figure(), 500));
const optionalDate = () => nullable(timestamp());
const base64 = (): Schema<string> => Joi.string().base64().max(ARCHIVE_LINE) as Joi.StringSchema & Schema<string>;
const moved = number(-BOTTLE_LIMITS.volume_mL, BOTTLE_LIMITS.volume_mL);
const place = () => oneOf(PLACES);

/** Days; null of what keeps for ever. */
const days = () => nullable(figure());
/** How a brew keeps, as it was worked out when it was made; brews of earlier versions say less. */
const keeping = object({
  class: optional(text(60)),
  place: oneOf(STORED_IN),
  days: days(),
  daysOpened: days(),
  daysInCoolRoom: days(),
  closed: optional(object(each(STORED_IN, days()))),
  heldBackBy: list(text(500), { most: 20 }),
  lowAcid: optional(flag()),
  pH: optional(nullable(figure())),
});

/** As they are, or as they are stored under a passphrase: the file then opens with it, and not without. */
const peopleInFile = Joi.alternatives().conditional('.sealed', {
  is: Joi.exist(),
  then: sealedPeople,
  otherwise: household,
}) as unknown as Joi.Schema & Schema<Household | SealedPeople>;

/** What each kind of row holds; in the order of the file. */
const ROWS = {
  /** The first row. */
  'kitchen-archive': { version: oneOf([ARCHIVE_VERSION]), name: text(80) },
  /** Somebody of the kitchen who did something: stands before the first row that names them. */
  hand: { hand: hand(), name: text(80) },
  kitchen: {
    settings: nullable(kitchenSettings),
    plan: nullable(plan),
    shopping: nullable(shoppingList),
    people: nullable(peopleInFile),
    habitsSince: optionalDate(),
    brewsMade: integer(0),
    unplugged: list(oneOf(DEVICES), { most: DEVICES.length }),
    tare_g: nullable(figure()),
  },
  drink: {
    id: id(),
    revision: revision(),
    document: drinkDocument,
    savedBy: hand(),
    savedAt: timestamp(),
    deletedAt: optionalDate(),
  },
  'drink-version': {
    drinkId: id(),
    revision: revision(),
    label: nullable(text(80)),
    document: drinkDocument,
    savedBy: hand(),
    savedAt: timestamp(),
  },
  brew: {
    id: id(),
    batch: text(20),
    drinkId: id(),
    drinkRevision: revision(),
    drinkName: written(200),
    kind: text(60),
    volume_mL: figure(),
    serving_mL: figure(),
    keeping,
    cautions: list(bottleCaution, { most: BOTTLE_LIMITS.cautions }),
    perServing: nullable(perServing),
    facts: nullable(drinkFacts),
    used: grams(),
    prepared: grams(),
    drunk_mL: figure(),
    expected_mL: nullable(figure()),
    brix: nullable(figure()),
    pH: nullable(figure()),
    tasteRead: nullable(figure()),
    taste: nullable(figure()),
    note: written(LOGBOOK_LIMITS.note),
    tasted_mL: figure(),
    partOf: nullable(id()),
    partStep: nullable(partId()),
    madeAt: timestamp(),
    madeBy: hand(),
    stage: oneOf(STAGES),
    recipe: nullable(recipe),
    cook: written(BREW_LIMITS.cook),
    startedAt: optionalDate(),
  },
  lot: { ...lotFields, id: id(), remaining_g: number(0, LOT_LIMITS.amount_g) },
  'lot-change': {
    lotId: id(),
    id: id(),
    kind: oneOf(['brewed', 'weighed', 'used', 'thrown-away'] as const),
    grams: number(-LOT_LIMITS.amount_g, LOT_LIMITS.amount_g),
    brewId: nullable(id()),
    reason: written(LOT_LIMITS.text),
    happenedAt: timestamp(),
    doneBy: hand(),
    undoneAt: optionalDate(),
  },
  'brew-event': {
    brewId: id(),
    id: id(),
    number: integer(1),
    happenedAt: timestamp(),
    reportedBy: hand(),
    happening,
  },
  bottle: {
    id: id(),
    brewId: id(),
    place: place(),
    stands: nullable(stands()),
    spot: nullable(text(BOTTLE_LIMITS.spot)),
    vessel: nullable(vessel),
    label: nullable(bottleLabel),
    volume_mL: volume_mL(),
    filled_mL: number(0, BOTTLE_LIMITS.volume_mL),
    remaining_mL: number(0, BOTTLE_LIMITS.volume_mL),
    openedAt: optionalDate(),
    atOnce: flag(),
    useBy: timestamp(),
  },
  pour: {
    bottleId: id(),
    id: id(),
    volume_mL: volume_mL(),
    pouredAt: timestamp(),
    pouredBy: hand(),
    personId: nullable(id()),
    additions: nullable(list(text(100), { most: 8 })),
    brought: nullable(intake),
    undoneAt: optionalDate(),
  },
  'bottle-change': {
    bottleId: id(),
    id: id(),
    kind: oneOf([
      'opened',
      'discarded',
      'corrected',
      'topped-up',
      'poured-over',
      'split',
      'split-off',
      'brewed',
    ] as const),
    volume_mL: moved,
    otherId: nullable(id()),
    brewId: nullable(id()),
    reason: written(BOTTLE_LIMITS.reason),
    happenedAt: timestamp(),
    doneBy: hand(),
    was: object({ stands: nullable(stands()), thenOpen: nullable(timestamp()) }),
    undoneAt: optionalDate(),
  },
  tasting: {
    brewId: id(),
    id: id(),
    taster: text(LOGBOOK_LIMITS.taster),
    score: integer(1, 5),
    words: written(LOGBOOK_LIMITS.words),
    blind: flag(),
    tastedAt: timestamp(),
    notedBy: hand(),
  },
  photo: {
    brewId: id(),
    id: id(),
    words: written(PHOTO_LIMITS.words),
    width: integer(1, 20_000),
    height: integer(1, 20_000),
    picture: base64(),
    thumbnail: base64(),
    addedBy: hand(),
    addedAt: timestamp(),
  },
  /** The last row: how many stand before it, so that half a file is known for one. */
  end: { rows: integer(1) },
} as const;

export type ArchiveKind = keyof typeof ROWS;
/** Kinds of rows in the order in which they stand in the file; hands stand wherever they are needed first. */
export const ARCHIVE_KINDS = Object.keys(ROWS) as readonly ArchiveKind[];

/** A row of an archive, as it was read. */
export interface ArchiveRow {
  readonly is: ArchiveKind;
  readonly [field: string]: unknown;
}

/** What a row of each kind has to be. */
export const ARCHIVE_ROWS = Object.fromEntries(
  Object.entries(ROWS).map(([is, fields]) => [is, object({ is: oneOf([is]), ...fields })]),
) as unknown as Readonly<Record<ArchiveKind, Joi.ObjectSchema & Schema<ArchiveRow>>>;

/** Kinds that are counted for whoever looks at what an archive would change. */
export const ARCHIVE_COUNTED = [
  'drink',
  'drink-version',
  'brew',
  'lot',
  'lot-change',
  'brew-event',
  'bottle',
  'pour',
  'bottle-change',
  'tasting',
  'photo',
] as const satisfies readonly ArchiveKind[];

export const ARCHIVE_MODES = ['merge', 'replace'] as const;
export type ArchiveMode = (typeof ARCHIVE_MODES)[number];

export const archiveQuery = object({ mode: oneOf(ARCHIVE_MODES), try: optional(flag()) });
export type ArchiveQuery = Of<typeof archiveQuery>;

const count = () => integer(0);
/** What bringing in an archive does to one kind of rows. */
const change = object({
  is: oneOf(ARCHIVE_COUNTED),
  added: count(),
  changed: count(),
  removed: count(),
  same: count(),
});
/** What an archive does to a kitchen; drinks by name, as far as there is room for them. */
export const archiveOutcome = object({
  changes: list(change, { most: ARCHIVE_COUNTED.length }),
  drinks: object({
    added: list(written(120), { most: 50 }),
    changed: list(written(120), { most: 50 }),
    removed: list(written(120), { most: 50 }),
  }),
  /** Whether settings, plan, people or shopping list become others. */
  documents: list(oneOf(['settings', 'plan', 'people', 'shopping'] as const), { most: 4 }),
});
export type ArchiveOutcome = Of<typeof archiveOutcome>;

/** How a kitchen was before the last archive came in, and until when it can be that again; null where there is none. */
export const archiveUndo = object({ until: nullable(timestamp()) });
export type ArchiveUndo = Of<typeof archiveUndo>;
