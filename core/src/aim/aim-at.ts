import type { Ingredient } from '../catalogue';
import { doseLinesFor, type DoseLine } from '../caution';
import type { DrinkKind } from '../drink';
import { volumeOf } from '../liquid';
import { formatNumber } from '../quantity';
import { AIM_FIGURES, type AimFigure } from './aim-figures';
import { bestDoses } from './best-doses';
import type { DoseProblem } from './dose-problem';
import { levelsFor, type Instrument, type Levels } from './measurable-levels';
import { limitLines, type PersonLimit } from './person-limits';

/** What to aim at, and what with. */
export interface Aim {
  readonly volume_mL: number;
  readonly figures: Readonly<Partial<Record<AimFigure, number>>>;
  readonly available: readonly Ingredient[];
  readonly fixed: readonly { readonly ingredient: Ingredient; readonly mass_g: number }[];
  readonly instrument: Instrument;
  /** Kinds of drink it is to be: their lines hold. */
  readonly kinds?: readonly DrinkKind[];
  /** A serving of it, mL. */
  readonly serving_mL?: number;
  /** Whom it is made for: no serving crosses a line of theirs. */
  readonly limits?: readonly PersonLimit[];
  /** Where a figure is as good as met, from low to high. */
  readonly bands?: Readonly<Partial<Record<AimFigure, readonly [low: number, high: number]>>>;
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
  /** Inside its band, or near its target where it has none. */
  readonly met: boolean;
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
  /** Lines that hold the doses back: without them they would be crossed. */
  readonly heldBy: readonly DoseLine[];
}

/** How finely a dose is weighed goes by this many times what the first figure that is full takes of it. */
const USUAL_TIMES = 1.5;
/** A serving where nobody has said how large it is, mL. */
const USUAL_SERVING_mL = 250;
/** A figure is missed when it is off by more than this share. */
const MISSED = 0.05;
/** A band ends where it ends, but for rounding. */
const IN_BAND = 1e-6;
/** A target of 0 counts a unit of its figure as a whole. */
const scaleOf = (target: number): number => (target > 0 ? target : 1);

/** What one gram brings of a figure, a litre of the volume. */
const perGram = ({ composition }: Ingredient, figure: AimFigure, volume_mL: number): number =>
  composition ? (AIM_FIGURES[figure].of(composition) * 1000) / volume_mL : 0;

/** Volume that a gram takes up in the drink, mL. */
const volumePerGram = ({ composition }: Ingredient): number => (composition ? volumeOf(composition) : 1);

/** The lines that hold: those of its kinds, and those of the people it is made for. */
const linesFor = ({ kinds = [], limits = [] }: Aim): readonly DoseLine[] => [
  ...doseLinesFor(kinds),
  ...limitLines(limits),
];

/** What a gram takes up of a line, in the volume that is made. */
function shareOfLine({ of, most, per }: DoseLine, ingredient: Ingredient, aim: Aim): number {
  const portion_mL = per === 'litre' ? 1000 : Math.min(aim.volume_mL, aim.serving_mL ?? USUAL_SERVING_mL);
  return (of(ingredient) * portion_mL) / aim.volume_mL / most;
}

/** What would be dosed without the lines need not be proven best to say which of them it crosses. */
const NODES_TO_EXPLAIN = 10_000;
/** Less than this is left of a line that is used up. */
const NOTHING_LEFT = 1e-9;

/** Rows of what must not be crossed: the lines of its kinds, and the volume itself, less what the fixed doses take up. */
function ceilingsOf(aim: Aim, candidates: readonly Candidate[]): readonly Float64Array[] {
  const shares: readonly ((ingredient: Ingredient) => number)[] = [
    ...linesFor(aim).map((line) => (ingredient: Ingredient) => shareOfLine(line, ingredient, aim)),
    (ingredient) => volumePerGram(ingredient) / aim.volume_mL,
  ];
  return shares.map((share) => {
    const taken = aim.fixed.reduce((sum, { ingredient, mass_g }) => sum + mass_g * share(ingredient), 0);
    // Where the fixed doses are over a line by themselves, nothing may be added to them.
    const left = Math.max(NOTHING_LEFT, 1 - taken);
    return Float64Array.from(candidates, ({ ingredient }) => {
      const each = share(ingredient);
      return each > 0 ? each / left : 0;
    });
  });
}

/** Grams of an ingredient at which some figure is so many times full; no more than the volume holds. */
function gramsAt(times: number, ingredient: Ingredient, aim: Aim): number {
  let most = aim.volume_mL / volumePerGram(ingredient);
  for (const [figure, target] of Object.entries(aim.figures) as [AimFigure, number][]) {
    const gram = perGram(ingredient, figure, aim.volume_mL);
    if (gram > 0) most = Math.min(most, (times * scaleOf(target)) / gram);
  }
  return most;
}

/**
 * Grams above which an ingredient cannot help: with every figure off by its whole, one more figure over by more than
 * all of them together.
 */
const mostOf = (ingredient: Ingredient, aim: Aim): number =>
  gramsAt(1 + Object.keys(aim.figures).length, ingredient, aim);

const levelsIn = (ingredient: Ingredient, aim: Aim): Levels | undefined =>
  levelsFor(ingredient, aim.instrument, mostOf(ingredient, aim), gramsAt(USUAL_TIMES, ingredient, aim));

interface Candidate {
  readonly ingredient: Ingredient;
  readonly levels: Levels;
}

/** The problem that a search solves: figures by ingredients, relative. */
export function doseProblem(aim: Aim): { readonly problem: DoseProblem; readonly candidates: readonly Candidate[] } {
  const figures = Object.entries(aim.figures) as [AimFigure, number][];
  const candidates = aim.available.flatMap((ingredient): Candidate[] => {
    if (!figures.some(([figure]) => perGram(ingredient, figure, aim.volume_mL) > 0)) return [];
    const levels = levelsIn(ingredient, aim);
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
  const levels = candidates.map((each) => each.levels.grams);
  return { problem: { matrix, wanted, levels, ceilings: ceilingsOf(aim, candidates) }, candidates };
}

/** Lines that the doses would cross if nothing held them back. */
function linesInTheWay(
  aim: Aim,
  { ceilings: _ceilings, ...free }: DoseProblem,
  candidates: readonly Candidate[],
): readonly DoseLine[] {
  const { grams } = bestDoses(free, NODES_TO_EXPLAIN);
  return linesFor(aim).filter((line) => {
    const share = (ingredient: Ingredient): number => shareOfLine(line, ingredient, aim);
    const added = candidates.reduce((sum, { ingredient }, index) => sum + grams[index]! * share(ingredient), 0);
    const there = aim.fixed.reduce((sum, { ingredient, mass_g }) => sum + mass_g * share(ingredient), 0);
    return added > 0 && added + there > 1;
  });
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
  const measurable = sources.some((ingredient) => levelsIn(ingredient, aim));
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
    const band = aim.bands?.[figure];
    const met = band
      ? value >= band[0] * (1 - IN_BAND) && value <= band[1] * (1 + IN_BAND)
      : Math.abs(value - target) <= MISSED * scaleOf(target);
    return { figure, target, value, relative: target > 0 ? value / target - 1 : null, met };
  });
  const missed = reached.filter(({ met }) => !met);
  return {
    doses,
    figures: reached,
    distance: best.distance,
    proven: best.proven,
    obstacles: missed.map((figure) => obstacle(figure, aim)),
    heldBy: missed.length > 0 ? linesInTheWay(aim, problem, candidates) : [],
  };
}

/** A dose as lines of a recipe, one for each size of spoon: "2.6 g table salt", "3 x 1/4 level tsp table salt". */
export const doseLines = ({ ingredient, words }: Dose): readonly string[] =>
  words.split(' + ').map((part) => `${part} ${ingredient.name.toLowerCase()}`);
