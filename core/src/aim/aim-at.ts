import type { Ingredient } from '../catalogue';
import { formatNumber } from '../quantity';
import { AIM_FIGURES, type AimFigure } from './aim-figures';
import { bestDoses, type DoseProblem } from './best-doses';
import { levelsFor, type Instrument, type Levels } from './measurable-levels';

/** What to aim at, and what with. */
export interface Aim {
  readonly volume_mL: number;
  readonly figures: Readonly<Partial<Record<AimFigure, number>>>;
  readonly available: readonly Ingredient[];
  readonly fixed: readonly { readonly ingredient: Ingredient; readonly mass_g: number }[];
  readonly instrument: Instrument;
}

export interface Dose {
  readonly ingredient: Ingredient;
  readonly mass_g: number;
  /** As a person says it with the instrument. */
  readonly words: string;
}

export interface ReachedFigure {
  readonly figure: AimFigure;
  readonly target: number;
  readonly value: number;
  /** Value over target, less 1; null for a target of 0. */
  readonly relative: number | null;
}

export interface AimResult {
  readonly doses: readonly Dose[];
  readonly figures: readonly ReachedFigure[];
  /** Sum of the relative distances of all figures. */
  readonly distance: number;
  /** True when nothing that can be measured comes nearer. */
  readonly proven: boolean;
  /** What stands in the way of each figure that is missed. */
  readonly obstacles: readonly string[];
}

/** A dose is never looked for above this many times what any one figure needs. */
const MOST_TIMES = 1.5;
const MOST_g_L = 300;
/** A figure is missed when it is off by more than this share. */
const MISSED = 0.05;
/** A target of 0 counts a unit of its figure as a whole. */
const scaleOf = (target: number): number => (target > 0 ? target : 1);

/** What one gram brings of a figure, a litre of the volume. */
const perGram = ({ composition }: Ingredient, figure: AimFigure, volume_mL: number): number =>
  composition ? (AIM_FIGURES[figure].of(composition) * 1000) / volume_mL : 0;

/** Grams above which an ingredient overshoots some figure by half. */
function mostOf(ingredient: Ingredient, aim: Aim): number {
  let most = (MOST_g_L * aim.volume_mL) / 1000;
  for (const [figure, target] of Object.entries(aim.figures) as [AimFigure, number][]) {
    const gram = perGram(ingredient, figure, aim.volume_mL);
    if (gram > 0) most = Math.min(most, (MOST_TIMES * scaleOf(target)) / gram);
  }
  return most;
}

interface Candidate {
  readonly ingredient: Ingredient;
  readonly levels: Levels;
}

/** The problem that a search solves: figures by ingredients, relative. */
export function doseProblem(aim: Aim): { readonly problem: DoseProblem; readonly candidates: readonly Candidate[] } {
  const figures = Object.entries(aim.figures) as [AimFigure, number][];
  const candidates = aim.available.flatMap((ingredient): Candidate[] => {
    if (!figures.some(([figure]) => perGram(ingredient, figure, aim.volume_mL) > 0)) return [];
    const levels = levelsFor(ingredient, aim.instrument, mostOf(ingredient, aim));
    return levels ? [{ ingredient, levels }] : [];
  });
  const matrix = figures.map(([figure, target]) =>
    Float64Array.from(candidates, ({ ingredient }) => perGram(ingredient, figure, aim.volume_mL) / scaleOf(target)),
  );
  const wanted = Float64Array.from(figures, ([figure, target]) => {
    const there = aim.fixed.reduce(
      (sum, { ingredient, mass_g }) => sum + mass_g * perGram(ingredient, figure, aim.volume_mL),
      0,
    );
    return (target - there) / scaleOf(target);
  });
  return { problem: { matrix, wanted, levels: candidates.map(({ levels }) => levels.grams) }, candidates };
}

/** Why a figure is missed, in words. */
function obstacle({ figure, target, value }: ReachedFigure, aim: Aim): string {
  const { name } = AIM_FIGURES[figure];
  // A trace of it in the sugar is no source.
  const sources = aim.available.filter(
    (ingredient) => perGram(ingredient, figure, aim.volume_mL) * mostOf(ingredient, aim) > MISSED * scaleOf(target),
  );
  const fixed = aim.fixed.filter(({ ingredient }) => perGram(ingredient, figure, aim.volume_mL) > 0);
  if (value < target && sources.length === 0) return `There is no source of ${name} among what is available.`;
  const fromFixed = fixed.reduce(
    (sum, { ingredient, mass_g }) => sum + mass_g * perGram(ingredient, figure, aim.volume_mL),
    0,
  );
  if (value > target && fromFixed > target)
    return `The fixed doses alone bring ${formatNumber(fromFixed)} of ${name}, above the ${formatNumber(target)} that is wanted.`;
  const measurable = sources.some((ingredient) => levelsFor(ingredient, aim.instrument, mostOf(ingredient, aim)));
  if (value < target && !measurable) return `What brings ${name} cannot be measured with a ${aim.instrument}.`;
  const others = sources.map((ingredient) => ingredient.name.toLowerCase()).slice(0, 3);
  return value < target
    ? `${name[0]!.toUpperCase()}${name.slice(1)} stays low: more ${others.join(' or ')} would bring too much of something else, or cannot be measured finely enough with a ${aim.instrument}.`
    : `${name[0]!.toUpperCase()}${name.slice(1)} comes out high: it rides along with what the other figures need.`;
}

/**
 * Doses for a target that can really be measured.
 *
 * @param aim what to reach and what with; volume above 0, at least one figure
 * @returns the best doses, what they come to, and what stands in the way
 * @throws RangeError when the volume is not above 0 or nothing is aimed at
 */
export function aimAt(aim: Aim): AimResult {
  if (!(aim.volume_mL > 0)) throw new RangeError(`aimAt: the volume must be above 0 mL, got ${aim.volume_mL}`);
  const figures = Object.entries(aim.figures) as [AimFigure, number][];
  if (figures.length === 0) throw new RangeError('aimAt: there is no figure to aim at');
  const { problem, candidates } = doseProblem(aim);
  const best = bestDoses(problem);
  const doses = candidates.flatMap(({ ingredient, levels }, index): Dose[] => {
    const mass_g = best.grams[index]!;
    return mass_g > 0 ? [{ ingredient, mass_g, words: levels.words(levels.grams.indexOf(mass_g)) }] : [];
  });
  const reached = figures.map(([figure, target]): ReachedFigure => {
    const value = [...doses, ...aim.fixed].reduce(
      (sum, { ingredient, mass_g }) => sum + mass_g * perGram(ingredient, figure, aim.volume_mL),
      0,
    );
    return { figure, target, value, relative: target > 0 ? value / target - 1 : null };
  });
  const missed = reached.filter(({ target, value }) => Math.abs(value - target) > MISSED * scaleOf(target));
  return {
    doses,
    figures: reached,
    distance: best.distance,
    proven: best.proven,
    obstacles: missed.map((figure) => obstacle(figure, aim)),
  };
}

/** A dose as a line of a recipe: "2.6 g table salt", "1 x 1/2 tsp, level table salt". */
export const doseLine = ({ ingredient, words }: Dose): string => `${words} ${ingredient.name.toLowerCase()}`;
