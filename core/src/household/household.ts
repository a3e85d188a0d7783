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
}

export const NOBODY: Household = { people: {}, spoonPlans: {}, sweatTests: {}, sheets: {} };

const without = <T>(rows: Readonly<Record<string, T>>, leaves: (row: T, id: string) => boolean) =>
  Object.fromEntries(Object.entries(rows).filter(([id, row]) => !leaves(row, id)));

/** A household without somebody: with them goes all that was kept of them. */
export function withoutPerson(household: Household, id: string): Household {
  const { people, spoonPlans, sweatTests, sheets } = household;
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
  };
}
