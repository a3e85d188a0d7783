import type { SaveShopping, ShoppingRecord } from '@wellhydra/contract';
import { NOT_SEEN_LATER, api } from '../../state/api';

export const shoppingApi = api.injectEndpoints({
  endpoints: (build) => ({
    getShopping: build.query<ShoppingRecord, void>({
      extraOptions: NOT_SEEN_LATER,
      query: () => '/stores/shopping',
      providesTags: ['Shopping'],
    }),
    saveShopping: build.mutation<ShoppingRecord, SaveShopping>({
      query: (body) => ({ url: '/stores/shopping', method: 'PUT', body }),
    }),
  }),
});

export const { useGetShoppingQuery } = shoppingApi;
