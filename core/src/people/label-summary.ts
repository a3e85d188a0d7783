import type { Person } from '../household';
import type { ShelfPlace } from '../keeping';
import type { DrinkFacts } from './drink-facts';
import { namedCautions, namesTogether } from './person-cautions';

/** What of a bottle is on its label and can change. */
export interface Labelled {
  readonly drinkName: string;
  /** ISO 8601. */
  readonly useBy: string;
  readonly place: ShelfPlace;
  readonly spot: string | null;
  readonly facts: DrinkFacts | null;
}

const MOST_SIGNS = 200;

/**
 * What a label says of what can change, in one line: a label on a bottle whose line is another one now is to be printed
 * again. The day is that of UTC, so that it is the same wherever it is asked.
 */
export function labelSummary(
  { drinkName, useBy, place, spot, facts }: Labelled,
  people: Readonly<Record<string, Person>>,
  now: Date,
): string {
  const stops = facts ? namedCautions(facts, people, now).filter(({ severity }) => severity === 'stop') : [];
  const names = [...new Set(stops.flatMap(({ names: each }) => each))].sort();
  const notFor = names.length > 0 ? `not for ${namesTogether(names)}` : '';
  return [drinkName, `use by ${useBy.slice(0, 10)}`, spot ?? place, notFor]
    .filter(Boolean)
    .join(' · ')
    .slice(0, MOST_SIGNS);
}
