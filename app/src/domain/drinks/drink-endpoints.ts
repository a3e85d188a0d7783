import type { DrinkRecord, DrinkVersion, SaveDrink } from '@wellhydra/contract';
import { api } from '../../state/api';
import { everyPage, type Ask } from '../../state/pages';

export interface DrinkList {
  readonly drinks: readonly DrinkRecord[];
}
export interface DrinkVersions {
  readonly versions: readonly DrinkVersion[];
}

const LIST = { type: 'Drink', id: 'LIST' } as const;

export const drinksApi = api.injectEndpoints({
  endpoints: (build) => ({
    listDrinks: build.query<DrinkList, void>({
      queryFn: (_all, _api, _more, ask) => everyPage<'drinks', DrinkRecord>('/drinks', 'drinks', ask as Ask),
      providesTags: [LIST],
    }),
    getDrink: build.query<DrinkRecord, string>({
      query: (id) => `/drinks/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'Drink', id }],
    }),
    saveDrink: build.mutation<DrinkRecord, SaveDrink & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/drinks/${id}`, method: 'PUT', body }),
      invalidatesTags: (result) => (result ? [LIST] : []),
    }),
    deleteDrink: build.mutation<void, string>({
      query: (id) => ({ url: `/drinks/${id}`, method: 'DELETE' }),
      invalidatesTags: [LIST],
    }),
    listVersions: build.query<DrinkVersions, string>({
      queryFn: (id, _api, _more, ask) =>
        everyPage<'versions', DrinkVersion>(`/drinks/${id}/versions`, 'versions', ask as Ask),
      providesTags: (_result, _error, id) => [{ type: 'Versions', id }],
    }),
    labelVersion: build.mutation<
      void,
      { readonly id: string; readonly revision: number; readonly label: string | null }
    >({
      query: ({ id, revision, label }) => ({
        url: `/drinks/${id}/versions/${revision}/label`,
        method: 'PUT',
        body: { label },
      }),
      invalidatesTags: (_result, _error, { id }) => [{ type: 'Versions', id }],
    }),
    restoreDrink: build.mutation<DrinkRecord, string>({
      query: (id) => ({ url: `/drinks/${id}/restore`, method: 'POST' }),
      invalidatesTags: (_result, _error, id) => [LIST, { type: 'Drink', id }],
    }),
  }),
});

export const { useListDrinksQuery, useGetDrinkQuery, useListVersionsQuery } = drinksApi;
