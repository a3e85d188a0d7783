import type { Transaction } from 'sequelize';
import { settleBottles, type TakingBrew } from '../bottles/settle-bottles';
import type { StoresContext } from './lot-service';
import { settleLots } from './settle-lots';

/** What a brew takes out of the house. */
export interface BrewTakes {
  /** Grams by ingredient. */
  readonly used: Readonly<Record<string, number>>;
  /** Of drinks that were made before, mL by name. */
  readonly prepared: Readonly<Record<string, number>>;
}

export const NOTHING_TAKEN: BrewTakes = { used: {}, prepared: {} };

/**
 * Lets a brew have taken just this of the house: what it takes of drinks that were made before from their bottles, all
 * else from the lots. The same again changes nothing; nothing gives everything back. Bottles are locked before lots, by
 * everybody.
 */
export async function settleBrew(
  context: StoresContext,
  brew: TakingBrew,
  { used, prepared }: BrewTakes,
  transaction: Transaction,
): Promise<void> {
  await settleBottles(context, brew, prepared, transaction);
  await settleLots(context, brew, used, transaction);
}
