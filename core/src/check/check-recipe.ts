import { analysisReport } from '../analyse';
import { writeDrink } from '../drink';
import { findingsIn } from './check-findings';
import type { Placed } from './recipe';
import type { SourceLine } from './source-lines';
import { understandRecipe, type CheckOptions, type UnderstoodRecipe } from './understand-recipe';

export const CHECK_FORMAT = 'wellhydra-check/1';

/** What must be asked of a recipe, in the order of its lines. */
export const questionsOf = ({ lines }: UnderstoodRecipe) =>
  lines.flatMap(({ reading }, line) => (reading?.question ? [{ line, ...reading.question, assumed: 0 }] : []));

/**
 * Checks a whole recipe: what it makes, and what is wrong with it.
 *
 * @param written in plain text, Markdown, or schema.org JSON-LD
 * @param options what kind of drink it is, where that is known
 * @returns `wellhydra-check/1`
 */
export function checkRecipe(written: string, options: CheckOptions = {}) {
  const understood = understandRecipe(written, options);
  const { lines, drink, analysis, batch, says } = understood;
  return {
    format: CHECK_FORMAT,
    drink: writeDrink(drink),
    serves: says === null ? null : { says, comesTo: analysis.serving?.servings ?? null },
    lines: lines.map((line, index) => lineOf(line, index, batch)),
    ingredients: batch.flatMap(({ step, line, read, confidence }, at) => {
      if (step.verb !== 'add') return [];
      const grams = analysis.trace.entries.find((entry) => entry.step === at)?.added_g ?? read.grams;
      const { ingredient, form, p5, p95 } = read;
      return [{ step: at, line, ingredient, form, grams, p5, p95, confidence }];
    }),
    questions: questionsOf(understood),
    analysis: analysisReport(analysis),
    findings: findingsIn(understood),
  };
}

function lineOf({ text, start, end, role, reading }: SourceLine, index: number, batch: readonly Placed[]) {
  const steps = batch.flatMap(({ line }, at) => (line === index ? [at] : []));
  return { text, start, end, role, steps, confidence: reading?.confidence ?? (role === 'chatter' ? 0.8 : 0.9) };
}
