import type { Place } from '@wellhydra/contract';
import type { Sequelize } from 'sequelize';
import type { Stand } from '@wellhydra/core/keeping';
import { defineTable, double, json, key, moment, nullable, text, uuid, type RowOf } from '../database/table';

const BOTTLE = {
  kitchenId: key(uuid()),
  id: key(uuid()),
  brewId: uuid(),
  place: text<Place>(),
  /** Where it has stood; null where it has stood in its place since it was filled. */
  stands: nullable(json<readonly Stand[]>()),
  volumeMl: double(),
  remainingMl: double(),
  openedAt: nullable(moment()),
  /** When it is to be used up, by the keeping of its brew and where it stands. */
  useBy: moment(),
};
export type BottleRow = RowOf<typeof BOTTLE>;

export const defineBottles = (sequelize: Sequelize) => ({
  bottles: defineTable(sequelize, 'bottles', BOTTLE),
  pours: defineTable(sequelize, 'pours', {
    kitchenId: key(uuid()),
    bottleId: key(uuid()),
    id: key(uuid()),
    volumeMl: double(),
    pouredAt: moment(),
    pouredBy: uuid(),
    undoneAt: nullable(moment()),
  }),
});
