import { daysIn } from './claims';
import type { UnderstoodRecipe } from './understand-recipe';

/** Something that is wrong with a recipe, in words for its maker. */
export interface CheckFinding {
  readonly code: string;
  readonly harm: 'stop' | 'warn' | 'note';
  readonly line: number | null;
  readonly step: number | null;
  readonly says: string;
  readonly comesOf: string;
  readonly do: string;
  readonly repair: string | null;
}

/** Two counts of servings may differ by this share. */
const SERVINGS_OFF = 0.2;

const HARMS = ['stop', 'warn', 'note'] as const;

/** What is wrong with a recipe, in the order of harm. */
export function findingsIn(understood: UnderstoodRecipe): readonly CheckFinding[] {
  const { lines, batch, neverUsed, out, says: count, analysis, recipe } = understood;
  const comesTo = analysis.serving?.servings ?? null;
  const anyUsed = recipe.listed.some(({ taken }) => taken);
  const unlisted = recipe.listed.length > 0 ? recipe.unlisted : [];
  const lineAt = (step: number | null): number | null => (step === null ? null : (batch[step]?.line ?? null));
  const found: CheckFinding[] = [
    ...analysis.cautions.map(({ code, severity, title, text }): CheckFinding => ({
      code,
      harm: severity,
      line: null,
      step: null,
      says: title,
      comesOf: text,
      do: '',
      repair: null,
    })),
    ...analysis.findings
      .filter(({ open }) => !open)
      .map(({ code, step, text }): CheckFinding => ({
        code,
        harm: 'note',
        line: lineAt(step),
        step,
        says: text,
        comesOf: '',
        do: '',
        repair: null,
      })),
    ...out.map(({ line, step }): CheckFinding => ({
      code: 'not-understood',
      harm: 'note',
      line,
      step: null,
      says: `“${step.verb} ${step.text}” cannot be run here.`,
      comesOf: 'It is left out of the figures.',
      do: 'Say it in other words.',
      repair: null,
    })),
  ];
  for (const { line, text } of unlisted)
    found.push({
      code: 'used-never-listed',
      harm: 'note',
      line,
      step: null,
      says: `${text} is used, and stands in no list.`,
      comesOf: 'How much goes in is not known: it is left out of the figures.',
      do: 'Write how much.',
      repair: null,
    });
  if (anyUsed)
    for (const { line, step } of neverUsed)
      found.push({
        code: 'listed-never-used',
        harm: 'note',
        line,
        step: null,
        says: `${step.text} is listed, and no step names it.`,
        comesOf: 'It is taken as going in at the start.',
        do: 'Say where it goes in, or strike it.',
        repair: null,
      });
  if (count !== null && comesTo !== null && Math.abs(comesTo / count - 1) > SERVINGS_OFF)
    found.push({
      code: 'servings-disagree',
      harm: 'note',
      line: lines.findIndex(({ role }) => role === 'serves'),
      step: null,
      says: `It says ${count}, and comes to ${comesTo.toFixed(1)}.`,
      comesOf: 'Every figure of a serving is off by as much.',
      do: 'Trust the masses: change the serving, or the count.',
      repair: null,
    });
  const days = analysis.keeping?.days ?? null;
  lines.forEach(({ role, text }, line) => {
    const said =
      role === 'keeps' || role === 'step'
        ? daysIn(/\b(?:keep|keeps|last|lasts|fridge|refrigerate|good for|up to|no more than)\b/i.test(text) ? text : '')
        : null;
    if (said !== null && days !== null && said > days * 1.01 && !/\b(?:infuse|steep|leave|shake)\b/i.test(text))
      found.push({
        code: 'keeps-too-long',
        harm: 'warn',
        line,
        step: null,
        says: `It is said to keep ${said.toFixed(0)} days.`,
        comesOf: `As it is made it keeps ${Math.floor(days)}: ${analysis.keeping?.heldBackBy[0] ?? ''}.`,
        do: 'Drink it sooner, or freeze it.',
        repair: null,
      });
  });
  return found.sort((a, b) => HARMS.indexOf(a.harm) - HARMS.indexOf(b.harm));
}
