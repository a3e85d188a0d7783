import {
  AGE_GROUPS,
  BIRTH_MONTH,
  DANGER_SIGNS,
  FACT_CODES,
  HOUSEHOLD_LIMITS,
  type Household,
  type KeptSweatTest,
  type OwnLine,
  type Person,
  type RehydrationSheet,
  type SheetEntry,
  type SpoonPhase,
  type SpoonPlan,
} from '@wellhydra/core/household';
import Joi from 'joi';
import { expectedRevision, id, timestamp } from './common';
import { PASSWORD_LENGTH } from './field-limits';
import {
  describes,
  flag,
  integer,
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

/** How much a kitchen can keep of its people. */
export const PEOPLE_LIMITS = { ...HOUSEHOLD_LIMITS, phases: 6, days: 366 } as const;

const oneOfKeys = (keys: readonly string[]) => Joi.string().valid(...keys);
const yes = (): Schema<true> => oneOf([true] as const);
const LINE_KEY = /^(?:[a-zA-Z_]{1,40}|plant:[a-z][a-z-]{0,60})$/;

const person = describes<Person>()(
  object({
    name: text(60).label('Name'),
    note: written(80),
    born: nullable(Joi.string().pattern(BIRTH_MONTH, { name: 'month such as 2019-05' }) as Schema<string>),
    group: oneOf(AGE_GROUPS.map(({ code }) => code)),
    weight_kg: nullable(number(1, 400)),
    facts: record(oneOfKeys(FACT_CODES), yes()) as Schema<Person['facts']>,
    lines: record(
      Joi.string().pattern(LINE_KEY, { name: 'line' }),
      describes<OwnLine>()(object({ most: number(0, 1_000_000), from: oneOf(['clinic', 'own'] as const) })),
      80,
    ),
  }),
);

const LAST_MINUTE = 24 * 60 - 1;
const days = () => integer(1, PEOPLE_LIMITS.days);
const phase = Joi.alternatives(
  object({ days: days(), every_h: number(0.25, 24) }),
  object({ days: days(), timesADay: integer(1, 24) }),
) as unknown as Schema<SpoonPhase>;

/** A dose that was left out: the person, and when. */
const DOSE_KEY = /^[0-9a-f-]{36}@\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/;

const spoonPlan = describes<SpoonPlan>()(
  object({
    people: record(id(), yes(), PEOPLE_LIMITS.people),
    drinkId: id(),
    amount_mL: Joi.number().greater(0).max(2000) as Schema<number>,
    begins: timestamp(),
    phases: Joi.array().items(phase).min(1).max(PEOPLE_LIMITS.phases) as unknown as Schema<readonly SpoonPhase[]>,
    from_min: integer(0, LAST_MINUTE),
    to_min: integer(0, LAST_MINUTE),
    skipped: record(Joi.string().pattern(DOSE_KEY, { name: 'dose' }), yes(), PEOPLE_LIMITS.skipped),
    ended: nullable(timestamp()),
  }),
);

const sweatTest = describes<KeptSweatTest>()(
  object({
    personId: id(),
    at: timestamp(),
    before_kg: number(2, 400),
    after_kg: number(2, 400),
    drunk_mL: number(0, 20_000),
    urine_mL: number(0, 20_000),
    minutes: number(1, 2880),
    clothes: oneOf(['none', 'dry', 'soaked'] as const),
    marks: oneOf(['none', 'some', 'white', 'unknown'] as const),
  }),
);

const sheetEntry = Joi.alternatives(
  object({ kind: oneOf(['stool', 'vomit', 'urine'] as const), at: timestamp() }),
  object({ kind: oneOf(['drunk'] as const), at: timestamp(), volume_mL: number(0, 5000) }),
) as unknown as Schema<SheetEntry>;

const rehydrationSheet = describes<RehydrationSheet>()(
  object({
    personId: id(),
    begins: timestamp(),
    entries: record(id(), sheetEntry, PEOPLE_LIMITS.entries),
    signs: record(oneOfKeys(DANGER_SIGNS.map(({ code }) => code)), yes()) as Schema<RehydrationSheet['signs']>,
    ended: nullable(timestamp()),
  }),
);

/** Everything that is known of the people of a kitchen. */
export const household: Joi.ObjectSchema & Schema<Household> = describes<Household>()(
  object({
    people: record(id(), person, PEOPLE_LIMITS.people),
    spoonPlans: record(id(), spoonPlan, PEOPLE_LIMITS.spoonPlans),
    sweatTests: record(id(), sweatTest, PEOPLE_LIMITS.sweatTests),
    sheets: record(id(), rehydrationSheet, PEOPLE_LIMITS.sheets),
    madeFor: optional(record(id(), record(id(), yes(), PEOPLE_LIMITS.people), PEOPLE_LIMITS.madeFor)),
  }),
);

/** The people as they are stored; null while nobody is named. */
export const householdRecord = object({ revision: integer(0), people: nullable(household) });
export type HouseholdRecord = Of<typeof householdRecord>;

export const saveHousehold = object({
  /** Revision this edit started from; 0 while nothing was ever saved. */
  expectedRevision: expectedRevision(),
  people: household,
});
export type SaveHousehold = Of<typeof saveHousehold>;

/** Base64 of at most so many letters. */
const sealedText = (most: number) => Joi.string().base64().max(most) as unknown as Schema<string>;
/** A request has a megabyte at most; sealed, and as letters, that is more. */
const SEALED_LETTERS = 2_000_000;
/** The people as they are stored under a passphrase: nothing in it tells anything without that. */
export const sealedPeople = object({
  sealed: object({
    /** What the passphrase is mixed with. */
    salt: sealedText(64),
    /** The key of the people, sealed by the passphrase. */
    key: sealedText(200),
    people: sealedText(SEALED_LETTERS),
  }),
});
export type SealedPeople = Of<typeof sealedPeople>;

/** Whether the people are under a passphrase, and whether whoever asks has opened them. */
export const peopleLock = object({ locked: flag(), open: flag() });
export type PeopleLock = Of<typeof peopleLock>;
const passphrase = (least: number) => written(PASSWORD_LENGTH.most).min(least).label('Passphrase');
export const lockPeople = object({ passphrase: passphrase(PASSWORD_LENGTH.least) });
export type LockPeople = Of<typeof lockPeople>;
export const openPeople = object({ passphrase: passphrase(1) });
export type OpenPeople = Of<typeof openPeople>;
