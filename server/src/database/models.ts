import type { Sequelize } from 'sequelize';
import { defineAccounts } from '../accounts/account-models';
import { defineBottles } from '../bottles/bottle-models';
import { defineBrews } from '../brews/brew-model';
import { defineDrinks } from '../drinks/drink-models';
import { defineKitchens } from '../kitchen/kitchen-models';
import { defineLogbook } from '../logbook/tasting-models';
import { defineStores } from '../stores/lot-models';

/** The tables as Sequelize models; each domain defines its own. */
export function defineModels(sequelize: Sequelize) {
  return {
    ...defineKitchens(sequelize),
    ...defineAccounts(sequelize),
    ...defineDrinks(sequelize),
    ...defineBrews(sequelize),
    ...defineBottles(sequelize),
    ...defineStores(sequelize),
    ...defineLogbook(sequelize),
  };
}

export type Models = ReturnType<typeof defineModels>;
