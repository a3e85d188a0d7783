import type { BottleCaution, BrewRecipeRecord, ServingFigures } from '@wellhydra/contract';
import type { BrewHappening, BrewStage } from '@wellhydra/core/brew';
import type { Keeping } from '@wellhydra/core/keeping';
import type { DrinkFacts } from '@wellhydra/core/people';
import type { Sequelize } from 'sequelize';
import { defineTable, double, integer, json, key, moment, nullable, text, uuid, withDefault } from '../database/table';

export const defineBrews = (sequelize: Sequelize) => ({
  brews: defineTable(sequelize, 'brews', {
    kitchenId: key(uuid()),
    id: key(uuid()),
    batch: text(),
    drinkId: uuid(),
    drinkRevision: integer(),
    drinkName: text(),
    kind: text(),
    volumeMl: double(),
    servingMl: double(),
    keeping: json<Keeping>(),
    cautions: json<readonly BottleCaution[]>(),
    /** Null of brews that were made before it was noted. */
    perServing: nullable(json<ServingFigures>()),
    /** What in it matters to people; null of brews that were made before it was noted. */
    facts: nullable(json<DrinkFacts>()),
    /** What it has taken out of the house, g by ingredient; null of brews that were made before it was noted. */
    used: nullable(json<Readonly<Record<string, number>>>()),
    /** What it has taken of drinks that were made before, mL by name; null where it takes none. */
    prepared: nullable(json<Readonly<Record<string, number>>>()),
    /** What was drunk at once instead of being bottled. */
    drunkMl: withDefault(double(), 0),
    /** What it was to come to before anything was read. */
    expectedMl: nullable(double()),
    brix: nullable(double()),
    ph: nullable(double()),
    /** As it was tasted in the pot, and the mean of its tastings where there are any; out of 5. */
    tasteRead: nullable(double()),
    taste: nullable(double()),
    note: withDefault(text(), ''),
    tastedMl: withDefault(double(), 0),
    /** The brew it was drawn off from, and at which of its steps; null of what was left in the end. */
    partOf: nullable(uuid()),
    partStep: nullable(text()),
    madeAt: moment(),
    madeBy: uuid(),
    stage: withDefault(text<BrewStage>(), 'finished'),
    /** What it is made of and in; null for one that was only recorded when it was done. */
    recipe: nullable(json<BrewRecipeRecord>()),
    cook: withDefault(text(), ''),
    startedAt: nullable(moment()),
  }),
  brewEvents: defineTable(sequelize, 'brew_events', {
    kitchenId: key(uuid()),
    brewId: key(uuid()),
    id: key(uuid()),
    /** The order in which events count, from 1. */
    number: integer(),
    happenedAt: moment(),
    reportedBy: uuid(),
    happening: json<BrewHappening>(),
  }),
});
