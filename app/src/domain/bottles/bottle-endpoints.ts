import type { BottleChange, BottleRecord, BrewRecord, MakeBrew, MoveBottle, Pour, PourPage } from '@wellhydra/contract';
import { api } from '../../state/api';
import { everyPage, pageAddress, type Ask } from '../../state/pages';

/** What stands on the shelf and is not empty. */
export interface BottleList {
  readonly bottles: readonly BottleRecord[];
}

const LIST = { type: 'Bottle', id: 'LIST' } as const;
/** What people drank. */
const DRUNK = { type: 'Bottle', id: 'DRUNK' } as const;

export const bottlesApi = api.injectEndpoints({
  endpoints: (build) => ({
    listBottles: build.query<BottleList, void>({
      queryFn: (_all, _api, _more, ask) => everyPage<'bottles', BottleRecord>('/bottles', 'bottles', ask as Ask),
      providesTags: [LIST],
    }),
    listPours: build.infiniteQuery<PourPage, string, string | undefined>({
      infiniteQueryOptions: {
        initialPageParam: undefined,
        getNextPageParam: ({ next }) => next ?? undefined,
      },
      query: ({ queryArg: id, pageParam }) => pageAddress(`/bottles/${id}/pours`, pageParam),
      providesTags: (_result, _error, id) => [{ type: 'Bottle', id }],
    }),
    getBottle: build.query<BottleRecord, string>({
      query: (id) => `/bottles/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'Bottle', id }],
    }),
    makeBrew: build.mutation<BrewRecord, MakeBrew & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/brews/${id}`, method: 'PUT', body }),
      invalidatesTags: [LIST],
    }),
    getBrew: build.query<BrewRecord, string>({
      query: (id) => `/brews/${id}`,
      providesTags: [LIST],
    }),
    /** As if it had never been made. */
    undoBrew: build.mutation<void, string>({
      query: (id) => ({ url: `/brews/${id}`, method: 'DELETE' }),
      invalidatesTags: [LIST, DRUNK],
    }),
    pourBottle: build.mutation<BottleRecord, Pour & { readonly id: string; readonly pourId: string }>({
      query: ({ id, pourId, ...body }) => ({ url: `/bottles/${id}/pours/${pourId}`, method: 'PUT', body }),
      invalidatesTags: (_result, _error, { id }) => [LIST, DRUNK, { type: 'Bottle', id }],
    }),
    undoPour: build.mutation<BottleRecord, { readonly id: string; readonly pourId: string }>({
      query: ({ id, pourId }) => ({ url: `/bottles/${id}/pours/${pourId}`, method: 'DELETE' }),
      invalidatesTags: (_result, _error, { id }) => [LIST, DRUNK, { type: 'Bottle', id }],
    }),
    changeBottle: build.mutation<BottleRecord, BottleChange & { readonly id: string; readonly changeId: string }>({
      query: ({ id, changeId, ...body }) => ({ url: `/bottles/${id}/changes/${changeId}`, method: 'PUT', body }),
      invalidatesTags: (_result, _error, { id }) => [LIST, { type: 'Bottle', id }],
    }),
    undoChange: build.mutation<BottleRecord, { readonly id: string; readonly changeId: string }>({
      query: ({ id, changeId }) => ({ url: `/bottles/${id}/changes/${changeId}`, method: 'DELETE' }),
      invalidatesTags: (_result, _error, { id }) => [LIST, { type: 'Bottle', id }],
    }),
    moveBottle: build.mutation<BottleRecord, MoveBottle & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/bottles/${id}/place`, method: 'PUT', body }),
      invalidatesTags: (_result, _error, { id }) => [LIST, { type: 'Bottle', id }],
    }),
  }),
});

export const {
  useListBottlesQuery,
  useGetBottleQuery,
  useGetBrewQuery,
  useListPoursInfiniteQuery,
  useMakeBrewMutation,
} = bottlesApi;
