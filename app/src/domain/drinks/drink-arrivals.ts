import { showWaiting } from '../../state/sync/answers';
import { drinksApi, type DrinkList, type DrinkVersions } from './drink-endpoints';
import { DRINK_SENDERS } from './drink-sending';
import { drinksAfter, versionsAfter, type DrinkDeed } from './drink-waiting';

/** Shows what waits to be sent of drinks over every answer of the server. */

const { listDrinks, listVersions } = drinksApi.endpoints;

showWaiting<DrinkDeed, DrinkList, void>(listDrinks, DRINK_SENDERS, ({ drinks }, deeds) => ({
  drinks: deeds.reduce(drinksAfter, drinks),
}));

showWaiting<DrinkDeed, DrinkVersions, string>(listVersions, DRINK_SENDERS, ({ versions }, deeds, { arg }) => ({
  versions: deeds.reduce((so, deed) => versionsAfter(so, arg, deed), versions),
}));
