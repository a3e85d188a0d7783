import type {
  DrunkBrew,
  DrunkPage,
  DrunkRecord,
  HouseholdRecord,
  LockPeople,
  OpenPeople,
  PeopleLock,
  SaveHousehold,
} from '@wellhydra/contract';
import { NOT_SEEN_LATER, api } from '../../state/api';
import type { Ask } from '../../state/pages';

/** What people drank since a moment, with the brews it was poured from. */
export interface Drunk {
  readonly pours: readonly DrunkRecord[];
  readonly brews: Readonly<Record<string, DrunkBrew>>;
}

/** Rows of a page. */
const PAGE = 500;

/** Asks page by page until all of it is there. */
async function everyPour(since: string, ask: Ask) {
  const pours: DrunkRecord[] = [];
  let brews: Drunk['brews'] = {};
  let cursor: string | null = null;
  do {
    const from: string = cursor === null ? '' : `&cursor=${encodeURIComponent(cursor)}`;
    const { data, error } = await ask(`/people/pours?limit=${PAGE}&since=${encodeURIComponent(since)}${from}`);
    if (error) return { error };
    const page = data as DrunkPage;
    pours.push(...page.pours);
    brews = { ...brews, ...page.brews };
    cursor = page.next;
  } while (cursor !== null);
  return { data: { pours, brews } };
}

export const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    getPeople: build.query<HouseholdRecord, void>({
      extraOptions: NOT_SEEN_LATER,
      query: () => '/people',
      providesTags: ['People'],
    }),
    savePeople: build.mutation<HouseholdRecord, SaveHousehold>({
      query: (body) => ({ url: '/people', method: 'PUT', body }),
    }),
    getPeopleLock: build.query<PeopleLock, void>({
      extraOptions: NOT_SEEN_LATER,
      query: () => '/people/lock',
      providesTags: ['People'],
    }),
    /** Puts the people under a passphrase, or under another. */
    lockPeople: build.mutation<PeopleLock, LockPeople>({
      query: (body) => ({ url: '/people/lock', method: 'PUT', body }),
      invalidatesTags: ['People'],
    }),
    unlockPeople: build.mutation<PeopleLock, void>({
      query: () => ({ url: '/people/lock', method: 'DELETE' }),
      invalidatesTags: ['People'],
    }),
    openPeople: build.mutation<PeopleLock, OpenPeople>({
      query: (body) => ({ url: '/people/lock/open', method: 'POST', body }),
      invalidatesTags: ['People'],
    }),
    shutPeople: build.mutation<null, void>({
      query: () => ({ url: '/people/lock/shut', method: 'POST' }),
      invalidatesTags: ['People'],
    }),
    forgetPeople: build.mutation<PeopleLock, void>({
      query: () => ({ url: '/people', method: 'DELETE' }),
      invalidatesTags: ['People', { type: 'Bottle', id: 'DRUNK' }],
    }),
    /** @param since the first moment of a day, so that all who ask on that day share an answer */
    listDrunk: build.query<Drunk, string>({
      queryFn: (since, _api, _more, ask) => everyPour(since, ask as Ask) as never,
      providesTags: [{ type: 'Bottle', id: 'DRUNK' }],
    }),
  }),
});

export const {
  useGetPeopleQuery,
  useGetPeopleLockQuery,
  useLockPeopleMutation,
  useUnlockPeopleMutation,
  useOpenPeopleMutation,
  useShutPeopleMutation,
  useForgetPeopleMutation,
  useListDrunkQuery,
} = peopleApi;
