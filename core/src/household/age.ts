/** Ages as advice tells them apart, youngest first, by the years at which each begins. */
export const AGE_GROUPS = [
  { code: 'infant', from_years: 0, words: 'under 12 months' },
  { code: 'toddler', from_years: 1, words: '1 to 3 years' },
  { code: 'child', from_years: 4, words: '4 to 8 years' },
  { code: 'older-child', from_years: 9, words: '9 to 13 years' },
  { code: 'teenager', from_years: 14, words: '14 to 17 years' },
  { code: 'adult', from_years: 18, words: '18 to 64 years' },
  { code: 'elder', from_years: 65, words: '65 years and over' },
] as const;
export type AgeGroup = (typeof AGE_GROUPS)[number]['code'];

/** How old somebody is, as far as it is known. */
export interface Age {
  readonly group: AgeGroup;
  /** The youngest they can be, in months. */
  readonly months: number;
}

const MONTHS = 12;
const startOf = (group: AgeGroup): number => MONTHS * AGE_GROUPS.find(({ code }) => code === group)!.from_years;

/** A month of a year, such as "2019-05". */
export const BIRTH_MONTH = /^(?:19|20)\d{2}-(?:0[1-9]|1[0-2])$/;

/** Months since the end of a month: whoever was born in it is at least as old. */
function wholeMonthsSince(born: string, now: Date): number {
  if (!BIRTH_MONTH.test(born)) throw new RangeError(`ageOf: "${born}" is no month such as 2019-05`);
  const [year, month] = born.split('-').map(Number) as [number, number];
  return Math.max(0, MONTHS * (now.getFullYear() - year) + now.getMonth() - (month - 1) - 1);
}

/**
 * How old somebody is: by the month of birth, or by the group where only that is said. In doubt the younger, since
 * advice is stricter for them.
 *
 * @param person month of birth ("2019-05") and age group
 * @param now local time
 * @throws RangeError where the month is none
 */
export function ageOf({ born, group }: { readonly born: string | null; readonly group: AgeGroup }, now: Date): Age {
  if (born === null) return { group, months: startOf(group) };
  const months = wholeMonthsSince(born, now);
  return { group: AGE_GROUPS.findLast(({ from_years }) => MONTHS * from_years <= months)!.code, months };
}

/** "5 months", "7 years"; the words of the group where no month of birth is said; nothing of a grown-up. */
export function ageWords(person: { readonly born: string | null; readonly group: AgeGroup }, now: Date): string {
  const { group, months } = ageOf(person, now);
  if (group === 'adult') return '';
  if (person.born === null) return AGE_GROUPS.find(({ code }) => code === group)!.words;
  if (months < 2 * MONTHS) return months === 1 ? '1 month' : `${months} months`;
  return `${Math.floor(months / MONTHS)} years`;
}
