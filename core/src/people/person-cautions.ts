import type { Severity } from '../caution';
import type { DrinkFacts } from './drink-facts';
import { personAt, type Person } from '../household';
import { PERSON_RULES } from './rules/all-rules';

/** Something that a drink means for somebody. */
export interface PersonCaution {
  readonly personId: string;
  readonly code: string;
  readonly severity: Severity;
  /** What it is about, in a word or two: "honey". */
  readonly what: string;
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
      what,
      title: TITLES[severity](person.name, what),
      text: text(facts, at),
      source,
    }))
    .sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}

/** Something that a drink means for one or several people. */
export interface NamedCaution extends Omit<PersonCaution, 'personId' | 'source'> {
  readonly names: readonly string[];
}

/** "Wren", "Wren and Juno", "Wren, Juno and Tam". */
export const namesTogether = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/**
 * What a drink means for the people of a kitchen, gravest first: what is the same for several is said once, with all
 * their names, and a baby only with the first reason.
 */
export function namedCautions(
  facts: DrinkFacts,
  people: Readonly<Record<string, Person>>,
  now: Date,
): readonly NamedCaution[] {
  const byCode = new Map<string, NamedCaution>();
  const inOrder = Object.entries(people).sort(([, a], [, b]) => a.name.localeCompare(b.name, 'en'));
  for (const [id, person] of inOrder) {
    const all = personCautions(facts, id, person, now);
    const said = all[0]?.code === 'honey-infant' || all[0]?.code === 'milk-only' ? all.slice(0, 1) : all;
    for (const { code, severity, what, text } of said) {
      const names = [...(byCode.get(code)?.names ?? []), person.name];
      const title = TITLES[severity](namesTogether(names), what);
      byCode.set(code, { code, severity, what, names, title, text: byCode.get(code)?.text ?? text });
    }
  }
  return [...byCode.values()].sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}

/** In one line: "Not for Wren and Juno. With care for Tam."; nothing where there is nothing to say. */
export function namedSummary(cautions: readonly NamedCaution[]): string {
  const of = (severity: Severity) =>
    [...new Set(cautions.filter((each) => each.severity === severity).flatMap(({ names }) => names))].sort((a, b) =>
      a.localeCompare(b, 'en'),
    );
  const stops = of('stop');
  const warns = of('warn').filter((name) => !stops.includes(name));
  return [
    stops.length > 0 ? `Not for ${namesTogether(stops)}.` : '',
    warns.length > 0 ? `With care for ${namesTogether(warns)}.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}
