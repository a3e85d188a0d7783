import type { BrewRecipeRecord } from '@wellhydra/contract';
import type { BrewHappening, BrewStage } from '@wellhydra/core/brew';
import type { Keeping } from '@wellhydra/core/keeping';
import {
  DataTypes,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Model,
  type Sequelize,
} from 'sequelize';

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
  stage: CreationOptional<BrewStage>;
  /** What it is made of and in; null for one that was only recorded when it was done. */
  recipe: CreationOptional<BrewRecipeRecord | null>;
  cook: CreationOptional<string>;
  startedAt: CreationOptional<Date | null>;
}

export interface BrewEventRow extends Model<InferAttributes<BrewEventRow>, InferCreationAttributes<BrewEventRow>> {
  brewId: string;
  id: string;
  kitchenId: string;
  /** The order in which events count, from 1. */
  number: number;
  happenedAt: Date;
  reportedBy: string;
  happening: BrewHappening;
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
        stage: { type: DataTypes.TEXT, defaultValue: 'finished' },
        recipe: DataTypes.JSONB,
        cook: { type: DataTypes.TEXT, defaultValue: '' },
        startedAt: DataTypes.DATE,
      },
      { tableName: 'brews' },
    ),
    brewEvents: sequelize.define<BrewEventRow>(
      'brewEvent',
      {
        brewId: { type: DataTypes.UUID, primaryKey: true },
        id: { type: DataTypes.UUID, primaryKey: true },
        kitchenId: DataTypes.UUID,
        number: DataTypes.INTEGER,
        happenedAt: DataTypes.DATE,
        reportedBy: DataTypes.UUID,
        happening: DataTypes.JSONB,
      },
      { tableName: 'brew_events' },
    ),
  };
}
