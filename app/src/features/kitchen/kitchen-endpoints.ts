import type { KitchenDetails } from '@wellhydra/contract';
import { api } from '../../state/api';

export const kitchenApi = api.injectEndpoints({
  endpoints: (build) => ({
    getKitchen: build.query<KitchenDetails, void>({ query: () => '/kitchen', providesTags: ['Kitchen'] }),
    newInvitation: build.mutation<KitchenDetails, void>({
      query: () => ({ url: '/kitchen/invitation', method: 'POST' }),
      invalidatesTags: ['Kitchen'],
    }),
  }),
});

export const { useGetKitchenQuery, useNewInvitationMutation } = kitchenApi;
