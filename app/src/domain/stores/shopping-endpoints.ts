import type { SaveShopping, ShoppingRecord } from '@wellhydra/contract';
import { api } from '../../state/api';

export const shoppingApi = api.injectEndpoints({
  endpoints: (build) => ({
    getShopping: build.query<ShoppingRecord, void>({ query: () => '/stores/shopping', providesTags: ['Shopping'] }),
    saveShopping: build.mutation<ShoppingRecord, SaveShopping>({
      query: (body) => ({ url: '/stores/shopping', method: 'PUT', body }),
    }),
  }),
});

export const { useGetShoppingQuery } = shoppingApi;
