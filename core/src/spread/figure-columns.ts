import type { Analysis, SpreadFigure } from '../analyse';
import {
  EXTENSIVE_PROPERTIES,
  compositionOf,
  type Composition,
  type ExtensiveProperty,
  describeLiquid,
  type Liquid,
  osmolarity,
  ETHANOL_DENSITY_g_mL,
} from '../liquid';
import { nutrientsOf, perLitreOf, type Nutrients, type PerLitre } from '../serving';
import { type Column, type Mixture, type WorkingPot, solidMass } from '../simulate';

type Linear = (c: Composition) => number;

const WEIGHTS = new Map<SpreadFigure, readonly (readonly [ExtensiveProperty, number])[]>();

/** What each property counts in a figure that adds up: read off the same function that the figure itself uses. */
function weightsOf(figure: SpreadFigure, linear: Linear): readonly (readonly [ExtensiveProperty, number])[] {
  let weights = WEIGHTS.get(figure);
  if (!weights) {
    weights = EXTENSIVE_PROPERTIES.map((name) => [name, linear(compositionOf({ [name]: 1 }))] as const).filter(
      ([, weight]) => weight !== 0,
    );
    WEIGHTS.set(figure, weights);
  }
  return weights;
}

/** Columns of every sample of a finished pot. */
export interface DrawnPot {
  readonly pot: WorkingPot;
  /** What whoever empties it drinks. */
  readonly drunk: Mixture;
  /** Of what is poured, and of the liquid in it. */
  readonly volumes_mL: Column;
  readonly liquid_mL: Column;
  readonly masses_g: Column;
  /** Minutes from the first step to the last. */
  readonly minutes: Column;
}

export function drawnPot(pot: WorkingPot, minutes: Column): DrawnPot {
  const body = pot.body();
  const masses_g = body.masses();
  const add = (column: Column): void => {
    for (let sample = 0; sample < masses_g.length; sample += 1) masses_g[sample]! += column[sample]!;
  };
  pot.solids
    .filter(({ suspended }) => !suspended)
    .map(solidMass)
    .forEach(add);
  pot.sediment.forEach(add);
  const volumes_mL = body.volumes();
  const liquid_mL = body === pot.liquid ? volumes_mL : pot.liquid.volumes();
  return { pot, drunk: pot.drunk(body), volumes_mL, liquid_mL, masses_g, minutes };
}

function total(mixture: Mixture, figure: SpreadFigure, linear: Linear): Column {
  const sum = new Float64Array(mixture.samples);
  for (const [name, weight] of weightsOf(figure, linear)) {
    const column = mixture.column(name);
    for (let sample = 0; sample < sum.length; sample += 1) sum[sample]! += weight * column[sample]!;
  }
  return sum;
}

const over = (column: Column, by: Column, factor: number): Column =>
  column.map((value, sample) => (by[sample]! > 0 ? (factor * value) / by[sample]! : 0));

/** A serving's share of each sample: so many mL of the liquid, or so many g of a powder. */
function perServing(drawn: DrawnPot, analysis: Analysis, figure: SpreadFigure, linear: Linear): Column {
  const { serving } = analysis;
  const sums = total(drawn.drunk, figure, linear);
  if (serving?.volume_mL) return over(sums, drawn.volumes_mL, serving.volume_mL);
  return over(sums, drawn.masses_g, serving?.mass_g ?? 0);
}

/** What was strained off and is not in the pot any more, with the liquid it holds. */
function strained({ pot }: DrawnPot): Column {
  const sum = new Float64Array(pot.samples);
  for (const { held, solids } of pot.cake ? [...pot.ledger.discarded, pot.cake] : pot.ledger.discarded)
    for (const column of [held.masses(), ...solids.map(solidMass)])
      for (let sample = 0; sample < sum.length; sample += 1) sum[sample]! += column[sample]!;
  return sum;
}

/** Figures that follow from the totals by a formula of their own, from whole descriptions of some samples. */
const DESCRIBED = {
  'liquid.osmolality_mOsm_kg': (liquid) => liquid.osmolality_mOsm_kg,
  'liquid.waterActivity': (liquid) => liquid.waterActivity,
  'liquid.titratableAcid_pct': (liquid) => liquid.titratableAcid_pct,
  'liquid.boilingPoint_C': (liquid) => liquid.boilingPoint_C,
  'liquid.viscosity_mPas.at5C': (liquid) => liquid.viscosity_mPas.at5C,
  'liquid.viscosity_mPas.at20C': (liquid) => liquid.viscosity_mPas.at20C,
  'liquid.pH': (liquid) => liquid.pH,
} as const satisfies Partial<Record<SpreadFigure, (liquid: Liquid) => number>>;
type DescribedFigure = keyof typeof DESCRIBED;
export const isDescribed = (figure: SpreadFigure): figure is DescribedFigure => figure in DESCRIBED;

/** Samples that are described in full: enough for the 5 % and 95 % points of the costly figures. */
export const DESCRIBED_SAMPLES = 200;

/** Columns of the costly figures, for the first {@link DESCRIBED_SAMPLES} draws and sample 0. */
export function describedColumns({ pot }: DrawnPot): Readonly<Record<DescribedFigure, Column>> | null {
  const samples = Math.min(pot.samples, DESCRIBED_SAMPLES + 1);
  const columns = Object.fromEntries(
    Object.keys(DESCRIBED).map((figure) => [figure, new Float64Array(samples)]),
  ) as Record<DescribedFigure, Column>;
  for (let sample = 0; sample < samples; sample += 1) {
    const liquid = describeLiquid(pot.liquid.composition(sample));
    if (!liquid) return null;
    for (const [figure, read] of Object.entries(DESCRIBED)) columns[figure as DescribedFigure][sample] = read(liquid);
  }
  return columns;
}

/** The column of a figure that adds up. */
export function linearColumn(figure: SpreadFigure, analysis: Analysis, drawn: DrawnPot): Column {
  const [group, name] = figure.split('.') as [string, string];
  const { volumes_mL } = drawn;
  const { liquid } = drawn.pot;
  if (figure === 'yield.volume_mL') return volumes_mL;
  if (figure === 'yield.mass_g') return drawn.masses_g;
  if (figure === 'time.total_min') return drawn.minutes;
  if (figure === 'losses.steam_g') return drawn.pot.ledger.steam_g;
  if (figure === 'losses.strained_g') return strained(drawn);
  if (group === 'perServing')
    return perServing(drawn, analysis, figure, (c) => nutrientsOf(c)[name as keyof Nutrients]);
  if (group === 'perLitre')
    return over(
      total(drawn.drunk, figure, (c) => perLitreOf(c, 1)[name as keyof PerLitre]),
      volumes_mL,
      1,
    );
  if (figure === 'liquid.osmolarity_mOsm_L')
    return over(
      total(liquid, figure, (c) => osmolarity(c, 1)),
      drawn.liquid_mL,
      1,
    );
  if (figure === 'liquid.alcohol_pctABV')
    return over(liquid.column('ethanol_g'), drawn.liquid_mL, 100 / ETHANOL_DENSITY_g_mL);
  if (figure === 'liquid.density_g_mL') return over(liquid.masses(), drawn.liquid_mL, 1);
  const solids = liquid.column('solubleSolids_g');
  const water = liquid.column('water_g');
  return solids.map((grams, sample) => (100 * grams) / (grams + water[sample]!));
}
