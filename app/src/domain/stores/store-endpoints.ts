import type { BottleBrews, BrewLots, LotChange, LotRecord, LotTrace, SaveLot } from '@wellhydra/contract';
import { api } from '../../state/api';
import { everyPage, type Ask } from '../../state/pages';

/** What is in the house and not used up. */
export interface LotList {
  readonly lots: readonly LotRecord[];
}

const LIST = { type: 'Lot', id: 'LIST' } as const;
const changed = (_result: unknown, _error: unknown, { id }: { readonly id: string }) =>
  [LIST, { type: 'Lot', id }] as const;

export const storesApi = api.injectEndpoints({
  endpoints: (build) => ({
    listLots: build.query<LotList, void>({
      queryFn: (_all, _api, _more, ask) => everyPage<'lots', LotRecord>('/stores/lots', 'lots', ask as Ask),
      // A brew that is bottled takes from them.
      providesTags: [LIST, { type: 'Bottle', id: 'LIST' }],
    }),
    getLot: build.query<LotRecord, string>({
      query: (id) => `/stores/lots/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'Lot', id }],
    }),
    traceLot: build.query<LotTrace, string>({
      query: (id) => `/stores/lots/${id}/trace`,
      keepUnusedDataFor: 0,
    }),
    brewsOfBottle: build.query<BottleBrews, string>({
      query: (id) => `/stores/bottles/${id}/brews`,
      keepUnusedDataFor: 0,
    }),
    lotsOfBrew: build.query<BrewLots, string>({ query: (id) => `/stores/brews/${id}/lots`, keepUnusedDataFor: 0 }),
    saveLot: build.mutation<LotRecord, SaveLot & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/stores/lots/${id}`, method: 'PUT', body }),
      invalidatesTags: changed,
    }),
    changeLot: build.mutation<LotRecord, LotChange & { readonly id: string; readonly changeId: string }>({
      query: ({ id, changeId, ...body }) => ({ url: `/stores/lots/${id}/changes/${changeId}`, method: 'PUT', body }),
      invalidatesTags: changed,
    }),
    undoLotChange: build.mutation<LotRecord, { readonly id: string; readonly changeId: string }>({
      query: ({ id, changeId }) => ({ url: `/stores/lots/${id}/changes/${changeId}`, method: 'DELETE' }),
      invalidatesTags: changed,
    }),
  }),
});

export const { useListLotsQuery, useGetLotQuery, useTraceLotQuery, useLotsOfBrewQuery, useBrewsOfBottleQuery } =
  storesApi;
