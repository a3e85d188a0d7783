import type { SpoonPhase } from '../household';
import { COUNT_WORDS, isUnreadable, readAmount } from '../quantity';

/** A spoon plan as somebody wrote it. */
export type ReadSpoonPlan =
  | {
      readonly kind: 'plan';
      readonly amount_mL: number;
      readonly phases: readonly SpoonPhase[];
    }
  | { readonly kind: 'unread'; readonly message: string };

const COUNT = '(\\d+(?:[.,]\\d+)?|[a-z]+)';
const EVERY = new RegExp(`\\b(?:every|each)(?: ${COUNT})? (hours?|h|minutes?|min)\\b|\\bhourly\\b`, 'i');
const A_DAY = new RegExp(
  `\\b(?:${COUNT} ?(?:times|x|doses?|spoons?)? ?(?:a|per|each|every) day|(once|twice|thrice)|(?:${COUNT} times )?daily)\\b`,
  'i',
);
const FOR_DAYS = new RegExp(`\\b(?:for )?(?:the )?(?:next )?${COUNT} (days?|weeks?|fortnights?)\\b`, 'i');
const TIMES: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3 };
const DAYS: Readonly<Record<string, number>> = { day: 1, week: 7, fortnight: 14 };
/** A plan that says no end is one of a week. */
const USUAL_days = 7;
const MOST = { days: 366, timesADay: 24, phases: 6 } as const;

function countOf(word: string | undefined): number | undefined {
  if (word === undefined || word === 'a' || word === 'an') return 1;
  const number = Number(word.replace(',', '.'));
  return Number.isFinite(number) ? number : (TIMES[word.toLowerCase()] ?? COUNT_WORDS[word.toLowerCase()]);
}

/** How often: every so many hours, or so often a day; nothing where it does not say. */
function paceOf(text: string): { readonly every_h: number } | { readonly timesADay: number } | undefined {
  const every = EVERY.exec(text);
  if (every) {
    const count = countOf(every[1]);
    if (count === undefined) return undefined;
    return { every_h: every[2]?.startsWith('m') ? count / 60 : count };
  }
  const times = A_DAY.exec(text);
  if (!times) return undefined;
  const timesADay = times[2] ? TIMES[times[2].toLowerCase()] : countOf(times[1] ?? times[3]);
  return timesADay === undefined ? undefined : { timesADay };
}

function daysOf(text: string): number {
  if (/\b(?:today|tomorrow|(?:the )?first day)\b/i.test(text)) return 1;
  const pace = EVERY.exec(text) ?? A_DAY.exec(text);
  const rest = pace ? text.replace(pace[0], ' ') : text;
  const days = FOR_DAYS.exec(rest);
  const count = days ? countOf(days[1]) : undefined;
  return count === undefined ? USUAL_days : count * (DAYS[days![2]!.toLowerCase().replace(/s$/, '')] ?? 1);
}

/** Spoons that something is taken with, whatever spoons the kitchen measures with, mL. Source: 21 CFR 101.9; ISO spoons. */
const DOSING_mL: readonly (readonly [RegExp, number])[] = [
  [/\btsp$/, 5],
  [/\btbsp$/, 15],
];

const unread = (message: string): ReadSpoonPlan => ({ kind: 'unread', message });
const EXAMPLE = '“1 tsp every two hours today, then three a day for a week”';

function phaseOf(text: string): SpoonPhase | string {
  const pace = paceOf(text);
  if (!pace) return `How often? Write it as ${EXAMPLE}.`;
  const days = Math.round(daysOf(text));
  if (days < 1 || days > MOST.days) return `For ${days} days? From 1 to ${MOST.days}.`;
  if ('every_h' in pace && !(pace.every_h >= 0.25 && pace.every_h <= 24))
    return 'Every quarter of an hour at the most, and once a day at the least.';
  if (
    'timesADay' in pace &&
    !(Number.isInteger(pace.timesADay) && pace.timesADay >= 1 && pace.timesADay <= MOST.timesADay)
  )
    return `From once to ${MOST.timesADay} times a day.`;
  return { days, ...pace };
}

/**
 * Reads a plan such as "1 tsp every two hours today, then three a day for a week".
 *
 * @param text an amount, then how often and for how long; more of these behind "then"
 * @returns the plan in mL and phases of days, or what is missing
 */
export function readSpoonPlan(text: string): ReadSpoonPlan {
  const [first = '', ...later] = text
    .trim()
    .split(/(?:[,;.]\s*|\s+)(?:and )?then\s+/i)
    .map((part) => part.trim());
  const begins = [EVERY, A_DAY].map((pattern) => pattern.exec(first)?.index ?? Infinity);
  if (first !== '' && begins.every((begin) => begin === Infinity)) return unread(`How often? Write it as ${EXAMPLE}.`);
  const words = first
    .slice(0, Math.min(first.length, ...begins))
    .replace(/[,:]\s*$/, '')
    .trim();
  if (words === '') return unread(`How much each time? Write it as ${EXAMPLE}.`);
  const amount = readAmount(words.replace(/^an? /i, '1 ').replace(/ of .*$/i, ''));
  if (isUnreadable(amount)) return unread(amount.message);
  if (amount.unit.dimension !== 'volume') return unread('Say the amount in mL or spoons.');
  const parts = [first.slice(words.length), ...later];
  if (parts.length > MOST.phases) return unread(`${MOST.phases} stretches at most.`);
  const phases = parts.map(phaseOf);
  const wrong = phases.find((phase) => typeof phase === 'string');
  if (typeof wrong === 'string') return unread(wrong);
  const size_mL = DOSING_mL.find(([spoon]) => spoon.test(amount.unit.id))?.[1] ?? amount.unit.size;
  return { kind: 'plan', amount_mL: amount.value * size_mL, phases: phases as readonly SpoonPhase[] };
}
