/** What a batch costs: what goes in, the stove, the bottles; and what else would cost less. */
export { costOfBatch } from './cost-of-batch';
export type { BatchCost, CostPart, Prices } from './cost-of-batch';
export { MINERALS_SOLD, againstShop, costPerGram, savingsBySubstitutes } from './comparisons';
export type { MineralSold, Saving, ShopPrice } from './comparisons';
export { pricesPerGram } from './lot-prices';
export { stoveEnergy } from './stove-energy';
export type { StoveEnergy } from './stove-energy';
