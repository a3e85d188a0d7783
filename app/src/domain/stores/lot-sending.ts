import type { LotChange, LotRecord, SaveLot } from '@wellhydra/contract';
import { oneByOne, type Sender } from '../../state/sync/send-queue';
import { storesApi } from './store-endpoints';

/** What is done to lots, as it waits to be sent. */
export interface LotDeeds {
  readonly 'lot-saved': SaveLot & { readonly id: string };
  readonly 'lot-changed': LotChange & { readonly id: string; readonly changeId: string };
  readonly 'lot-change-undone': {
    readonly id: string;
    readonly changeId: string;
    /** What was left before it; unknown of what earlier versions kept. */
    readonly was?: Pick<LotRecord, 'remaining_g'>;
  };
}

const { saveLot, changeLot, undoLotChange } = storesApi.endpoints;

/** How it is sent: each with an id of its own, so that sending it twice does no harm. */
export const LOT_SENDERS: Readonly<Record<keyof LotDeeds, Sender>> = {
  'lot-saved': oneByOne<LotDeeds['lot-saved']>((body, dispatch) => dispatch(saveLot.initiate(body))),
  'lot-changed': oneByOne<LotDeeds['lot-changed']>((body, dispatch) => dispatch(changeLot.initiate(body))),
  'lot-change-undone': oneByOne<LotDeeds['lot-change-undone']>((body, dispatch) =>
    dispatch(undoLotChange.initiate(body)),
  ),
};
