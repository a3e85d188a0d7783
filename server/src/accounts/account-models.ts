import type { Sequelize } from 'sequelize';
import { defineTable, key, moment, text, uuid } from '../database/table';

export const defineAccounts = (sequelize: Sequelize) => ({
  accounts: defineTable(sequelize, 'accounts', {
    id: key(uuid()),
    email: text(),
    name: text(),
    passwordHash: text(),
  }),
  sessions: defineTable(sequelize, 'sessions', {
    tokenHash: key(text()),
    kitchenId: uuid(),
    accountId: uuid(),
    expiresAt: moment(),
  }),
});
