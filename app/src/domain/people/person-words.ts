import { ageWords, type Person } from '@wellhydra/core/household';
import { type DailyLine, type LineStanding } from '@wellhydra/core/people';
import { formatNumber } from '@wellhydra/core/quantity';

const thousands = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 0 });
/** "1,320", "31.2", "0.45". */
export const plainAmount = (amount: number): string =>
  amount >= 1000 ? thousands.format(amount) : formatNumber(amount);

/** "1,320 mg", whole milligrams and tenths of a gram. */
export const lineAmount = ({ unit }: Pick<DailyLine, 'unit'>, amount: number): string =>
  `${plainAmount(amount)} ${unit}`;

/** The name of a line within a sentence: "vitamin C". */
export const lineName = ({ name }: Pick<DailyLine, 'name'>): string => name.charAt(0).toLowerCase() + name.slice(1);

/** Who drew a line, behind "a day". */
export const FROM_WORDS: Readonly<Record<DailyLine['from'], string>> = {
  usual: '',
  clinic: ', from the clinic',
  own: ', their own',
};

/** "197 mg of 400 mg a day, from the clinic", "591 mg, more than the 400 mg a day"; where none is advised, that. */
export function standingWords({ line, taken, crossed }: LineStanding): string {
  const from = FROM_WORDS[line.from];
  if (line.most === 0) return `${lineAmount(line, taken)}, and none is advised${from}`;
  const most = `${lineAmount(line, line.most)} a day${from}`;
  return crossed ? `${lineAmount(line, taken)}, more than the ${most}` : `${lineAmount(line, taken)} of ${most}`;
}

/** What stands beside a name: the age where it matters, and the note. */
export const besideName = (person: Person, now: Date): string =>
  [ageWords(person, now), person.note].filter(Boolean).join(' · ');
