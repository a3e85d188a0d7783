import type { Device, DeviceList, PrintLabels, PrintedLabels, SensorValue, WeighHand } from '@wellhydra/contract';
import { NOT_SEEN_LATER, api } from '../../state/api';

export const devicesApi = api.injectEndpoints({
  endpoints: (build) => ({
    listDevices: build.query<DeviceList, void>({
      extraOptions: NOT_SEEN_LATER,
      query: () => '/devices',
      providesTags: ['Devices'],
    }),
    plugDevice: build.mutation<DeviceList, { readonly device: Device; readonly plugged: boolean }>({
      query: ({ device, plugged }) => ({ url: `/devices/${device}`, method: 'PUT', body: { plugged } }),
      invalidatesTags: ['Devices'],
    }),
    tareScale: build.mutation<void, string>({
      query: (brew) => ({ url: '/devices/scale/tare', method: 'POST', body: { brew } }),
    }),
    weighHand: build.mutation<SensorValue, WeighHand>({
      query: (body) => ({ url: '/devices/scale/weigh', method: 'POST', body }),
    }),
    printLabels: build.mutation<PrintedLabels, PrintLabels>({
      query: (body) => ({ url: '/devices/printer/labels', method: 'POST', body }),
    }),
  }),
});

export const { useListDevicesQuery, usePlugDeviceMutation, useTareScaleMutation, useWeighHandMutation } = devicesApi;
