import { failureOf } from '../../state/api';
import { enqueued } from '../../state/sync/queue';
import { oneByOne, type Sender } from '../../state/sync/send-queue';
import type { Store } from '../store';
import { ownAccountApi } from './own-account-endpoints';

/** What is done about where one is signed in, as it waits to be sent. */
export interface SessionDeeds {
  readonly 'session-ended': { readonly id: string };
  readonly 'signed-out-elsewhere': Readonly<Record<string, never>>;
}

const { endSession, signOutElsewhere } = ownAccountApi.endpoints;

export const SESSION_SENDERS: Readonly<Record<keyof SessionDeeds, Sender>> = {
  'session-ended': oneByOne<SessionDeeds['session-ended']>(async ({ id }, dispatch) => {
    const { error } = await dispatch(endSession.initiate(id));
    // It has ended by itself, or an answer was lost on its way.
    return error && failureOf(error).code !== 'not-found' ? { error } : {};
  }),
  'signed-out-elsewhere': oneByOne((_body, dispatch) => dispatch(signOutElsewhere.initiate())),
};

export const SESSIONS_LANE = 'sessions';

/**
 * Signs out on another device.
 *
 * @param device how it is called
 */
export const sessionEnded =
  (id: string, device: string) =>
  (dispatch: Store['dispatch']): void =>
    void dispatch(
      enqueued({ id: crypto.randomUUID(), kind: 'session-ended', body: { id }, about: device, lane: SESSIONS_LANE }),
    );

/** Signs out on every other device. */
export const signedOutElsewhere =
  () =>
  (dispatch: Store['dispatch']): void =>
    void dispatch(
      enqueued({
        id: crypto.randomUUID(),
        kind: 'signed-out-elsewhere',
        body: {},
        about: 'Your other devices',
        lane: SESSIONS_LANE,
      }),
    );
