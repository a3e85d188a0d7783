import type { KitchenDetails } from '@wellhydra/contract';
import { showWaiting } from '../../state/sync/answers';
import { kitchenApi } from './kitchen-endpoints';
import { MEMBER_SENDERS } from './member-sending';
import { kitchenAfter, type MemberDeed } from './member-waiting';

/** Shows what waits to be sent about members over every answer of the server. */
showWaiting<MemberDeed, KitchenDetails, void>(kitchenApi.endpoints.getKitchen, MEMBER_SENDERS, (kitchen, deeds) =>
  deeds.reduce(kitchenAfter, kitchen),
);
