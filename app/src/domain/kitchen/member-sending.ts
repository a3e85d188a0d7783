import type { ChangeRole } from '@wellhydra/contract';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { oneByOne, type Sender } from '../../state/sync/send-queue';
import { kitchenApi } from './kitchen-endpoints';
import { memberApi } from './member-endpoints';

/** What is done about who is in a kitchen, as it waits to be sent. */
export interface MemberDeeds {
  readonly 'role-changed': ChangeRole & { readonly id: string };
  readonly 'member-removed': { readonly id: string };
  readonly 'invitations-replaced': Readonly<Record<string, never>>;
}

const { changeRole, removeMember } = memberApi.endpoints;

export const MEMBER_SENDERS: Readonly<Record<keyof MemberDeeds, Sender>> = {
  'role-changed': oneByOne<MemberDeeds['role-changed']>((body, dispatch) => dispatch(changeRole.initiate(body))),
  'member-removed': oneByOne<MemberDeeds['member-removed']>(async ({ id }, dispatch) => {
    const { error } = await dispatch(removeMember.initiate(id));
    // Whoever is not in it is out: an answer was lost on its way, or somebody else was quicker.
    return error && failureOf(error).code !== 'not-found' ? { error } : {};
  }),
  'invitations-replaced': oneByOne(async (_body, dispatch) => {
    const answer = await dispatch(kitchenApi.endpoints.newInvitation.initiate());
    if (answer.data) dispatch(noticeRaised({ text: 'The old invitations no longer work' }));
    return answer;
  }),
};
