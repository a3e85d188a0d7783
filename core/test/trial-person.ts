import type { FactCode, Person } from '../src/household';

export const NOW = new Date(2026, 10, 28, 12, 0);

/** A grown-up of whom nothing is said, but for what is. */
export const trialPerson = (by: Partial<Person> = {}, ...facts: readonly FactCode[]): Person => ({
  name: 'Pia',
  note: '',
  born: null,
  group: 'adult',
  weight_kg: null,
  lines: {},
  ...by,
  facts: Object.fromEntries(facts.map((code) => [code, true])),
});

/** Somebody born so many months ago: that long ago for certain. */
export const aged = (months: number, ...facts: readonly FactCode[]): Person => {
  const born = new Date(2026, 10 - months - 1, 1);
  return trialPerson({ born: `${born.getFullYear()}-${String(born.getMonth() + 1).padStart(2, '0')}` }, ...facts);
};
