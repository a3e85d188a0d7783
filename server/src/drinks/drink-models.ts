import type { DrinkDocument } from '@wellhydra/core/drink';
import {
  DataTypes,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Model,
  type Sequelize,
} from 'sequelize';

export interface DrinkRow extends Model<InferAttributes<DrinkRow>, InferCreationAttributes<DrinkRow>> {
  id: string;
  kitchenId: string;
  revision: number;
  document: DrinkDocument;
  savedBy: string;
  savedAt: Date;
  deletedAt: CreationOptional<Date | null>;
}

export interface DrinkRevisionRow extends Model<
  InferAttributes<DrinkRevisionRow>,
  InferCreationAttributes<DrinkRevisionRow>
> {
  drinkId: string;
  kitchenId: string;
  revision: number;
  document: DrinkDocument;
  savedBy: string;
  savedAt: Date;
  label: CreationOptional<string | null>;
}

const SAVED = {
  kitchenId: DataTypes.UUID,
  document: DataTypes.JSONB,
  savedBy: DataTypes.UUID,
  savedAt: DataTypes.DATE,
};

export function defineDrinks(sequelize: Sequelize) {
  return {
    drinks: sequelize.define<DrinkRow>(
      'drink',
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        revision: DataTypes.INTEGER,
        deletedAt: DataTypes.DATE,
        ...SAVED,
      },
      { tableName: 'drinks' },
    ),
    drinkRevisions: sequelize.define<DrinkRevisionRow>(
      'drinkRevision',
      {
        drinkId: { type: DataTypes.UUID, primaryKey: true },
        revision: { type: DataTypes.INTEGER, primaryKey: true },
        label: DataTypes.TEXT,
        ...SAVED,
      },
      { tableName: 'drink_revisions' },
    ),
  };
}
