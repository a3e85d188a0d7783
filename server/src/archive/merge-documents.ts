import type { Plan, SealedPeople } from '@wellhydra/contract';
import type { Household } from '@wellhydra/core/household';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import type { ShoppingList } from '@wellhydra/core/shopping';
import { isSealed } from '../people/people-seal';
import { Problem } from '../problem';

/** What a kitchen has one of. */
export interface KitchenDocuments {
  readonly settings: KitchenSettings | null;
  readonly plan: Plan | null;
  readonly shopping: ShoppingList | null;
  readonly people: Household | SealedPeople | null;
  readonly brewsMade: number;
}

const both = <T extends object>(here: T | undefined, theirs: T | undefined): T => ({ ...theirs, ...here }) as T;

type People = KitchenDocuments['people'];

function mergedPeople(here: People, theirs: People): People {
  if (!here || !theirs) return here ?? theirs;
  if (isSealed(here) || isSealed(theirs))
    throw new Problem(
      'people-locked',
      undefined,
      'People under a passphrase cannot be put together with others. Take the passphrase off first, here and where the file comes from, or put the file in place of what is here.',
    );
  return {
    people: both(here.people, theirs.people),
    spoonPlans: both(here.spoonPlans, theirs.spoonPlans),
    sweatTests: both(here.sweatTests, theirs.sweatTests),
    sheets: both(here.sheets, theirs.sheets),
    ...(here.madeFor || theirs.madeFor ? { madeFor: both(here.madeFor, theirs.madeFor) } : {}),
  };
}

/** The documents of a kitchen with what another has besides: what is here stays as it is. */
export function mergedDocuments(here: KitchenDocuments, theirs: KitchenDocuments): KitchenDocuments {
  const wanted = new Set(here.plan?.requests.map(({ id }) => id));
  const more = theirs.plan?.requests.filter(({ id }) => !wanted.has(id)) ?? [];
  return {
    settings: here.settings ?? theirs.settings,
    plan: here.plan ? { ...here.plan, requests: [...here.plan.requests, ...more] } : theirs.plan,
    shopping:
      here.shopping && theirs.shopping
        ? { ...here.shopping, items: both(here.shopping.items, theirs.shopping.items) }
        : (here.shopping ?? theirs.shopping),
    people: mergedPeople(here.people, theirs.people),
    brewsMade: Math.max(here.brewsMade, theirs.brewsMade),
  };
}
