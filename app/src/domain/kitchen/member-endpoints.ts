import type { AuditPage, ChangeRole, KitchenDetails, Session } from '@wellhydra/contract';
import { api } from '../../state/api';

/** Who is in the kitchen, and what was done to that. */
export const memberApi = api.injectEndpoints({
  endpoints: (build) => ({
    changeRole: build.mutation<KitchenDetails, ChangeRole & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/kitchen/members/${id}/role`, method: 'PUT', body }),
      invalidatesTags: ['Kitchen', 'Session'],
    }),
    removeMember: build.mutation<KitchenDetails, string>({
      query: (id) => ({ url: `/kitchen/members/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Kitchen'],
    }),
    leaveKitchen: build.mutation<Session, string>({
      query: (kitchenName) => ({ url: '/kitchen/members/leave', method: 'POST', body: { kitchenName } }),
    }),
    listDeeds: build.query<AuditPage, string | null>({
      query: (cursor) => ({ url: '/kitchen/members/audit', params: { limit: 50, ...(cursor ? { cursor } : {}) } }),
      providesTags: ['Kitchen'],
    }),
  }),
});

export const { useLeaveKitchenMutation, useListDeedsQuery } = memberApi;
