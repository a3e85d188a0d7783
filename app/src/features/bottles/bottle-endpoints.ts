import type { BottleList, BottleRecord, BrewRecord, MakeBrew, MoveBottle, Pour } from '@wellhydra/contract';
import { api } from '../../state/api';

const LIST = { type: 'Bottle', id: 'LIST' } as const;

export const bottlesApi = api.injectEndpoints({
  endpoints: (build) => ({
    listBottles: build.query<BottleList, void>({ query: () => '/bottles', providesTags: [LIST] }),
    getBottle: build.query<BottleRecord, string>({
      query: (id) => `/bottles/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'Bottle', id }],
    }),
    makeBrew: build.mutation<BrewRecord, MakeBrew & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/brews/${id}`, method: 'PUT', body }),
      invalidatesTags: [LIST],
    }),
    pourBottle: build.mutation<BottleRecord, Pour & { readonly id: string; readonly pourId: string }>({
      query: ({ id, pourId, ...body }) => ({ url: `/bottles/${id}/pours/${pourId}`, method: 'PUT', body }),
      invalidatesTags: (_result, _error, { id }) => [LIST, { type: 'Bottle', id }],
    }),
    undoPour: build.mutation<BottleRecord, { readonly id: string; readonly pourId: string }>({
      query: ({ id, pourId }) => ({ url: `/bottles/${id}/pours/${pourId}`, method: 'DELETE' }),
      invalidatesTags: (_result, _error, { id }) => [LIST, { type: 'Bottle', id }],
    }),
    moveBottle: build.mutation<BottleRecord, MoveBottle & { readonly id: string }>({
      query: ({ id, place }) => ({ url: `/bottles/${id}/place`, method: 'PUT', body: { place } }),
      invalidatesTags: (_result, _error, { id }) => [LIST, { type: 'Bottle', id }],
    }),
  }),
});

export const {
  useListBottlesQuery,
  useGetBottleQuery,
  useMakeBrewMutation,
  usePourBottleMutation,
  useUndoPourMutation,
  useMoveBottleMutation,
} = bottlesApi;
