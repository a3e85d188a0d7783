import { SPREAD_FIGURES, figureValue, type Analysis, type SpreadFigure } from '../analyse';
import type { Composition } from '../liquid/composition';
import { osmolarity } from '../liquid/osmolality';
import { VOLUME_VECTOR_LENGTH, gramsToVolume, mixedVolume, volumeVector } from '../liquid/volume';
import type { MeasureError } from '../quantity/measure-error';
import { nutrientsOf, perLitreOf, type Nutrients, type PerLitre } from '../serving/nutrients';
import { quantile } from './quantile';
import { standardNormal } from './standard-normal';

/** Draws and seed where none are given. */
export const DEFAULT_DRAWS = 500;
export const DEFAULT_SEED = 1;
/** Share of a pH margin (95 %) that reaches the 5 % and 95 % points. */
const PH_P95_SHARE = 1.6449 / 1.96;

export interface Range {
  readonly p5: number;
  readonly p50: number;
  readonly p95: number;
}

/** Spread of every figure of a drink, from what it was measured with. */
export interface Spread {
  readonly draws: number;
  readonly ranges: Readonly<Partial<Record<SpreadFigure, Range>>>;
  /** Share of drinks made like this in which a figure comes out above a line. */
  readonly chanceAbove: (figure: SpreadFigure, line: number) => number | null;
}

export interface SpreadOptions {
  readonly draws?: number;
  readonly seed?: number;
}

interface Dose {
  readonly composition: Composition;
  readonly mass_g: number;
  /** The mark, when it is filled up to one. */
  readonly fill_mL?: number;
  readonly errors: readonly MeasureError[];
}

function dosesOf(analysis: Analysis): Dose[] {
  return analysis.trace.entries.flatMap(({ line, added_g }): Dose[] => {
    if (!line?.ingredient.composition || line.ingredient.state === 'solid' || added_g === undefined) return [];
    const fill = line.dose.kind === 'fill' ? { fill_mL: line.dose.volume_mL } : {};
    return [{ composition: line.ingredient.composition, mass_g: added_g, errors: line.dose.errors, ...fill }];
  });
}

/** A column of drawn relative errors; errors with the same key are one column for all doses. */
function factorColumn(
  errors: readonly MeasureError[],
  shared: Map<string, Float64Array>,
  draws: number,
  normal: () => number,
): Float64Array {
  const logs = new Float64Array(draws);
  for (const { key, cv } of errors) {
    let deviates = key === 'own' ? undefined : shared.get(key);
    if (!deviates) {
      deviates = Float64Array.from({ length: draws }, normal);
      if (key !== 'own') shared.set(key, deviates);
    }
    for (let draw = 0; draw < draws; draw += 1) logs[draw]! += cv * deviates[draw]!;
  }
  return logs.map(Math.exp);
}

/** What every draw put into the pot: grams of each dose, and the volume they come to. */
interface DrawnPots {
  readonly grams: readonly Float64Array[];
  readonly volumes_mL: Float64Array;
}

function drawPots(doses: readonly Dose[], draws: number, normal: () => number): DrawnPots {
  const shared = new Map<string, Float64Array>();
  const pots = Array.from({ length: draws }, () => new Float64Array(VOLUME_VECTOR_LENGTH));
  const grams = doses.map((dose) => {
    const factors = factorColumn(dose.errors, shared, draws, normal);
    const perGram = volumeVector(dose.composition);
    return factors.map((factor, draw) => {
      const pot = pots[draw]!;
      const poured =
        dose.fill_mL === undefined
          ? dose.mass_g * factor
          : Math.max(0, gramsToVolume(pot, perGram, dose.fill_mL * factor));
      for (let property = 0; property < pot.length; property += 1) pot[property]! += poured * perGram[property]!;
      return poured;
    });
  });
  const none = new Float64Array(VOLUME_VECTOR_LENGTH);
  return { grams, volumes_mL: Float64Array.from(pots, (pot) => mixedVolume(pot, none, 0)) };
}

/** Σ grams x amount per gram, for each draw: how every figure that adds up is drawn. */
function totalColumn(pots: DrawnPots, perGram: readonly number[]): Float64Array {
  const total = new Float64Array(pots.volumes_mL.length);
  pots.grams.forEach((column, dose) => {
    const amount = perGram[dose]!;
    if (amount !== 0) for (let draw = 0; draw < total.length; draw += 1) total[draw]! += column[draw]! * amount;
  });
  return total;
}

/** Amount of a figure in one gram of each dose; the functions of `serving` are linear in the composition. */
function amountsPerGram(figure: SpreadFigure, doses: readonly Dose[]): readonly number[] {
  const [group, name] = figure.split('.') as [string, string];
  return doses.map(({ composition }) => {
    if (figure === 'liquid.brix') return composition.solubleSolids_g;
    if (group === 'liquid') return osmolarity(composition, 1);
    if (group === 'perLitre') return perLitreOf(composition, 1)[name as keyof PerLitre];
    return nutrientsOf(composition)[name as keyof Nutrients];
  });
}

function drawFigure(figure: SpreadFigure, analysis: Analysis, doses: readonly Dose[], pots: DrawnPots): Float64Array {
  const { liquid, serving } = analysis;
  if (figure === 'yield.volume_mL') return pots.volumes_mL;
  const totals = totalColumn(pots, amountsPerGram(figure, doses));
  const perVolume = (share_mL: number) => totals.map((total, draw) => (total * share_mL) / pots.volumes_mL[draw]!);
  if (figure.startsWith('perServing.'))
    return serving?.volume_mL ? perVolume(serving.volume_mL) : totals.map((total) => total / (serving?.servings || 1));
  if (figure === 'liquid.brix') {
    const waters = totalColumn(
      pots,
      doses.map(({ composition }) => composition.water_g),
    );
    return totals.map((solids, draw) => (100 * solids) / (solids + waters[draw]!));
  }
  // Ions bind and spread the same way in every draw: osmolality follows the count of particles.
  if (figure === 'liquid.osmolality_mOsm_kg' && liquid)
    return perVolume(liquid.osmolality_mOsm_kg / liquid.osmolarity_mOsm_L);
  return perVolume(1);
}

const isDrawn = (figure: SpreadFigure, analysis: Analysis): boolean =>
  figure !== 'liquid.pH' && figureValue(analysis, figure) !== null;

/**
 * How far every figure of a drink may be off, by seeded Monte Carlo over its measures: spoon size,
 * filling, bulk density, scales, jugs, pieces and hands. One spoon used twice errs the same way twice.
 *
 * @param analysis of the drink
 * @param options number of draws (at least 1) and seed
 * @returns 5, 50 and 95 % points of each figure; pH by the margin of its prediction
 * The spread of the ingredients' own composition is not drawn.
 */
export function measureSpread(analysis: Analysis, options: SpreadOptions = {}): Spread {
  const draws = options.draws ?? DEFAULT_DRAWS;
  if (!Number.isInteger(draws) || draws < 1)
    throw new RangeError(`measureSpread: draws must be a whole number above 0, got ${draws}`);
  const normal = standardNormal(options.seed ?? DEFAULT_SEED);
  const doses = dosesOf(analysis);
  const pots = drawPots(doses, draws, normal);
  const columns = new Map(
    SPREAD_FIGURES.filter((figure) => isDrawn(figure, analysis)).map((figure) => [
      figure,
      drawFigure(figure, analysis, doses, pots).slice().sort(),
    ]),
  );
  const ranges: Partial<Record<SpreadFigure, Range>> = {};
  for (const [figure, column] of columns) {
    ranges[figure] = { p5: quantile(column, 0.05), p50: quantile(column, 0.5), p95: quantile(column, 0.95) };
  }
  if (analysis.liquid) {
    const { pH, phMargin } = analysis.liquid;
    ranges['liquid.pH'] = { p5: pH - PH_P95_SHARE * phMargin, p50: pH, p95: pH + PH_P95_SHARE * phMargin };
  }
  return {
    draws,
    ranges,
    chanceAbove: (figure, line) => {
      const column = columns.get(figure);
      return column ? column.filter((value) => value > line).length / draws : null;
    },
  };
}
