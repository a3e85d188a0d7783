import type { BottleChange, BottleRecord, MakeBrew, MoveBottle, Pour } from '@wellhydra/contract';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { oneByOne, type Sender } from '../../state/sync/send-queue';
import { bottlesApi } from './bottle-endpoints';

/** What is done to bottles, as it waits to be sent. */
export interface BottleDeeds {
  readonly pour: Pour & { readonly id: string; readonly pourId: string };
  readonly 'pour-undone': {
    readonly id: string;
    readonly pourId: string;
    /** What was poured, and when the bottle was opened before it; unknown of what earlier versions kept. */
    readonly was?: Pick<BottleRecord, 'openedAt'> & { readonly volume_mL: number };
  };
  readonly 'bottle-moved': MoveBottle & { readonly id: string };
  readonly 'bottle-changed': BottleChange & { readonly id: string; readonly changeId: string };
  readonly 'change-undone': {
    readonly id: string;
    readonly changeId: string;
    /** How the bottle was before it; unknown of what earlier versions kept. */
    readonly was?: Pick<BottleRecord, 'remaining_mL' | 'openedAt'>;
  };
  readonly 'brew-made': MakeBrew & { readonly id: string };
  /** As if the brew of that id had never been made. */
  readonly 'batch-undone': { readonly id: string; readonly batch: string };
}

const { pourBottle, undoPour, moveBottle, changeBottle, undoChange, makeBrew, undoBrew } = bottlesApi.endpoints;
/** How it is sent: each with an id of its own, so that sending it twice does no harm. */
export const BOTTLE_SENDERS: Readonly<Record<keyof BottleDeeds, Sender>> = {
  pour: oneByOne<BottleDeeds['pour']>((body, dispatch) => dispatch(pourBottle.initiate(body))),
  'pour-undone': oneByOne<BottleDeeds['pour-undone']>((body, dispatch) => dispatch(undoPour.initiate(body))),
  'bottle-moved': oneByOne<BottleDeeds['bottle-moved']>((body, dispatch) => dispatch(moveBottle.initiate(body))),
  'bottle-changed': oneByOne<BottleDeeds['bottle-changed']>((body, dispatch) => dispatch(changeBottle.initiate(body))),
  'change-undone': oneByOne<BottleDeeds['change-undone']>((body, dispatch) => dispatch(undoChange.initiate(body))),
  'brew-made': oneByOne<BottleDeeds['brew-made']>(async (body, dispatch) => {
    const answer = await dispatch(makeBrew.initiate(body));
    if (answer.data) dispatch(noticeRaised({ text: `Batch ${answer.data.batch} is on the shelf` }));
    return answer;
  }),
  'batch-undone': oneByOne<BottleDeeds['batch-undone']>(async ({ id }, dispatch) => {
    const { error } = await dispatch(undoBrew.initiate(id));
    // What is not there is taken back: an answer was lost on its way.
    return error && failureOf(error).code !== 'not-found' ? { error } : {};
  }),
};
