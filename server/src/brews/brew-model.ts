import type { Keeping } from '@wellhydra/core/keeping';
import { DataTypes, type InferAttributes, type InferCreationAttributes, type Model, type Sequelize } from 'sequelize';

export interface BrewRow extends Model<InferAttributes<BrewRow>, InferCreationAttributes<BrewRow>> {
  id: string;
  kitchenId: string;
  batch: string;
  drinkId: string;
  drinkRevision: number;
  drinkName: string;
  kind: string;
  volumeMl: number;
  servingMl: number;
  keeping: Keeping;
  cautions: readonly string[];
  madeAt: Date;
  madeBy: string;
}

export function defineBrews(sequelize: Sequelize) {
  return {
    brews: sequelize.define<BrewRow>(
      'brew',
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        kitchenId: DataTypes.UUID,
        batch: DataTypes.TEXT,
        drinkId: DataTypes.UUID,
        drinkRevision: DataTypes.INTEGER,
        drinkName: DataTypes.TEXT,
        kind: DataTypes.TEXT,
        volumeMl: DataTypes.DOUBLE,
        servingMl: DataTypes.DOUBLE,
        keeping: DataTypes.JSONB,
        cautions: DataTypes.JSONB,
        madeAt: DataTypes.DATE,
        madeBy: DataTypes.UUID,
      },
      { tableName: 'brews' },
    ),
  };
}
