import type {
  HabitsRecord,
  HabitsReset,
  KitchenDetails,
  KitchenSettingsRecord,
  SaveKitchenSettings,
} from '@wellhydra/contract';
import { api } from '../../state/api';

export const kitchenApi = api.injectEndpoints({
  endpoints: (build) => ({
    getKitchen: build.query<KitchenDetails, void>({ query: () => '/kitchen', providesTags: ['Kitchen'] }),
    newInvitation: build.mutation<KitchenDetails, void>({
      query: () => ({ url: '/kitchen/invitation', method: 'POST' }),
      invalidatesTags: ['Kitchen'],
    }),
    getSettings: build.query<KitchenSettingsRecord, void>({
      query: () => '/kitchen/settings',
      providesTags: ['Settings'],
    }),
    saveSettings: build.mutation<KitchenSettingsRecord, SaveKitchenSettings>({
      query: (body) => ({ url: '/kitchen/settings', method: 'PUT', body }),
      invalidatesTags: ['Settings'],
    }),
    getHabits: build.query<HabitsRecord, void>({ query: () => '/kitchen/habits', providesTags: ['Habits'] }),
    resetHabits: build.mutation<HabitsRecord, HabitsReset>({
      query: (params) => ({ url: '/kitchen/habits/reset', method: 'POST', params }),
      invalidatesTags: ['Habits'],
    }),
  }),
});

export const { useGetHabitsQuery, useGetKitchenQuery, useGetSettingsQuery, useSaveSettingsMutation } = kitchenApi;
