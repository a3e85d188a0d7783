import { analysisReport } from '../analyse';
import { writeDrink } from '../drink';
import { findingsIn } from './check-findings';
import { questionsOf } from './questions';
import type { Placed } from './placed';
import type { SourceLine } from './source-lines';
import { understandRecipe, type CheckOptions } from './understand-recipe';

export const CHECK_FORMAT = 'wellhydra-check/1';

/** How sure it is that a line without a reading plays the part it is taken for. */
const ROLE_CONFIDENCE = { chatter: 0.8, else: 0.9 } as const;

/** What `wellhydra check` prints. */
export type RecipeCheck = ReturnType<typeof checkRecipe>;

/**
 * Checks a whole recipe: what it makes, and what is wrong with it.
 *
 * @param source plain text, Markdown, a table of comma-separated values, schema.org JSON-LD or a saved web page
 * @param options what kind of drink it is, where that is known
 * @returns `wellhydra-check/1`
 */
export function checkRecipe(source: string, options: CheckOptions = {}) {
  const understood = understandRecipe(source, options);
  const { lines, drink, analysis, batch, glass, parts, says } = understood;
  const gramsAt = (step: number) => analysis.trace.entries.find((entry) => entry.step === step)?.added_g;
  return {
    format: CHECK_FORMAT,
    drink: writeDrink(drink),
    serves: says === null ? null : { says, comesTo: analysis.serving?.servings ?? null },
    lines: lines.map((line, index) => lineOf(line, index, batch)),
    ingredients: [
      ...parts.flatMap(({ name, kept }) => kept.flatMap((each) => added(each, null, { part: name }))),
      ...batch.flatMap((each, step) => added(each, step, {}, gramsAt(step))),
      ...glass.flatMap((each) => added(each, null, { part: 'glass' })),
    ],
    questions: questionsOf(understood),
    analysis: analysisReport(analysis),
    findings: findingsIn(understood),
  };
}

/** An addition with what it comes to; the grams of one that depends on the pot are those of the trace. */
function added(
  { step: { verb }, line, read, confidence }: Placed,
  step: number | null,
  where: { readonly part?: string },
  grams?: number,
) {
  if (verb !== 'add') return [];
  const { ingredient, form, p5, p95 } = read;
  return [{ step, line, ingredient, form, grams: grams ?? read.grams, p5, p95, confidence, ...where }];
}

function lineOf({ text, start, end, role, reading }: SourceLine, index: number, batch: readonly Placed[]) {
  const steps = batch.flatMap(({ line, by }, at) => (line === index || by === index ? [at] : []));
  const confidence = reading?.confidence ?? ROLE_CONFIDENCE[role === 'chatter' ? 'chatter' : 'else'];
  return { text, start, end, role, steps, confidence };
}
