import type { Place } from '@wellhydra/contract';
import {
  DataTypes,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Model,
  type Sequelize,
} from 'sequelize';

export interface BottleRow extends Model<InferAttributes<BottleRow>, InferCreationAttributes<BottleRow>> {
  id: string;
  kitchenId: string;
  brewId: string;
  place: Place;
  volumeMl: number;
  remainingMl: number;
  openedAt: CreationOptional<Date | null>;
}

export interface PourRow extends Model<InferAttributes<PourRow>, InferCreationAttributes<PourRow>> {
  id: string;
  kitchenId: string;
  bottleId: string;
  volumeMl: number;
  pouredAt: Date;
  pouredBy: string;
  undoneAt: CreationOptional<Date | null>;
}

export function defineBottles(sequelize: Sequelize) {
  return {
    bottles: sequelize.define<BottleRow>(
      'bottle',
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        kitchenId: DataTypes.UUID,
        brewId: DataTypes.UUID,
        place: DataTypes.TEXT,
        volumeMl: DataTypes.DOUBLE,
        remainingMl: DataTypes.DOUBLE,
        openedAt: DataTypes.DATE,
      },
      { tableName: 'bottles' },
    ),
    pours: sequelize.define<PourRow>(
      'pour',
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        kitchenId: DataTypes.UUID,
        bottleId: DataTypes.UUID,
        volumeMl: DataTypes.DOUBLE,
        pouredAt: DataTypes.DATE,
        pouredBy: DataTypes.UUID,
        undoneAt: DataTypes.DATE,
      },
      { tableName: 'pours' },
    ),
  };
}
