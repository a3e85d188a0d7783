import type { ShoppingList } from '@wellhydra/core/shopping';
import { DEVICES, type AuditKind, type Device, type Plan, type Role, type SealedPeople } from '@wellhydra/contract';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import type { Household } from '@wellhydra/core/household';
import type { Sequelize } from 'sequelize';
import {
  day,
  defineTable,
  double,
  integer,
  json,
  key,
  moment,
  nullable,
  text,
  uuid,
  withDefault,
} from '../database/table';

export const defineKitchens = (sequelize: Sequelize) => ({
  kitchens: defineTable(sequelize, 'kitchens', {
    id: key(uuid()),
    name: text(),
    invitation: text(),
    /** The code that lets in those who drink what others make. */
    drinkerInvitation: text(),
    /** The day the demo data is dated from; null for every real kitchen. */
    demoDay: nullable(day()),
    /** When a visitor's kitchen ends; null for every other. */
    expiresAt: nullable(moment()),
    /** The kitchen of which this is how it was before an archive came in, and until when it is kept. */
    keptFor: nullable(uuid()),
    keptUntil: nullable(moment()),
    brewsMade: withDefault(integer(), 0),
    /** What the kitchen has; null while nobody has said. */
    settings: nullable(json<KitchenSettings>()),
    settingsRevision: withDefault(integer(), 0),
    /** What is wanted, by when; null while nobody has planned anything. */
    plan: nullable(json<Plan>()),
    planRevision: withDefault(integer(), 0),
    shopping: nullable(json<ShoppingList>()),
    shoppingRevision: withDefault(integer(), 0),
    /** Who drinks what is made; null while nobody is named. */
    people: nullable(json<Household | SealedPeople>()),
    peopleRevision: withDefault(integer(), 0),
    /** Readings before this do not teach. */
    habitsSince: nullable(moment()),
    /** A new kitchen has no device yet. */
    unplugged: withDefault(json<readonly Device[]>(), DEVICES),
    /** What the scale shows as nothing, g; null for the vessel alone. */
    tareG: nullable(double()),
  }),
  members: defineTable(sequelize, 'members', {
    kitchenId: key(uuid()),
    accountId: key(uuid()),
    role: withDefault(text<Role>(), 'maker'),
    /** Which of the people of the kitchen a drinker is; null while nobody has said, and of everybody else. */
    personId: nullable(uuid()),
  }),
  auditLines: defineTable(sequelize, 'audit_lines', {
    kitchenId: key(uuid()),
    id: key(uuid()),
    happenedAt: moment(),
    kind: text<AuditKind>(),
    doneBy: uuid(),
    /** Whom it was done to; null where that is nobody else. */
    doneTo: nullable(uuid()),
    about: withDefault(text(), ''),
  }),
});
