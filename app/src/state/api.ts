import type { ErrorBody } from '@wellhydra/contract';
import { OWNER_HEADER } from '@wellhydra/contract/owner-header';
import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
  type FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query/react';
import { seenOver, seenShown, type OwnerState } from './sync/owner';
import { keepSeen, seenBefore } from './sync/seen';

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

/**
 * Options of a query whose answer is not shown later: it is kept in another way, or is nothing to look at once it is
 * over, as what devices show.
 */
export const NOT_SEEN_LATER = { notSeenLater: true } as const;

const ownerIn = (state: unknown): string | null => (state as { owner?: OwnerState }).owner?.owner ?? null;

const fromServer = fetchBaseQuery({
  baseUrl: '/api',
  credentials: 'same-origin',
  prepareHeaders: (headers, { getState, endpoint }) => {
    const owner = ownerIn(getState());
    // Whose it is goes with everything: the server refuses it under any other session.
    if (owner && !ABOUT_SESSIONS.has(endpoint)) headers.set(OWNER_HEADER, owner);
  },
});

/** Nothing answered, or something before the server that says so. */
const UNANSWERED = new Set<unknown>(['FETCH_ERROR', 'TIMEOUT_ERROR', 502, 503, 504]);

/** Asks the server; where it does not answer, what it last answered to somebody who is in is shown in its place. */
const fromServerOrSeen: BaseQueryFn<
  string | FetchArgs,
  unknown,
  FetchBaseQueryError,
  Partial<typeof NOT_SEEN_LATER>,
  FetchBaseQueryMeta
> = async (asked, queryApi, more) => {
  const { type, endpoint, getState, dispatch, queryCacheKey: query = endpoint } = queryApi;
  const answer = await fromServer(asked, queryApi, more);
  const owner = ownerIn(getState());
  const isSeenLater = type === 'query' && !more?.notSeenLater && !ABOUT_SESSIONS.has(endpoint);
  if (owner === null || !isSeenLater) return answer;
  const key = typeof asked === 'string' ? asked : JSON.stringify(asked);
  if (!answer.error) {
    void keepSeen(owner, key, answer.data);
    dispatch(seenOver(query));
    return answer;
  }
  if (!UNANSWERED.has(answer.error.status)) return answer;
  const seen = await seenBefore(owner, key);
  // Whoever has come in meanwhile sees nothing of theirs.
  if (!seen || ownerIn(getState()) !== owner) return answer;
  dispatch(seenShown({ query, at: seen.at }));
  return { data: seen.data, ...(answer.meta ? { meta: answer.meta } : {}) };
};

/** The server, without endpoints of its own: each feature adds what it needs. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fromServerOrSeen,
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
