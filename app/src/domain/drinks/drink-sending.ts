import { oneByOne, type Sender } from '../../state/sync/send-queue';
import { drinksApi } from './drink-endpoints';

/** What is done to drinks besides editing them, as it waits to be sent. */
export interface DrinkDeeds {
  readonly 'drink-deleted': { readonly id: string };
  readonly 'drink-restored': { readonly id: string };
  readonly 'version-named': { readonly id: string; readonly revision: number; readonly label: string | null };
}

const { deleteDrink, restoreDrink, labelVersion } = drinksApi.endpoints;

export const DRINK_SENDERS: Readonly<Record<keyof DrinkDeeds, Sender>> = {
  'drink-deleted': oneByOne<DrinkDeeds['drink-deleted']>(({ id }, dispatch) => dispatch(deleteDrink.initiate(id))),
  'drink-restored': oneByOne<DrinkDeeds['drink-restored']>(({ id }, dispatch) => dispatch(restoreDrink.initiate(id))),
  'version-named': oneByOne<DrinkDeeds['version-named']>((body, dispatch) => dispatch(labelVersion.initiate(body))),
};
