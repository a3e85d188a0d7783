import type { LabelOrder, LabelPages, LabelsStuck } from '@wellhydra/contract';
import { api } from '../../state/api';

export const labelsApi = api.injectEndpoints({
  endpoints: (build) => ({
    /** Asked anew each time: bottles and people change. */
    lookAtLabels: build.query<LabelPages, LabelOrder>({
      query: (body) => ({ url: '/documents/labels', method: 'POST', body }),
      keepUnusedDataFor: 0,
    }),
    labelsStuck: build.mutation<void, LabelsStuck>({
      query: (body) => ({ url: '/documents/labels/stuck', method: 'POST', body }),
      invalidatesTags: (_result, _error, { bottles }) => [
        { type: 'Bottle', id: 'LIST' },
        ...bottles.map((id) => ({ type: 'Bottle' as const, id })),
      ],
    }),
  }),
});

export const { useLookAtLabelsQuery } = labelsApi;
