import { finding, type CheckFinding } from '../finding';
import type { UnderstoodRecipe } from '../understand-recipe';

/** What is used and stands in no list. */
export function usedNeverListed({ recipe }: UnderstoodRecipe): readonly CheckFinding[] {
  if (recipe.listed.length === 0) return [];
  return recipe.unlisted.map(({ line, text }) =>
    finding('used-never-listed', 'note', `${text} is used, and no list says how much.`, {
      line,
      comesOf: 'It is left out of the figures.',
      do: 'Write how much.',
    }),
  );
}

/** What is listed and no step names. */
export function listedNeverUsed({ recipe, neverUsed, lines }: UnderstoodRecipe): readonly CheckFinding[] {
  const anyUsed = recipe.listed.some(({ gone }) => gone > 0);
  const anyStep = lines.some(({ role }) => role === 'step');
  if (!anyUsed || !anyStep) return [];
  return neverUsed.map(({ line, step }) =>
    finding('listed-never-used', 'note', `${step.text} is listed, and no step names it.`, {
      line,
      comesOf: 'It is taken as going in at the start.',
      do: 'Say where it goes in, or strike it.',
      repair: '',
    }),
  );
}

/** Two amounts of one thing: in the list and in a step. */
export function amountDisagrees({ recipe, lines }: UnderstoodRecipe): readonly CheckFinding[] {
  return recipe.unsettled().map(({ listed, line, said, over }) => {
    const text = lines[listed.line]!.text;
    return finding('amount-disagrees', 'warn', `The list says “${text}”, the method “${said}”.`, {
      line,
      comesOf: over ? 'It is worked out with what is listed.' : 'It is worked out with what the method says.',
      do: 'Make the two say the same.',
    });
  });
}

/** What cannot be run as it was understood. */
export const notUnderstood = ({ out, lines }: UnderstoodRecipe): readonly CheckFinding[] =>
  out.map(({ line, step }) =>
    finding('not-understood', 'note', `“${`${step.verb} ${step.text}`.trim()}” cannot be run here.`, {
      line,
      comesOf: 'It is left out of the figures.',
      do: `Say “${lines[line]!.text}” in other words.`,
    }),
  );
