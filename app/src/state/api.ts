import type { ErrorBody } from '@wellhydra/contract';
import { OWNER_HEADER } from '@wellhydra/contract/owner-header';
import { createApi, fetchBaseQuery, type FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import type { OwnerState } from './sync/owner';

/** What asks or says who is in, and so belongs to nobody yet. */
const ABOUT_SESSIONS = new Set([
  'getOptions',
  'getSession',
  'register',
  'signIn',
  'enterDemo',
  'signOut',
  'requestReset',
  'resetPassword',
]);

/** The server, without endpoints of its own: each feature adds what it needs. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({
    baseUrl: '/api',
    credentials: 'same-origin',
    prepareHeaders: (headers, { getState, endpoint }) => {
      const { owner } = (getState() as { owner?: OwnerState }).owner ?? {};
      // Whose it is goes with everything: the server refuses it under any other session.
      if (owner && !ABOUT_SESSIONS.has(endpoint)) headers.set(OWNER_HEADER, owner);
    },
  }),
  tagTypes: [
    'Session',
    'Kitchen',
    'Settings',
    'Plan',
    'People',
    'Devices',
    'Habits',
    'Versions',
    'Drink',
    'Brew',
    'Bottle',
    'Lot',
    'Shopping',
  ],
  refetchOnFocus: true,
  refetchOnReconnect: true,
  endpoints: () => ({}),
});

/** Why a request failed, for the person in front of the screen. */
export interface Failure {
  /** `offline` when no answer came at all. */
  readonly code: ErrorBody['code'] | 'offline';
  readonly message: string;
  readonly details?: unknown;
}

const isErrorBody = (data: unknown): data is ErrorBody =>
  typeof data === 'object' && data !== null && 'code' in data && 'message' in data;

/** Any error of a request as something that can be shown. */
export function failureOf(error: unknown): Failure {
  const { status, data } = error as FetchBaseQueryError;
  if (isErrorBody(data)) return data;
  if (status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR')
    return { code: 'offline', message: 'The server does not answer. Check the connection and try again.' };
  return { code: 'unexpected', message: 'Something went wrong on the server. Try again in a moment.' };
}

/** What is said of the error of a request; null where there is none. */
export const refusalOf = (error: unknown): string | null => (error === undefined ? null : failureOf(error).message);
