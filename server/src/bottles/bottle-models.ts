import type { Place } from '@wellhydra/contract';
import type { Sequelize } from 'sequelize';
import type { Stand, Vessel } from '@wellhydra/core/keeping';
import type { Intake } from '@wellhydra/core/people';
import {
  defineTable,
  double,
  flag,
  json,
  key,
  moment,
  nullable,
  text,
  uuid,
  withDefault,
  type RowOf,
} from '../database/table';

/**
 * What is done to a bottle; pouring over takes from it what the other is topped up with, brewing what goes into another
 * drink.
 */
export type ChangeKind =
  'opened' | 'discarded' | 'corrected' | 'topped-up' | 'poured-over' | 'split' | 'split-off' | 'brewed';
/** What a change does to the dates of a bottle, for taking it back. */
export interface BottleWas {
  /** Where it had stood before. */
  readonly stands: readonly Stand[] | null;
  /** Since when it is open through this change; null where it does not open it. */
  readonly thenOpen: string | null;
}

const BOTTLE = {
  kitchenId: key(uuid()),
  id: key(uuid()),
  brewId: uuid(),
  place: text<Place>(),
  /** Where it has stood; null where it has stood in its place since it was filled. */
  stands: nullable(json<readonly Stand[]>()),
  /** A place of the kitchen's own. */
  spot: nullable(text()),
  /** What it is; null where nobody has said. */
  vessel: nullable(json<Vessel>()),
  /** What its label says, and since when it is on it. */
  label: nullable(json<{ readonly at: string; readonly said: string }>()),
  /** The most that has been in it. */
  volumeMl: double(),
  /** What it was filled with from its brew; nothing of one that was filled from another bottle. */
  filledMl: double(),
  remainingMl: double(),
  openedAt: nullable(moment()),
  /** A glass that was drunk as soon as it was made. */
  atOnce: withDefault(flag(), false),
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
    /** Who drank it. */
    personId: nullable(uuid()),
    /** What went into the glass, and what that brought. */
    additions: nullable(json<readonly string[]>()),
    brought: nullable(json<Intake>()),
    undoneAt: nullable(moment()),
  }),
  /** What was done to bottles besides pouring and moving them. */
  bottleChanges: defineTable(sequelize, 'bottle_changes', {
    kitchenId: key(uuid()),
    bottleId: key(uuid()),
    id: key(uuid()),
    kind: text<ChangeKind>(),
    /** What it brought the bottle; negative where it took something. */
    volumeMl: double(),
    otherId: nullable(uuid()),
    /** The brew it went into. */
    brewId: nullable(uuid()),
    reason: withDefault(text(), ''),
    happenedAt: moment(),
    doneBy: uuid(),
    was: json<BottleWas>(),
    undoneAt: nullable(moment()),
  }),
});
