import type { Sequelize } from 'sequelize';
import { bytes, defineTable, key, moment, nullable, text, uuid, withDefault } from '../database/table';

export const defineAccounts = (sequelize: Sequelize) => ({
  accounts: defineTable(sequelize, 'accounts', {
    id: key(uuid()),
    /** Null, as the password is, of somebody who is named and cannot sign in: a hand of an archive. */
    email: nullable(text()),
    name: text(),
    passwordHash: nullable(text()),
    /** The kitchen that somebody who cannot sign in belongs to. */
    handOf: nullable(uuid()),
  }),
  sessions: defineTable(sequelize, 'sessions', {
    tokenHash: key(text()),
    kitchenId: uuid(),
    accountId: uuid(),
    expiresAt: moment(),
    /** As the browser calls itself. */
    device: withDefault(text(), ''),
    /** What opens the people of the kitchen, sealed by the session's token; null where they are not open. */
    peopleKey: nullable(bytes()),
  }),
  /** Links that came by mail, with which a forgotten password is replaced. */
  passwordResets: defineTable(sequelize, 'password_resets', {
    tokenHash: key(text()),
    accountId: uuid(),
    expiresAt: moment(),
  }),
});
