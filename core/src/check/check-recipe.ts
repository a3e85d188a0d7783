import { analyseDrink, analysisReport, type Analysis } from '../analyse';
import type { Drink, DrinkKind, DrinkStep } from '../drink';
import { findingsIn } from './check-findings';
import { kindOf, servesIn } from './claims';
import { plainSource } from './plain-source';
import { Recipe, bottled, type Placed } from './recipe';
import { sourceLines, type SourceLine } from './source-lines';

export const CHECK_FORMAT = 'wellhydra-check/1';

/** Steps that run one after the other; those that do not are left out, and said. */
function runnable(
  drink: Drink,
  placed: readonly Placed[],
): {
  readonly drink: Drink;
  readonly kept: readonly Placed[];
  readonly out: readonly Placed[];
  readonly analysis: Analysis;
} {
  let kept = placed;
  const out: Placed[] = [];
  for (;;) {
    const batch = kept.filter(({ atServing }) => !atServing);
    const glass = kept.filter(({ atServing }) => atServing);
    const now: Drink = {
      ...drink,
      steps: batch.map(({ step }) => step),
      ...(glass.length > 0 ? { atServing: glass.map(({ step }) => step) } : {}),
    };
    const analysis = analyseDrink(now);
    const wrong = new Set(analysis.problems.flatMap(({ step }) => (step === null ? [] : [batch[step]])));
    const wrongGlass = analysis.problems.some(({ step }) => step === null) ? glass : [];
    const gone = kept.filter((each) => wrong.has(each) || wrongGlass.includes(each));
    if (gone.length === 0) return { drink: now, kept, out, analysis };
    out.push(...gone);
    kept = kept.filter((each) => !gone.includes(each));
  }
}

/** How a recipe is checked. */
export interface CheckOptions {
  readonly kind?: DrinkKind;
}

/** The usual serving where nothing is said. */
const USUAL_SERVING = '200 mL';

/**
 * Reads a whole recipe: what it makes, and what is wrong with it.
 *
 * @param written in plain text, Markdown, or schema.org JSON-LD
 * @param options what kind of drink it is, where that is known
 * @returns `wellhydra-check/1`
 */
export function checkRecipe(written: string, options: CheckOptions = {}) {
  const source = plainSource(written);
  const lines = sourceLines(source);
  const recipe = new Recipe();
  lines.forEach(({ role, reading, text }, index) => {
    if (role === 'ingredient' && reading) recipe.list(index, reading, text);
  });
  lines.forEach(({ role, reading, text }, index) => {
    if (role === 'step' && reading) recipe.do(index, reading, text);
  });
  const neverUsed = recipe.rest();
  const title = lines.find(({ role }) => role === 'title')?.text ?? 'Pasted recipe';
  const served = lines.filter(({ role }) => role === 'serves').map(({ text }) => servesIn(text));
  const count = served.find((each) => each.count !== null)?.count ?? null;
  const size_mL = served.find((each) => each.size_mL !== null)?.size_mL ?? null;
  const base: Drink = {
    name: title,
    kind: options.kind ?? kindOf(title, source),
    steps: [],
    serving: size_mL !== null ? `${Math.round(size_mL)} mL` : USUAL_SERVING,
  };
  const trial = runnable(base, recipe.placed);
  const dated = /\b(?:date|label)/i.test(source);
  const first = runnable(base, bottled(recipe.placed, trial.analysis.liquid?.volume_mL ?? null, dated));
  const volume_mL = first.analysis.liquid?.volume_mL ?? null;
  const drink =
    size_mL === null && count !== null && volume_mL !== null
      ? { ...first.drink, serving: `${Math.max(1, Math.round(volume_mL / count))} mL` }
      : first.drink;
  const analysis = drink === first.drink ? first.analysis : analyseDrink(drink);
  const batch = first.kept.filter(({ atServing }) => !atServing);
  const comesTo = analysis.serving?.servings ?? null;
  return {
    format: CHECK_FORMAT,
    drink: fileOf(drink),
    serves: count === null ? null : { says: count, comesTo },
    lines: lines.map((line, index) => lineOf(line, index, batch)),
    ingredients: batch.flatMap(({ step, line, read, confidence }, at) => {
      if (step.verb !== 'add') return [];
      const grams = analysis.trace.entries.find((entry) => entry.step === at)?.added_g ?? read.grams;
      const { ingredient, form, p5, p95 } = read;
      return [{ step: at, line, ingredient, form, grams, p5, p95, confidence }];
    }),
    questions: lines.flatMap(({ reading }, index) =>
      reading?.question ? [{ line: index, ...reading.question, assumed: 0 }] : [],
    ),
    analysis: analysisReport(analysis),
    findings: findingsIn(analysis, {
      unlisted: recipe.listed.length > 0 ? recipe.unlisted : [],
      lines,
      batch,
      neverUsed,
      out: first.out,
      count,
      comesTo,
      anyUsed: recipe.listed.some(({ taken }) => taken),
    }),
  };
}

const fileOf = ({ name, kind, serving, steps, atServing }: Drink) => {
  const inFile = ({ verb, text, ...rest }: DrinkStep) => ({ [verb]: text, ...rest });
  return {
    format: 'wellhydra-drink/1',
    name,
    kind,
    serving,
    steps: steps.map(inFile),
    ...(atServing ? { atServing: atServing.map(inFile) } : {}),
  };
};

function lineOf({ text, start, end, role, reading }: SourceLine, index: number, batch: readonly Placed[]) {
  const steps = batch.flatMap(({ line }, at) => (line === index ? [at] : []));
  return { text, start, end, role, steps, confidence: reading?.confidence ?? (role === 'chatter' ? 0.8 : 0.9) };
}
