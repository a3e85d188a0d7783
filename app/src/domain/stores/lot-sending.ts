import type { LotChange, SaveLot } from '@wellhydra/contract';
import type { Entry } from '../../state/sync/queue';
import type { SendDispatch, Sender } from '../../state/sync/send-queue';
import { storesApi } from './store-endpoints';

/** What is done to lots, as it waits to be sent. */
export interface LotDeeds {
  readonly 'lot-saved': SaveLot & { readonly id: string };
  readonly 'lot-changed': LotChange & { readonly id: string; readonly changeId: string };
  readonly 'lot-change-undone': { readonly id: string; readonly changeId: string };
}

const { saveLot, changeLot, undoLotChange } = storesApi.endpoints;
const sender = <Kind extends keyof LotDeeds>(
  send: (body: LotDeeds[Kind], dispatch: SendDispatch) => Promise<{ readonly error?: unknown }>,
): Sender => ({
  send: async ([entry], dispatch) => (await send((entry as Entry).body as LotDeeds[Kind], dispatch)).error,
});

/** How it is sent: each with an id of its own, so that sending it twice does no harm. */
export const LOT_SENDERS: Readonly<Record<keyof LotDeeds, Sender>> = {
  'lot-saved': sender<'lot-saved'>((body, dispatch) => dispatch(saveLot.initiate(body))),
  'lot-changed': sender<'lot-changed'>((body, dispatch) => dispatch(changeLot.initiate(body))),
  'lot-change-undone': sender<'lot-change-undone'>((body, dispatch) => dispatch(undoLotChange.initiate(body))),
};
