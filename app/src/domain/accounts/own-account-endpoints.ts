import type { ChangePassword, DeleteAccount, OpenSessions, OwnData } from '@wellhydra/contract';
import { api } from '../../state/api';

/** What one does with an account of one's own. */
export const ownAccountApi = api.injectEndpoints({
  endpoints: (build) => ({
    listSessions: build.query<OpenSessions, void>({
      query: () => '/accounts/sessions',
      providesTags: ['Session'],
    }),
    endSession: build.mutation<void, string>({
      query: (id) => ({ url: `/accounts/sessions/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Session'],
    }),
    signOutElsewhere: build.mutation<void, void>({
      query: () => ({ url: '/accounts/sign-out-elsewhere', method: 'POST' }),
      invalidatesTags: ['Session'],
    }),
    changePassword: build.mutation<void, ChangePassword>({
      query: (body) => ({ url: '/accounts/password', method: 'PUT', body }),
      invalidatesTags: ['Session'],
    }),
    getOwnData: build.mutation<OwnData, void>({ query: () => '/accounts/own-data' }),
    deleteAccount: build.mutation<void, DeleteAccount>({
      query: (body) => ({ url: '/accounts/delete', method: 'POST', body }),
    }),
  }),
});

export const { useListSessionsQuery, useChangePasswordMutation, useGetOwnDataMutation, useDeleteAccountMutation } =
  ownAccountApi;
