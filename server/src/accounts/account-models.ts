import { DataTypes, type InferAttributes, type InferCreationAttributes, type Model, type Sequelize } from 'sequelize';

export interface AccountRow extends Model<InferAttributes<AccountRow>, InferCreationAttributes<AccountRow>> {
  id: string;
  email: string;
  name: string;
  passwordHash: string;
}

export interface SessionRow extends Model<InferAttributes<SessionRow>, InferCreationAttributes<SessionRow>> {
  tokenHash: string;
  kitchenId: string;
  accountId: string;
  expiresAt: Date;
}

export function defineAccounts(sequelize: Sequelize) {
  return {
    accounts: sequelize.define<AccountRow>(
      'account',
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        email: DataTypes.TEXT,
        name: DataTypes.TEXT,
        passwordHash: DataTypes.TEXT,
      },
      { tableName: 'accounts' },
    ),
    sessions: sequelize.define<SessionRow>(
      'session',
      {
        tokenHash: { type: DataTypes.TEXT, primaryKey: true },
        kitchenId: DataTypes.UUID,
        accountId: DataTypes.UUID,
        expiresAt: DataTypes.DATE,
      },
      { tableName: 'sessions' },
    ),
  };
}
