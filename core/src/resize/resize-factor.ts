import { analyseDrink, type AnalyseOptions, type Analysis } from '../analyse';
import { findIngredient } from '../catalogue';
import type { Drink } from '../drink';
import { readIngredientLine } from '../quantity';
import { scaleSteps } from './scale-steps';

/** What a drink is to be resized to. */
export type ResizeGoal =
  | { readonly kind: 'servings'; readonly servings: number }
  | { readonly kind: 'volume'; readonly volume_mL: number }
  /** Filled to the brim less the headspace. */
  | { readonly kind: 'bottles'; readonly count: number; readonly size_mL: number; readonly headspace_mL: number }
  /** So much of an ingredient is there and is to be used up: "340 g honey". */
  | { readonly kind: 'use-up'; readonly line: string }
  /** The fullest moment of the batch must go into a pot. */
  | { readonly kind: 'pot'; readonly holds_mL: number };

export type ResizeFactor =
  { readonly kind: 'factor'; readonly factor: number } | { readonly kind: 'cannot'; readonly because: string };

/** A pot is never filled further, as a share of what it holds. */
export const POT_FILL = 0.8;
const FACTORS = { least: 0.02, most: 50 } as const;
const ROUNDS = 40;
const CLOSE_ENOUGH = 1e-4;

const cannot = (because: string): ResizeFactor => ({ kind: 'cannot', because });

/** Volume of everything in the pot at its fullest, mL: pieces count as their mass. */
const fullest = ({ trace }: Analysis): number =>
  trace.entries.reduce((most, { volume_mL, pot }) => Math.max(most, (volume_mL ?? 0) + pot.pieces_g), 0);

const yieldOf = ({ liquid, trace }: Analysis): number => liquid?.volume_mL ?? trace.pot.mass_g;

function useUp(line: string, analysis: Analysis): ResizeFactor {
  const read = readIngredientLine(line, analysis.options);
  if (read.kind === 'unreadable') return cannot(read.message);
  if (read.dose.kind !== 'mass') return cannot('Write how much there is, such as "340 g honey".');
  const used = analysis.trace.pot.entries
    .filter(({ ingredient }) => ingredient === (findIngredient(read.ingredient.name) ?? read.ingredient))
    .reduce((sum, { mass_g }) => sum + mass_g, 0);
  if (!(used > 0)) return cannot(`There is no ${read.ingredient.name.toLowerCase()} in this drink.`);
  return { kind: 'factor', factor: read.dose.mass_g / used };
}

/**
 * How much larger a drink must be made to reach a goal.
 *
 * Steam, strainers and fixed times do not grow with the batch, so the factor is searched for by running the drink
 * anew: halving on a bracket, since what comes out grows with what goes in.
 *
 * @param drink as written
 * @param goal servings, volume, bottles, an amount to use up, or a pot
 * @param options kitchen
 * @returns the factor for {@link scaleSteps}, or why there is none
 */
export function resizeFactor(drink: Drink, goal: ResizeGoal, options: AnalyseOptions = {}): ResizeFactor {
  const now = analyseDrink(drink, options);
  if (!(now.trace.pot.mass_g > 0)) return cannot('There is nothing in it yet. Add a step first.');
  if (goal.kind === 'use-up') return useUp(goal.line, now);
  const measure = goal.kind === 'pot' ? fullest : yieldOf;
  const serving = yieldOf(now) * (now.serving?.asked ?? 0);
  const wanted =
    goal.kind === 'servings'
      ? goal.servings * serving
      : goal.kind === 'volume'
        ? goal.volume_mL
        : goal.kind === 'bottles'
          ? goal.count * (goal.size_mL - goal.headspace_mL)
          : goal.holds_mL * POT_FILL;
  if (!(wanted > 0)) return cannot('Write an amount above nothing.');
  const at = (factor: number) =>
    measure(analyseDrink({ ...drink, steps: scaleSteps(drink.steps, factor).steps }, options));
  let low: number = FACTORS.least;
  let high: number = FACTORS.most;
  if (at(low) > wanted) return cannot('It does not get as small as that.');
  if (at(high) < wanted) return cannot('It would have to be more than fifty times as large.');
  let factor = Math.min(high, Math.max(low, wanted / measure(now)));
  for (let round = 0; round < ROUNDS; round += 1) {
    const reached = at(factor);
    if (Math.abs(reached / wanted - 1) < CLOSE_ENOUGH) break;
    if (reached < wanted) low = factor;
    else high = factor;
    const proportional = (factor * wanted) / reached;
    factor = proportional > low && proportional < high ? proportional : (low + high) / 2;
  }
  return { kind: 'factor', factor };
}
