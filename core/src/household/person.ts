import { ageOf, type Age, type AgeGroup } from './age';
import type { FactCode } from './fact';

/** A line of one's own, and who drew it. */
export interface OwnLine {
  readonly most: number;
  readonly from: 'clinic' | 'own';
}

/** Somebody who drinks what is made here. */
export interface Person {
  readonly name: string;
  /** What tells them apart on a list: "night watch". */
  readonly note: string;
  /** Month of birth, "2019-05"; null where only the age group is said. */
  readonly born: string | null;
  readonly group: AgeGroup;
  readonly weight_kg: number | null;
  /** What is so of them. By code, so that two edits at once are merged fact by fact. */
  readonly facts: Readonly<Partial<Record<FactCode, true>>>;
  /** Lines a day of their own, by the key of the line. */
  readonly lines: Readonly<Record<string, OwnLine>>;
}

/** A person at a moment, as rules look at one. */
export interface PersonNow {
  readonly name: string;
  readonly age: Age;
  readonly weight_kg: number | null;
  readonly facts: Person['facts'];
  readonly lines: Person['lines'];
}

/** A person as they are at a moment: the age is counted. */
export const personAt = (person: Person, now: Date): PersonNow => ({
  name: person.name,
  age: ageOf(person, now),
  weight_kg: person.weight_kg,
  facts: person.facts,
  lines: person.lines,
});

/** Whether any of these facts is so. */
export const is = ({ facts }: PersonNow, ...codes: readonly FactCode[]): boolean => codes.some((code) => facts[code]);
/** Whether somebody is younger than so many years. */
export const under = ({ age }: PersonNow, years: number): boolean => age.months < 12 * years;
