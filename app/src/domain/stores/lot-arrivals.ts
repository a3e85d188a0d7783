import type { LotRecord } from '@wellhydra/contract';
import { showWaiting } from '../../state/sync/answers';
import { LOT_SENDERS } from './lot-sending';
import { lotAfter, lotsAfter, type LotDeed } from './lot-waiting';
import { storesApi, type LotList } from './store-endpoints';

/** Shows what waits to be sent of lots over every answer of the server. */

const { listLots, getLot } = storesApi.endpoints;

showWaiting<LotDeed, LotList, void>(listLots, LOT_SENDERS, ({ lots }, deeds) => ({
  lots: deeds.reduce(lotsAfter, lots),
}));

showWaiting<LotDeed, LotRecord, string>(getLot, LOT_SENDERS, (lot, deeds) => deeds.reduce(lotAfter, lot));
