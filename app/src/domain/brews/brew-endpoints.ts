import type {
  BrewProgress,
  BrewRecord,
  BrewRun,
  FinishBrew,
  PostEvents,
  ProgressQuery,
  StartBrew,
} from '@wellhydra/contract';
import { NOT_SEEN_LATER, api } from '../../state/api';
import { everyPage, type Ask } from '../../state/pages';

/** What is under way. */
export interface BrewRuns {
  readonly brews: readonly BrewRun[];
}

interface OfBrew {
  readonly id: string;
}

export const brewsApi = api.injectEndpoints({
  endpoints: (build) => ({
    listRuns: build.query<BrewRuns, void>({
      extraOptions: NOT_SEEN_LATER,
      queryFn: (_all, _api, _more, ask) => everyPage<'brews', BrewRun>('/brews/under-way', 'brews', ask as Ask),
      providesTags: ['Brew'],
    }),
    getRun: build.query<BrewRun, string>({
      extraOptions: NOT_SEEN_LATER,
      query: (id) => `/brews/${id}/run`,
      keepUnusedDataFor: 0,
    }),
    awaitProgress: build.query<BrewProgress, OfBrew & ProgressQuery>({
      extraOptions: NOT_SEEN_LATER,
      query: ({ id, after, wait_ms }) => ({ url: `/brews/${id}/events`, params: { after, wait_ms } }),
      keepUnusedDataFor: 0,
    }),
    startRun: build.mutation<BrewRun, OfBrew & StartBrew>({
      query: ({ id, ...body }) => ({ url: `/brews/${id}/run`, method: 'PUT', body }),
    }),
    postEvents: build.mutation<BrewProgress, OfBrew & PostEvents>({
      query: ({ id, ...body }) => ({ url: `/brews/${id}/events`, method: 'POST', body }),
    }),
    finishRun: build.mutation<BrewRecord, OfBrew & FinishBrew>({
      query: ({ id, ...body }) => ({ url: `/brews/${id}/finish`, method: 'PUT', body }),
      invalidatesTags: [{ type: 'Bottle', id: 'LIST' }, 'Habits'],
    }),
  }),
});

export const { useListRunsQuery, useGetRunQuery } = brewsApi;
