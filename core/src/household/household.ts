import type { Person } from './person';
import type { RehydrationSheet } from './rehydration-sheet';
import type { SpoonPlan } from './spoon-plan';
import type { KeptSweatTest } from './sweat-record';

/**
 * Everything that is known of the people of a kitchen, by id: one document, so that it is edited without a network,
 * merged field by field, and gone with whoever is taken out of it.
 */
export interface Household {
  readonly people: Readonly<Record<string, Person>>;
  readonly spoonPlans: Readonly<Record<string, SpoonPlan>>;
  readonly sweatTests: Readonly<Record<string, KeptSweatTest>>;
  readonly sheets: Readonly<Record<string, RehydrationSheet>>;
  /** Whom drinks are made for, by the drink; a drink that is not named is for everybody. */
  readonly madeFor?: Readonly<Record<string, MadeFor>>;
}

/** The people a drink is made for, by id. */
export type MadeFor = Readonly<Record<string, true>>;

/** How much of each is kept, so that what is kept can always be sent. */
export const HOUSEHOLD_LIMITS = {
  people: 60,
  spoonPlans: 100,
  sweatTests: 200,
  sheets: 40,
  /** Drinks that are made for somebody. */
  madeFor: 500,
  /** Of one sheet. */
  entries: 300,
  /** Doses of one plan that were left out. */
  skipped: 1000,
} as const;

export const NOBODY: Household = { people: {}, spoonPlans: {}, sweatTests: {}, sheets: {} };

const without = <T>(rows: Readonly<Record<string, T>>, leaves: (row: T, id: string) => boolean) =>
  Object.fromEntries(Object.entries(rows).filter(([id, row]) => !leaves(row, id)));

type Part = Exclude<keyof Household, 'madeFor'>;
/** What goes first of a part that is full: the oldest of what is over; of people nobody. */
const OLDEST: { readonly [P in Exclude<Part, 'people'>]: (row: Household[P][string]) => string } = {
  spoonPlans: ({ ended, begins }) => ended ?? begins,
  sweatTests: ({ at }) => at,
  sheets: ({ ended, begins }) => ended ?? begins,
};

/** A household with a row that is new, or as it says now; where a part is full, its oldest row makes room. */
export function withRow<P extends Part>(
  household: Household,
  part: P,
  id: string,
  row: Household[P][string],
): Household {
  const rows: Readonly<Record<string, unknown>> = household[part];
  const full = !(id in rows) && Object.keys(rows).length >= HOUSEHOLD_LIMITS[part];
  if (!full || part === 'people') return { ...household, [part]: { ...rows, [id]: row } };
  const age = OLDEST[part as Exclude<Part, 'people'>] as (row: unknown) => string;
  const [oldest] = Object.entries(rows).sort(([, a], [, b]) => age(a).localeCompare(age(b)))[0]!;
  return { ...household, [part]: { ...without(rows, (_row, key) => key === oldest), [id]: row } };
}

/** Those a drink is made for, by id; nobody where it is for everybody. */
export const madeForOf = ({ madeFor, people }: Household, drinkId: string): readonly string[] =>
  Object.keys(madeFor?.[drinkId] ?? {}).filter((id) => people[id]);

/** A household in which a drink is made for these people; for nobody of them it is for everybody again. */
export function withMadeFor(household: Household, drinkId: string, ids: readonly string[]): Household {
  const others = Object.entries(household.madeFor ?? {}).filter(([id]) => id !== drinkId);
  const room = others.slice(Math.max(0, others.length + 1 - HOUSEHOLD_LIMITS.madeFor));
  const own = ids.length > 0 ? { [drinkId]: Object.fromEntries(ids.map((id) => [id, true as const])) } : {};
  return { ...household, madeFor: { ...Object.fromEntries(room), ...own } };
}

/** A household without somebody: with them goes all that was kept of them. */
export function withoutPerson(household: Household, id: string): Household {
  const { people, spoonPlans, sweatTests, sheets, madeFor = {} } = household;
  const shared = Object.fromEntries(
    Object.entries(spoonPlans).map(([planId, plan]) => [
      planId,
      {
        ...plan,
        people: without(plan.people, (_so, personId) => personId === id),
        skipped: without(plan.skipped, (_so, key) => key.startsWith(`${id}@`)),
      },
    ]),
  );
  return {
    people: without(people, (_person, personId) => personId === id),
    spoonPlans: without(shared, (plan) => Object.keys(plan.people).length === 0),
    sweatTests: without(sweatTests, ({ personId }) => personId === id),
    sheets: without(sheets, ({ personId }) => personId === id),
    madeFor: without(
      Object.fromEntries(
        Object.entries(madeFor).map(([drinkId, ids]) => [drinkId, without(ids, (_so, personId) => personId === id)]),
      ),
      (ids) => Object.keys(ids).length === 0,
    ),
  };
}

const only = <T>(rows: Readonly<Record<string, T>>, stays: (row: T, id: string) => boolean) =>
  without(rows, (row, id) => !stays(row, id));

/** What a household has of one person, and nothing of anybody else; nobody where there is no such person. */
export function householdOf(household: Household, id: string | null): Household {
  const person = id === null ? undefined : household.people[id];
  if (id === null || !person) return NOBODY;
  const plans = only(household.spoonPlans, ({ people }) => people[id] === true);
  return {
    people: { [id]: person },
    spoonPlans: Object.fromEntries(
      Object.entries(plans).map(([planId, plan]) => [
        planId,
        {
          ...plan,
          people: { [id]: true as const },
          skipped: only(plan.skipped, (_so, key) => key.startsWith(`${id}@`)),
        },
      ]),
    ),
    sweatTests: only(household.sweatTests, ({ personId }) => personId === id),
    sheets: only(household.sheets, ({ personId }) => personId === id),
  };
}
