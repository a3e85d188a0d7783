import type { DrinkDocument } from '@wellhydra/core/drink';
import type { Sequelize } from 'sequelize';
import { defineTable, integer, json, key, moment, nullable, text, uuid } from '../database/table';

const SAVED = { document: json<DrinkDocument>(), savedBy: uuid(), savedAt: moment() };

export const defineDrinks = (sequelize: Sequelize) => ({
  drinks: defineTable(sequelize, 'drinks', {
    kitchenId: key(uuid()),
    id: key(uuid()),
    revision: integer(),
    deletedAt: nullable(moment()),
    ...SAVED,
  }),
  drinkRevisions: defineTable(sequelize, 'drink_revisions', {
    kitchenId: key(uuid()),
    drinkId: key(uuid()),
    revision: key(integer()),
    label: nullable(text()),
    ...SAVED,
  }),
});
