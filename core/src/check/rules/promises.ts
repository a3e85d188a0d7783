import { KEEPS } from '../../read';
import { daysIn } from '../claims';
import { finding, type CheckFinding } from '../finding';
import type { UnderstoodRecipe } from '../understand-recipe';

/** Two counts of servings may differ by this share. */
const SERVINGS_OFF = 0.2;

/** Servings that do not add up with what is made. */
export function servingsDisagree({ lines, says, analysis }: UnderstoodRecipe): readonly CheckFinding[] {
  const comesTo = analysis.serving?.servings ?? null;
  if (says === null || comesTo === null || Math.abs(comesTo / says - 1) <= SERVINGS_OFF) return [];
  const line = lines.findIndex(({ role }) => role === 'serves');
  return [
    finding('servings-disagree', 'note', `It says ${says}, and comes to ${comesTo.toFixed(1)}.`, {
      line: line < 0 ? 0 : line,
      comesOf: 'Every figure of a serving is off by as much.',
      do: 'Trust the masses: change the serving, or the count.',
      repair: line < 0 ? null : lines[line]!.text.replace(String(says), String(Math.round(comesTo))),
    }),
  ];
}

/** Longer than this over what keeps is worth a word. */
const DAYS_OFF = 1.01;
const ON_PURPOSE = /\b(?:infuse|steep|macerate|shake|turn|leave it on|soak)\b/i;

/** Days in words: "half a day", "3 days", "a year". */
const daysText = (days: number): string =>
  days >= 3650
    ? 'for ever'
    : days >= 360
      ? `${Math.round(days / 365)} year${days >= 540 ? 's' : ''}`
      : Math.round(days) === 1
        ? 'a day'
        : `${Math.round(days)} days`;

/** A keeping time that is too long. */
export function keepsTooLong({ lines, analysis }: UnderstoodRecipe): readonly CheckFinding[] {
  const keeping = analysis.keeping;
  if (!keeping || keeping.days === null) return [];
  const days = keeping.days;
  return lines.flatMap(({ role, text }, line) => {
    if (role !== 'keeps' && role !== 'step') return [];
    const from = KEEPS.exec(text)?.index;
    // Of a sentence that tells everything only what stands behind the word that says so.
    const clause = from === undefined ? '' : role === 'step' ? text.slice(Math.max(0, from - 40)) : text;
    if (clause === '' || (ON_PURPOSE.test(clause) && role === 'step')) return [];
    const said = daysIn(clause);
    if (said === null || said <= days * DAYS_OFF || said <= 1) return [];
    return [
      finding('keeps-too-long', 'warn', `It is said to keep ${daysText(said)}.`, {
        line,
        comesOf: `As it is made it keeps ${daysText(Math.floor(days))}: ${keeping.heldBackBy[0] ?? ''}.`,
        do: 'Drink it sooner, or freeze it.',
      }),
    ];
  });
}
