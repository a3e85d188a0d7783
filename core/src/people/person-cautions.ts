import type { Severity } from '../caution';
import type { DrinkFacts } from './drink-facts';
import { personAt, type Person } from './person';
import { PERSON_RULES } from './rules/all-rules';

/** Something that a drink means for somebody. */
export interface PersonCaution {
  readonly personId: string;
  readonly code: string;
  readonly severity: Severity;
  /** Names the person: "Not for Wren: honey". */
  readonly title: string;
  readonly text: string;
  readonly source: string;
}

const TITLES: Readonly<Record<Severity, (name: string, what: string) => string>> = {
  stop: (name, what) => `Not for ${name}: ${what}`,
  warn: (name, what) => `With care for ${name}: ${what}`,
  note: (name, what) => `For ${name}: ${what}`,
};
const ORDER: Readonly<Record<Severity, number>> = { stop: 0, warn: 1, note: 2 };

/** What a drink means for one person, gravest first. */
export function personCautions(
  facts: DrinkFacts,
  personId: string,
  person: Person,
  now: Date,
): readonly PersonCaution[] {
  const at = personAt(person, now);
  const fired = PERSON_RULES.filter((rule) => rule.about(at) && rule.fires(facts, at));
  // A baby is told one thing: that nothing of it is for them, and honey first of all.
  const rules = fired.some(({ code }) => code === 'milk-only')
    ? fired.filter(({ code }) => code === 'milk-only' || code === 'honey-infant')
    : fired;
  return rules
    .map(({ code, severity, what, text, source }) => ({
      personId,
      code,
      severity,
      title: TITLES[severity](person.name, what),
      text: text(facts, at),
      source,
    }))
    .sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}

/** What a drink means for the people of a kitchen, gravest first. */
export const peopleCautions = (
  facts: DrinkFacts,
  people: Readonly<Record<string, Person>>,
  now: Date,
): readonly PersonCaution[] =>
  Object.entries(people)
    .flatMap(([id, person]) => personCautions(facts, id, person, now))
    .sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
