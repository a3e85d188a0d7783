import { byHarm, finding, type CheckFinding } from './finding';
import { claimsDisagree } from './rules/claims-made';
import { notForThem } from './rules/for-whom';
import { amountDisagrees, listedNeverUsed, notUnderstood, usedNeverListed } from './rules/listing';
import { cupAmbiguous, temperatureUnlikely, vesselOverfull } from './rules/measures';
import { keepsTooLong, servingsDisagree } from './rules/promises';
import type { UnderstoodRecipe } from './understand-recipe';

/** What is looked for in a recipe, besides what the drink itself shows. */
const RULES: readonly ((understood: UnderstoodRecipe) => readonly CheckFinding[])[] = [
  notForThem,
  usedNeverListed,
  listedNeverUsed,
  amountDisagrees,
  notUnderstood,
  servingsDisagree,
  keepsTooLong,
  claimsDisagree,
  temperatureUnlikely,
  vesselOverfull,
  cupAmbiguous,
];

/** The cautions and findings of the drink as it was understood. */
function ofTheDrink({ analysis, batch }: UnderstoodRecipe): readonly CheckFinding[] {
  return [
    ...analysis.cautions.map(({ code, severity, title, text }) => finding(code, severity, title, { comesOf: text })),
    ...analysis.findings
      .filter(({ open }) => !open)
      .map(({ code, step, text }) =>
        finding(code, 'note', text, { step, line: step === null ? null : (batch[step]?.line ?? null) }),
      ),
  ];
}

/** The findings of what is made beforehand. */
const ofTheParts = ({ parts }: UnderstoodRecipe): readonly CheckFinding[] =>
  parts.flatMap(({ name, analysis, kept }) =>
    analysis.findings
      .filter(({ open }) => !open)
      .map(({ code, step, text }) =>
        finding(code, 'note', `${name}: ${text}`, { line: step === null ? null : (kept[step]?.line ?? null) }),
      ),
  );

/** What is wrong with a recipe, in the order of harm. */
export const findingsIn = (understood: UnderstoodRecipe): readonly CheckFinding[] =>
  [...ofTheDrink(understood), ...ofTheParts(understood), ...RULES.flatMap((rule) => rule(understood))].sort(byHarm);
