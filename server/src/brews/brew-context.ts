import type { Sequelize } from 'sequelize';
import type { Models } from '../database/models';
import type { Runner } from '../runs/runner';

/** What the service of brews works on. */
export interface BrewContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
  readonly runner: Runner;
}
