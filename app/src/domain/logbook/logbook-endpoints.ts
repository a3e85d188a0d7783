import type {
  LogbookBrew,
  LogbookCharts,
  LogbookFilter,
  LogbookPage,
  LogbookSort,
  Tasting,
  TriedBrews,
} from '@wellhydra/contract';
import { api } from '../../state/api';

/** What is asked of the logbook. */
export interface LogbookAsked extends LogbookFilter {
  readonly sort?: LogbookSort;
}

/** What is said, as the end of an address; nothing of what is not. */
export const queryOf = (asked: object): string => {
  const said = Object.entries(asked).filter(([, value]) => value !== undefined && value !== '');
  return said.length > 0 ? `?${new URLSearchParams(said.map(([key, value]) => [key, String(value)])).toString()}` : '';
};

interface OfPhoto {
  readonly id: string;
  readonly photoId: string;
}
/** A photo as it waits to be sent: all of it is text, so that it is kept like everything else that waits. */
export interface AddedPhoto extends OfPhoto {
  readonly words: string;
  readonly at: string;
  /** `data:image/jpeg;base64,…` */
  readonly picture: string;
}

function blobOf(picture: string): Blob {
  const [head = '', text = ''] = picture.split(',');
  const bytes = Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));
  return new Blob([bytes], { type: /^data:([^;]+)/.exec(head)?.[1] ?? 'image/jpeg' });
}

const PAGE = 50;
// A brew that is bottled, poured or taken back changes what stands here.
const TAGS = [
  { type: 'Brew', id: 'LOGBOOK' },
  { type: 'Bottle', id: 'LIST' },
] as const;

export const logbookApi = api.injectEndpoints({
  endpoints: (build) => ({
    listLogbook: build.infiniteQuery<LogbookPage, LogbookAsked, string | undefined>({
      infiniteQueryOptions: {
        initialPageParam: undefined,
        getNextPageParam: ({ next }) => next ?? undefined,
      },
      query: ({ queryArg, pageParam: cursor }) => `/logbook${queryOf({ ...queryArg, limit: PAGE, cursor })}`,
      providesTags: [...TAGS],
    }),
    chartLogbook: build.query<LogbookCharts, LogbookFilter>({
      query: (filter) => `/logbook/charts${queryOf(filter)}`,
      providesTags: [...TAGS],
    }),
    getLogbookBrew: build.query<LogbookBrew, string>({
      query: (id) => `/logbook/brews/${id}`,
      providesTags: [...TAGS],
    }),
    getTried: build.query<TriedBrews, string>({
      query: (drinkId) => `/logbook/drinks/${drinkId}/tried`,
      providesTags: [...TAGS],
    }),
    noteBrew: build.mutation<LogbookBrew, { readonly id: string; readonly note: string }>({
      query: ({ id, note }) => ({ url: `/logbook/brews/${id}/note`, method: 'PUT', body: { note } }),
      invalidatesTags: [TAGS[0]],
    }),
    noteTasting: build.mutation<LogbookBrew, Tasting & { readonly id: string; readonly tastingId: string }>({
      query: ({ id, tastingId, ...body }) => ({
        url: `/logbook/brews/${id}/tastings/${tastingId}`,
        method: 'PUT',
        body,
      }),
      invalidatesTags: [TAGS[0]],
    }),
    addPhoto: build.mutation<LogbookBrew, AddedPhoto>({
      query: ({ id, photoId, words, at, picture }) => {
        const body = blobOf(picture);
        const url = `/logbook/brews/${id}/photos/${photoId}${queryOf({ words, at })}`;
        return { url, method: 'PUT', body, headers: { 'content-type': body.type } };
      },
      // The answer is the brew as it is now: shown at once, so that nothing flickers. A refusal is the sender's to tell.
      onQueryStarted: async ({ id }, { dispatch, queryFulfilled }) => {
        const answer = await queryFulfilled.catch(() => null);
        if (answer) dispatch(logbookApi.util.updateQueryData('getLogbookBrew', id, () => answer.data));
      },
    }),
    removePhoto: build.mutation<LogbookBrew, OfPhoto>({
      query: ({ id, photoId }) => ({ url: `/logbook/brews/${id}/photos/${photoId}`, method: 'DELETE' }),
      onQueryStarted: async ({ id }, { dispatch, queryFulfilled }) => {
        const answer = await queryFulfilled.catch(() => null);
        if (answer) dispatch(logbookApi.util.updateQueryData('getLogbookBrew', id, () => answer.data));
      },
    }),
    forgetTasting: build.mutation<LogbookBrew, { readonly id: string; readonly tastingId: string }>({
      query: ({ id, tastingId }) => ({ url: `/logbook/brews/${id}/tastings/${tastingId}`, method: 'DELETE' }),
      invalidatesTags: [TAGS[0]],
    }),
  }),
});

export const { useListLogbookInfiniteQuery, useChartLogbookQuery, useGetLogbookBrewQuery, useGetTriedQuery } =
  logbookApi;
