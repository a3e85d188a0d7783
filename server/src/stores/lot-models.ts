import type { LotGot } from '@wellhydra/core/stores';
import type { Sequelize } from 'sequelize';
import { defineTable, double, key, moment, nullable, text, uuid, withDefault } from '../database/table';

/** What is done to a lot. */
export type LotChangeKind = 'brewed' | 'weighed' | 'used' | 'thrown-away';

export const defineStores = (sequelize: Sequelize) => ({
  lots: defineTable(sequelize, 'lots', {
    kitchenId: key(uuid()),
    id: key(uuid()),
    /** Id of its ingredient. */
    ingredient: text(),
    name: text(),
    /** What there was. */
    amountG: double(),
    remainingG: double(),
    price: nullable(double()),
    got: text<LotGot>(),
    gotAt: moment(),
    bestBefore: nullable(moment()),
    place: withDefault(text(), ''),
    origin: withDefault(text(), ''),
    identifiedBy: withDefault(text(), ''),
    purityPct: nullable(double()),
    note: withDefault(text(), ''),
  }),
  /** What was taken of lots, and found when they were weighed. */
  lotChanges: defineTable(sequelize, 'lot_changes', {
    kitchenId: key(uuid()),
    lotId: key(uuid()),
    id: key(uuid()),
    kind: text<LotChangeKind>(),
    /** What it brought the lot; negative where it took something. */
    grams: double(),
    /** The brew that has taken it; null of what no brew took. */
    brewId: nullable(uuid()),
    reason: withDefault(text(), ''),
    happenedAt: moment(),
    doneBy: uuid(),
    undoneAt: nullable(moment()),
  }),
});
