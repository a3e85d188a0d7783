import type { PlanRecord, SavePlan } from '@wellhydra/contract';
import { NOT_SEEN_LATER, api } from '../../state/api';

export const plansApi = api.injectEndpoints({
  endpoints: (build) => ({
    getPlan: build.query<PlanRecord, void>({
      extraOptions: NOT_SEEN_LATER,
      query: () => '/kitchen/plan',
      providesTags: ['Plan'],
    }),
    savePlan: build.mutation<PlanRecord, SavePlan>({
      query: (body) => ({ url: '/kitchen/plan', method: 'PUT', body }),
    }),
  }),
});

export const { useGetPlanQuery } = plansApi;
