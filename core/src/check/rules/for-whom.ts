import { FOR_WHOM, NOT_FOR } from '../../read';
import { finding, type CheckFinding } from '../finding';
import type { UnderstoodRecipe } from '../understand-recipe';

/** A recipe that says whom it is for, where a caution of the drink is about them. */
export function notForThem({ lines, analysis }: UnderstoodRecipe): readonly CheckFinding[] {
  return lines.flatMap(({ text }, line): readonly CheckFinding[] =>
    FOR_WHOM.flatMap(({ words, who, cautions }) => {
      if (!words.test(text) || NOT_FOR.test(text)) return [];
      return analysis.cautions
        .filter(({ code }) => cautions.includes(code))
        .slice(0, 1)
        .map(({ title, text: why }) =>
          finding('not-for-them', 'stop', `Not for ${who}`, {
            line,
            comesOf: `“${text}” ${title}: ${why}`,
            do: 'Take the line out, or make it without.',
            repair: '',
          }),
        );
    }),
  );
}
