import type { DrinkList, DrinkRecord, DrinkVersions, SaveDrink } from '@wellhydra/contract';
import { api } from '../../state/api';

const LIST = { type: 'Drink', id: 'LIST' } as const;

export const drinksApi = api.injectEndpoints({
  endpoints: (build) => ({
    listDrinks: build.query<DrinkList, void>({ query: () => '/drinks', providesTags: [LIST] }),
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
      query: (id) => `/drinks/${id}/versions`,
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

export const {
  useListDrinksQuery,
  useGetDrinkQuery,
  useDeleteDrinkMutation,
  useRestoreDrinkMutation,
  useListVersionsQuery,
  useLabelVersionMutation,
} = drinksApi;
