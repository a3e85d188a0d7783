import type { Sequelize } from 'sequelize';
import { bytes, defineTable, flag, integer, key, moment, text, uuid, withDefault } from '../database/table';

export const defineLogbook = (sequelize: Sequelize) => ({
  /** How somebody liked a brew. */
  tastings: defineTable(sequelize, 'tastings', {
    kitchenId: key(uuid()),
    brewId: key(uuid()),
    id: key(uuid()),
    taster: text(),
    /** Out of 5. */
    score: integer(),
    words: withDefault(text(), ''),
    blind: withDefault(flag(), false),
    tastedAt: moment(),
    notedBy: uuid(),
  }),
  /** A picture of a brew: JPEG, without what a camera writes beside it. */
  photos: defineTable(sequelize, 'photos', {
    kitchenId: key(uuid()),
    brewId: key(uuid()),
    id: key(uuid()),
    words: withDefault(text(), ''),
    width: integer(),
    height: integer(),
    picture: bytes(),
    thumbnail: bytes(),
    addedBy: uuid(),
    addedAt: moment(),
  }),
});
