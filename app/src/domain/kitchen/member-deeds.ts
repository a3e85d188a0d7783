import type { ChangeRole, KitchenDetails } from '@wellhydra/contract';
import { enqueued } from '../../state/sync/queue';
import type { Store } from '../store';
import { kitchenApi } from './kitchen-endpoints';
import { kitchenAfter, type MemberDeed } from './member-waiting';

type Thunk = (dispatch: Store['dispatch']) => void;
type Member = Pick<KitchenDetails['members'][number], 'id' | 'name'>;

/** Everything about who is in goes out in the order in which it was done. */
export const MEMBERS_LANE = 'members';

const done =
  (deed: MemberDeed, about: string): Thunk =>
  (dispatch) => {
    const after = (kitchen: unknown) => kitchenAfter(kitchen as KitchenDetails, deed) as never;
    dispatch(kitchenApi.util.updateQueryData('getKitchen', undefined, after));
    dispatch(enqueued({ id: crypto.randomUUID(), ...deed, about, lane: MEMBERS_LANE }));
  };

/** Makes a member an owner, a maker or a drinker, or says which of the people a drinker is. */
export const roleChanged = ({ id, name }: Member, change: ChangeRole): Thunk =>
  done({ kind: 'role-changed', body: { ...change, id } }, name);

/** Takes a member out of the kitchen. */
export const memberRemoved = ({ id, name }: Member): Thunk => done({ kind: 'member-removed', body: { id } }, name);

/** Replaces what lets people in. */
export const invitationsReplaced = (): Thunk => done({ kind: 'invitations-replaced', body: {} }, 'The invitations');
