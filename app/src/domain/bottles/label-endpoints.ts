import type { LabelOrder, LabelPages, LabelsStuck } from '@wellhydra/contract';
import { api } from '../../state/api';

const labelsApi = api.injectEndpoints({
  endpoints: (build) => ({
    lookAtLabels: build.mutation<LabelPages, LabelOrder>({
      query: (body) => ({ url: '/documents/labels', method: 'POST', body }),
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

export const { useLookAtLabelsMutation, useLabelsStuckMutation } = labelsApi;
