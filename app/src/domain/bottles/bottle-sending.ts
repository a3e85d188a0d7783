import type { BottleChange, MakeBrew, MoveBottle, Pour } from '@wellhydra/contract';
import { noticeRaised } from '../../state/notices';
import type { Entry } from '../../state/sync/queue';
import type { SendDispatch, Sender } from '../../state/sync/send-queue';
import { bottlesApi } from './bottle-endpoints';

/** What is done to bottles, as it waits to be sent. */
export interface BottleDeeds {
  readonly pour: Pour & { readonly id: string; readonly pourId: string };
  readonly 'pour-undone': { readonly id: string; readonly pourId: string };
  readonly 'bottle-moved': MoveBottle & { readonly id: string };
  readonly 'bottle-changed': BottleChange & { readonly id: string; readonly changeId: string };
  readonly 'change-undone': { readonly id: string; readonly changeId: string };
  readonly 'brew-made': MakeBrew & { readonly id: string };
}

const { pourBottle, undoPour, moveBottle, changeBottle, undoChange, makeBrew } = bottlesApi.endpoints;
type Send<Kind extends keyof BottleDeeds> = (body: BottleDeeds[Kind], dispatch: SendDispatch) => Promise<unknown>;
const sender = <Kind extends keyof BottleDeeds>(send: Send<Kind>): Sender => ({
  send: ([entry], dispatch) => send((entry as Entry).body as BottleDeeds[Kind], dispatch),
});

/** How it is sent: each with an id of its own, so that sending it twice does no harm. */
export const BOTTLE_SENDERS: Readonly<Record<keyof BottleDeeds, Sender>> = {
  pour: sender<'pour'>(async (body, dispatch) => (await dispatch(pourBottle.initiate(body))).error),
  'pour-undone': sender<'pour-undone'>(async (body, dispatch) => (await dispatch(undoPour.initiate(body))).error),
  'bottle-moved': sender<'bottle-moved'>(async (body, dispatch) => (await dispatch(moveBottle.initiate(body))).error),
  'bottle-changed': sender<'bottle-changed'>(
    async (body, dispatch) => (await dispatch(changeBottle.initiate(body))).error,
  ),
  'change-undone': sender<'change-undone'>(async (body, dispatch) => (await dispatch(undoChange.initiate(body))).error),
  'brew-made': sender<'brew-made'>(async (body, dispatch) => {
    const { data, error } = await dispatch(makeBrew.initiate(body));
    if (data) dispatch(noticeRaised({ text: `Batch ${data.batch} is on the shelf` }));
    return error;
  }),
};
