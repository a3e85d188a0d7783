import { analyseDrink, type Analysis } from '../analyse';
import type { Drink, DrinkKind } from '../drink';
import { kindOf, servesIn } from './claims';
import { plainSource } from './plain-source';
import { Recipe, bottled, type Listed, type Placed } from './recipe';
import { sourceLines, type SourceLine } from './source-lines';

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

/** A recipe as it was understood. */
export interface UnderstoodRecipe {
  readonly lines: readonly SourceLine[];
  /** It runs as it is. */
  readonly drink: Drink;
  readonly analysis: Analysis;
  /** The steps of its batch, with the lines they come from. */
  readonly batch: readonly Placed[];
  /** Steps that cannot be run: they are left out of the drink. */
  readonly out: readonly Placed[];
  /** How many it says it is for. */
  readonly says: number | null;
  readonly recipe: Recipe;
  readonly neverUsed: readonly Listed[];
}

/** A serving of a recipe that says for how many it is and not how large. */
const shareOf = (volume_mL: number, count: number): string => `${Math.max(1, Math.round(volume_mL / count))} mL`;

/**
 * Understands a whole recipe as a drink.
 *
 * @param written in plain text, Markdown, or schema.org JSON-LD
 * @param options what kind of drink it is, where that is known
 */
export function understandRecipe(written: string, options: CheckOptions = {}): UnderstoodRecipe {
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
  const name = lines.find(({ role }) => role === 'title')?.text ?? 'Pasted recipe';
  const served = lines.filter(({ role }) => role === 'serves').map(({ text }) => servesIn(text));
  const says = served.find(({ count }) => count !== null)?.count ?? null;
  const size_mL = served.find((each) => each.size_mL !== null)?.size_mL ?? null;
  const serving = size_mL === null ? USUAL_SERVING : `${Math.round(size_mL)} mL`;
  const base: Drink = { name, kind: options.kind ?? kindOf(name, source), steps: [], serving };
  const trial = runnable(base, recipe.placed);
  const dated = /\b(?:date|label)/i.test(source);
  const run = runnable(base, bottled(recipe.placed, trial.analysis.liquid?.volume_mL ?? null, dated));
  const volume_mL = run.analysis.liquid?.volume_mL ?? null;
  const shared = size_mL === null && says !== null && volume_mL !== null;
  const drink = shared ? { ...run.drink, serving: shareOf(volume_mL, says) } : run.drink;
  return {
    lines,
    drink,
    analysis: shared ? analyseDrink(drink) : run.analysis,
    batch: run.kept.filter(({ atServing }) => !atServing),
    out: run.out,
    says,
    recipe,
    neverUsed,
  };
}
