import { analyseDrink, type AnalyseOptions, type Analysis } from '../analyse';
import type { Drink } from '../drink';
import { inThisWay, type StepAlternatives, type Way } from './alternatives';

/** What a way does: what comes out, how strong, how long it takes, how long it keeps. */
export interface WayEffect {
  readonly way: Way;
  /** mL, or g of what does not pour; null where it cannot be run. */
  readonly yield: number | null;
  /** Dissolved from plants in a litre, g: what came out of them besides sugar that was added. */
  readonly strength_g_L: number | null;
  readonly total_min: number | null;
  readonly handsOn_min: number | null;
  readonly keeps_days: number | null;
  readonly heldBackBy: readonly string[];
  /** Cautions that this way brings, by code, beyond those of the drink as it is. */
  readonly cautions: readonly string[];
}

/** Dissolved matter less what was added as sweetener and salt, g/L. */
function strengthOf({ liquid, trace }: Analysis): number | null {
  if (!liquid) return null;
  const { liquid: c, origins } = trace.pot;
  let added = 0;
  for (const [ingredient, grams] of origins)
    if (ingredient.state !== 'solid' && ingredient.composition) added += grams * ingredient.composition.solubleSolids_g;
  return Math.max(0, (1000 * (c.solubleSolids_g - added)) / liquid.volume_mL);
}

function effectOf(way: Way, analysis: Analysis, before: ReadonlySet<string>): WayEffect {
  const runs = analysis.problems.length === 0;
  return {
    way,
    yield: runs ? (analysis.liquid?.volume_mL ?? analysis.trace.pot.mass_g) : null,
    strength_g_L: runs ? strengthOf(analysis) : null,
    total_min: runs ? analysis.trace.total_min : null,
    handsOn_min: runs ? analysis.trace.handsOn_min : null,
    keeps_days: runs ? (analysis.keeping?.days ?? null) : null,
    heldBackBy: runs ? (analysis.keeping?.heldBackBy ?? []) : [],
    cautions: analysis.cautions.filter(({ code }) => !before.has(code)).map(({ code }) => code),
  };
}

/**
 * What each way to do a step changes, found by running the drink in each.
 *
 * @param drink as it is
 * @param step number of the step, counted from 0
 * @param alternatives to that step
 * @param options kitchen
 */
export function wayEffects(
  drink: Drink,
  step: number,
  alternatives: StepAlternatives,
  options: AnalyseOptions = {},
): readonly WayEffect[] {
  const before = new Set(analyseDrink(drink, options).cautions.map(({ code }) => code));
  return alternatives.ways.map((way) => effectOf(way, analyseDrink(inThisWay(drink, step, way), options), before));
}
