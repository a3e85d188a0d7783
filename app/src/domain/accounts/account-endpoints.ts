import type { Register, RequestReset, ResetPassword, ServerOptions, Session, SignIn } from '@wellhydra/contract';
import { api } from '../../state/api';

export const accountsApi = api.injectEndpoints({
  endpoints: (build) => ({
    getOptions: build.query<ServerOptions, void>({ query: () => '/accounts/options' }),
    getSession: build.query<Session, void>({ query: () => '/accounts/session', providesTags: ['Session'] }),
    register: build.mutation<Session, Register>({
      query: (body) => ({ url: '/accounts/register', method: 'POST', body }),
    }),
    signIn: build.mutation<Session, SignIn>({ query: (body) => ({ url: '/accounts/sign-in', method: 'POST', body }) }),
    enterDemo: build.mutation<Session, void>({ query: () => ({ url: '/accounts/demo', method: 'POST' }) }),
    requestReset: build.mutation<void, RequestReset>({
      query: (body) => ({ url: '/accounts/reset-request', method: 'POST', body }),
    }),
    resetPassword: build.mutation<void, ResetPassword>({
      query: (body) => ({ url: '/accounts/reset', method: 'POST', body }),
    }),
    signOut: build.mutation<void, void>({ query: () => ({ url: '/accounts/sign-out', method: 'POST' }) }),
  }),
});

export const {
  useGetOptionsQuery,
  useGetSessionQuery,
  useRegisterMutation,
  useSignInMutation,
  useEnterDemoMutation,
  useSignOutMutation,
  useRequestResetMutation,
  useResetPasswordMutation,
} = accountsApi;
