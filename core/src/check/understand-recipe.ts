import { analyseDrink, type Analysis } from '../analyse';
import type { Drink, DrinkKind } from '../drink';
import { DATED, AT_SERVING, SCOOP_IS, SERVING_LEAD, TAKEN, type Reading } from '../read';
import { kindOf, servesIn } from './claims';
import type { Listed } from './listed';
import { bottled, type Placed } from './placed';
import { Recipe } from './recipe';
import { sourceLines, type SourceLine } from './source-lines';

/** How a recipe is checked. */
export interface CheckOptions {
  readonly kind?: DrinkKind;
}

/** The usual serving where nothing is said. */
const USUAL_SERVING = '200 mL';

/** A part of a recipe that is made by itself, and used in it. */
export interface UnderstoodPart {
  readonly name: string;
  readonly drink: Drink;
  readonly analysis: Analysis;
  readonly kept: readonly Placed[];
}

/** A recipe as it was understood. */
export interface UnderstoodRecipe {
  readonly source: string;
  readonly lines: readonly SourceLine[];
  /** It runs as it is. */
  readonly drink: Drink;
  readonly analysis: Analysis;
  /** The steps of its batch, with the lines they come from. */
  readonly batch: readonly Placed[];
  /** What is done to each glass. */
  readonly glass: readonly Placed[];
  readonly parts: readonly UnderstoodPart[];
  /** Steps that cannot be run: they are left out of the drink. */
  readonly out: readonly Placed[];
  /** How many it says it is for. */
  readonly says: number | null;
  readonly recipe: Recipe;
  readonly neverUsed: readonly Listed[];
}

interface Run {
  readonly drink: Drink;
  readonly kept: readonly Placed[];
  readonly out: readonly Placed[];
  readonly analysis: Analysis;
}

/** Steps that run one after the other; those that do not are left out, and said. */
function runnable(drink: Drink, placed: readonly Placed[]): Run {
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

/** A serving of a recipe that says for how many it is and not how large. */
const shareOf = (volume_mL: number, count: number): string => `${Math.max(1, Math.round(volume_mL / count))} mL`;

/** "A handful of ice in each glass": nothing but additions, and they go into the glass. */
const inTheGlass = (text: string, { reads }: Reading): boolean =>
  AT_SERVING.test(text) && reads.every(({ verb }) => verb === 'add');

/** Reads the lines into the recipe and those of its parts that it uses. */
function gather(lines: readonly SourceLine[]): {
  readonly recipe: Recipe;
  readonly parts: ReadonlyMap<string, Recipe>;
} {
  const stepped = new Set(
    lines.flatMap(({ role, place }) => (role === 'step' && place.part !== null ? [place.part] : [])),
  );
  const used = (part: string): boolean =>
    lines.some(
      ({ reading, place }) =>
        place.part !== part &&
        reading?.reads.some(({ verb, ingredient }) => verb === 'use' && ingredient?.endsWith(part)),
    );
  const recipe = new Recipe();
  const parts = new Map<string, Recipe>();
  const into = (part: string | null): Recipe => {
    // A part that nobody uses by name, or that is never made by itself, is made in the same pot.
    if (part === null || !stepped.has(part) || !used(part)) return recipe;
    const own = parts.get(part) ?? new Recipe();
    parts.set(part, own);
    return own;
  };
  lines.forEach(({ role, reading, text, place }, index) => {
    const served = place.section === 'serving' || SERVING_LEAD.test(text);
    if (role === 'ingredient' && reading) into(place.part).list(index, reading, text, served);
  });
  lines.forEach(({ role, reading, text, place }, index) => {
    const own = into(place.part);
    if (role === 'keeps') return own.keep(index, text);
    if (role !== 'step' || !reading) return;
    if (place.section === 'serving' || SERVING_LEAD.test(text) || SCOOP_IS.test(text) || inTheGlass(text, reading))
      own.serve(index, reading);
    else own.do(index, reading, text);
  });
  return { recipe, parts };
}

/** What a recipe says of its servings. */
function servingOf(lines: readonly SourceLine[], recipe: Recipe) {
  const served = lines.filter(({ role }) => role === 'serves' || role === 'title').map(({ text }) => servesIn(text));
  const scoop = lines.map(({ text }) => SCOOP_IS.exec(text)?.[1]).find((each) => each !== undefined);
  const taken = lines.map(({ text }) => TAKEN.exec(text)?.[1]).find((each) => each !== undefined);
  const size_mL = served.find((each) => each.size_mL !== null)?.size_mL ?? null;
  const said = scoop ?? recipe.serving ?? taken ?? (size_mL === null ? null : `${Math.round(size_mL)} mL`);
  return { says: served.find(({ count }) => count !== null)?.count ?? null, said };
}

/**
 * Understands a whole recipe as a drink.
 *
 * @param source plain text, Markdown, a table of comma-separated values, schema.org JSON-LD or a saved web page
 * @param options what kind of drink it is, where that is known
 */
export function understandRecipe(source: string, options: CheckOptions = {}): UnderstoodRecipe {
  const lines = sourceLines(source);
  const { recipe, parts: own } = gather(lines);
  const neverUsed = recipe.rest();
  const name = lines.find(({ role }) => role === 'title')?.text ?? 'Pasted recipe';
  const kind = options.kind ?? kindOf(name, lines.map(({ text }) => text).join('\n'));
  const parts = [...own].map(([part, each]): UnderstoodPart => {
    each.rest();
    const own: Drink = { name: part, kind: 'gel', steps: [], serving: '30 mL' };
    return { name: part, ...runnable(own, bottled(each.placed, null, false)) };
  });
  const { says, said } = servingOf(lines, recipe);
  const base: Drink = {
    name,
    kind,
    steps: [],
    serving: said ?? USUAL_SERVING,
    ...(parts.length > 0 ? { preparations: Object.fromEntries(parts.map((part) => [part.name, part.drink])) } : {}),
  };
  const trial = runnable(base, recipe.placed);
  const dated = lines.some(({ text }) => DATED.test(text));
  const run = runnable(base, bottled(recipe.placed, trial.analysis.liquid?.volume_mL ?? null, dated));
  const volume_mL = run.analysis.liquid?.volume_mL ?? null;
  const shared = said === null && says !== null && volume_mL !== null;
  const drink = shared ? { ...run.drink, serving: shareOf(volume_mL, says) } : run.drink;
  return {
    source,
    lines,
    drink,
    analysis: shared ? analyseDrink(drink) : run.analysis,
    batch: run.kept.filter(({ atServing }) => !atServing),
    glass: run.kept.filter(({ atServing }) => atServing),
    parts,
    out: run.out,
    says,
    recipe,
    neverUsed,
  };
}
