import type { Device } from '@wellhydra/contract';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import {
  DataTypes,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Model,
  type Sequelize,
} from 'sequelize';

export interface KitchenRow extends Model<InferAttributes<KitchenRow>, InferCreationAttributes<KitchenRow>> {
  id: string;
  name: string;
  invitation: string;
  /** The day the demo data is dated from; null for every real kitchen. */
  demoDay: CreationOptional<string | null>;
  brewsMade: CreationOptional<number>;
  /** What the kitchen has; null while nobody has said. */
  settings: CreationOptional<KitchenSettings | null>;
  settingsRevision: CreationOptional<number>;
  /** Readings before this do not teach. */
  habitsSince: CreationOptional<Date | null>;
  unplugged: CreationOptional<readonly Device[]>;
  /** What the scale shows as nothing, g; null for the vessel alone. */
  tareG: CreationOptional<number | null>;
}

export interface MemberRow extends Model<InferAttributes<MemberRow>, InferCreationAttributes<MemberRow>> {
  kitchenId: string;
  accountId: string;
}

export function defineKitchens(sequelize: Sequelize) {
  return {
    kitchens: sequelize.define<KitchenRow>(
      'kitchen',
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        name: DataTypes.TEXT,
        invitation: DataTypes.TEXT,
        demoDay: DataTypes.DATEONLY,
        brewsMade: { type: DataTypes.INTEGER, defaultValue: 0 },
        settings: DataTypes.JSONB,
        settingsRevision: { type: DataTypes.INTEGER, defaultValue: 0 },
        habitsSince: DataTypes.DATE,
        unplugged: { type: DataTypes.JSONB, defaultValue: [] },
        tareG: DataTypes.DOUBLE,
      },
      { tableName: 'kitchens' },
    ),
    members: sequelize.define<MemberRow>(
      'member',
      { kitchenId: { type: DataTypes.UUID, primaryKey: true }, accountId: { type: DataTypes.UUID, primaryKey: true } },
      { tableName: 'members' },
    ),
  };
}
