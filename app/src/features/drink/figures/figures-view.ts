import { SPREAD_FIGURES, type Analysis, type SpreadFigure } from '@wellhydra/core/analyse';
import { formatNumber } from '@wellhydra/core/quantity';
import { showMass } from '../../../domain/words/units';
import { percentDailyValue, sugarTeaspoons, type Nutrients } from '@wellhydra/core/serving';
import type { Range } from '@wellhydra/core/spread';
import { bandPosition, targetFor, type Target, type TargetBand } from '@wellhydra/core/target';
import type { RailPlaces, RailTone } from '../../../ui/rail';
import type { Basis } from '../../../state/preferences';
import { portionOf, shareOfBatch } from '../../../domain/words/portions';
import {
  ALWAYS_SHOWN,
  LITRE_MEASURES,
  PLAIN_LITRE,
  PORTION_MEASURES,
  WORTH_SHOWING,
  type PortionMeasure,
} from './figure-measures';

export type Ranges = Readonly<Partial<Record<SpreadFigure, Range>>>;

/** A figure as it is drawn. */
export interface FigureView {
  readonly id: string;
  readonly label: string;
  readonly value: string;
  readonly equal?: string;
  readonly places: RailPlaces | null;
  readonly tone: RailTone;
  readonly spoken: string;
  readonly outside: boolean;
  /** Which side of its band it is on. */
  readonly side: 'low' | 'high' | null;
  /** The value before, where the drink was asked about that has changed and the figure with it. */
  readonly was?: string;
}

/** The middle of what is usual in blood, 275 to 295 mOsm/kg, and about that of tears. */
const BLOOD_mOsm_kg = 290;

/** The thickest syrup has a tenth of this; with more it is a powder, and nobody drinks it so. */
const MOST_PARTICLES = 50_000;

/** Below this a figure is nothing. */
const NOTHING = 0.005;

/** Below this two places behind the point are all that is worth saying. */
const SMALL = 0.1;

/** A figure with as many digits as it deserves: three from 100 on, two below, hundredths at the least. */
export function sensible(value: number): string {
  if (Math.abs(value) < NOTHING) return '0';
  if (Math.abs(value) < SMALL) return formatNumber(Math.round(value * 100) / 100, 2);
  return formatNumber(value, Math.abs(value) >= 99.5 ? 3 : 2);
}

/** A gauge runs a quarter further than the furthest thing on it. */
const HEADROOM = 1.25;
/** On the gauge of pH, neutral stands at the right end. */
const PH_SCALE = { low: 1.5, high: 9.5 } as const;

function placesOf(
  value: number,
  band: { low: number; high: number } | undefined,
  range: Range | undefined,
  ph: boolean,
  was: number | null = null,
): RailPlaces {
  const furthest = Math.max(value, was ?? 0, band ? band.high * 1.2 : 0, range?.p95 ?? 0, 1e-9);
  const top = ph ? PH_SCALE.high : HEADROOM * furthest;
  const bottom = ph ? PH_SCALE.low : 0;
  const at = (each: number) => (each - bottom) / (top - bottom);
  return {
    dot: at(value),
    ...(band ? { band: [at(band.low), at(band.high)] as const } : {}),
    ...(range ? { whisker: [at(range.p5), at(range.p95)] as const } : {}),
    ...(was === null ? {} : { was: at(was) }),
  };
}

const rangeWords = (range: Range | undefined, unit: string): string =>
  range ? `, ${sensible(range.p5)} to ${sensible(range.p95)} ${unit} with these measures` : '';

const position = (
  band: TargetBand | undefined,
  value: number,
): { readonly side: FigureView['side']; readonly words: string } => {
  if (!band) return { side: null, words: '' };
  const where = bandPosition(band, value);
  return {
    side: where === 'within' ? null : where,
    words: `, ${where === 'within' ? 'within' : where === 'low' ? 'below' : 'above'} the band ${formatNumber(band.low)} to ${formatNumber(band.high)}`,
  };
};

/** What the figures of a drink are read beside. */
interface Beside {
  /** The drink before what is being changed: each figure says what it was. */
  readonly before?: Analysis | null;
  /** Figures, by id, that are not left out however little there is. */
  readonly kept?: ReadonlySet<string>;
}

/** What all figures of a drink are read from. */
interface Asked extends Required<Beside> {
  readonly analysis: Analysis;
  readonly basis: Basis;
  readonly target: Target | undefined;
  readonly ranges: Ranges;
}

function litreFigure(figure: SpreadFigure, { analysis, target, ranges, before }: Asked): FigureView | undefined {
  const measure = LITRE_MEASURES[figure];
  const value = valueOf(analysis, figure);
  const particles = figure.startsWith('liquid.osmol');
  if (!measure || value === null || (particles && value > MOST_PARTICLES)) return undefined;
  const band = target?.bands.find((each) => each.figure === figure);
  const ph = figure === 'liquid.pH';
  const words = (each: number) => (ph ? `pH ${each.toFixed(1)}` : `${sensible(each)} ${measure.unit}`);
  const { side, words: where } = position(band, value);
  const equal = ph
    ? `± ${analysis.liquid?.phMargin}`
    : band
      ? `aim ${formatNumber(band.aim)}`
      : particles
        ? `blood ${BLOOD_mOsm_kg}`
        : undefined;
  const was = before && valueOf(before, figure);
  return {
    id: figure,
    label: measure.label,
    value: words(value),
    ...(equal ? { equal } : {}),
    ...wasWords(was, words, words(value)),
    places: placesOf(value, band, ranges[figure], ph, was),
    tone: measure.tone,
    outside: side !== null,
    side,
    spoken: `${measure.label} ${words(value)}${where}${rangeWords(ranges[figure], measure.unit)}`,
  };
}

/** The value before, without its unit, where it reads otherwise than the value now. */
function wasWords(was: number | null, words: (value: number) => string, now: string): { readonly was?: string } {
  if (was === null || words(was) === now) return {};
  return { was: words(was).replace(/^pH | \S+$/, '') };
}

function valueOf(analysis: Analysis, figure: SpreadFigure): number | null {
  const [group, name] = figure.split('.') as ['perLitre' | 'liquid', string];
  return (analysis[group] as Readonly<Record<string, number>> | null)?.[name] ?? null;
}

function portionFigure(measure: PortionMeasure, portion: Nutrients, asked: Asked): FigureView | undefined {
  const { analysis, basis, target, ranges, before, kept } = asked;
  const value = portion[measure.nutrient];
  // Where there was nothing of the drink yet, there was nothing of this in it.
  const was = before && (portionOf(before, basis)?.[measure.nutrient] ?? 0);
  const follows = measure.follows?.find((figure) => target?.bands.some((each) => each.figure === figure));
  const band = follows && target?.bands.find((each) => each.figure === follows);
  const stays = ALWAYS_SHOWN.has(measure.nutrient) || kept.has(measure.nutrient) || band !== undefined;
  if (!stays && Math.max(value, was ?? 0) < (WORTH_SHOWING[measure.nutrient] ?? 0)) return undefined;
  const litre = follows ? valueOf(analysis, follows) : null;
  // The band of a litre, said for this portion of this drink.
  const scale = litre ? value / litre : 0;
  const scaledBand = band && scale > 0 ? { low: band.low * scale, high: band.high * scale } : undefined;
  const range = scaledRange(measure.nutrient, value, analysis, ranges);
  const { side, words: where } = position(band, litre ?? 0);
  const equal = equalOf(measure, value);
  const words = (each: number) => `${sensible(each)} ${measure.unit}`;
  return {
    id: measure.nutrient,
    label: measure.label,
    value: words(value),
    ...(equal ? { equal } : {}),
    ...wasWords(was, words, words(value)),
    places: measure.nutrient === 'energy_kcal' ? null : placesOf(value, scaledBand, range, false, was),
    tone: measure.tone,
    outside: side !== null,
    side,
    spoken: `${measure.label} ${words(value)}${equal ? `, ${equal}` : ''}${where}${rangeWords(range, measure.unit)}`,
  };
}

/** The spread of a serving's figure, scaled to the portion in question. */
function scaledRange(nutrient: keyof Nutrients, value: number, analysis: Analysis, ranges: Ranges): Range | undefined {
  const figure = `perServing.${nutrient}` as SpreadFigure;
  const range = SPREAD_FIGURES.includes(figure) ? ranges[figure] : undefined;
  const serving = analysis.perServing[nutrient];
  if (!range || !(serving > 0)) return undefined;
  const scale = value / serving;
  return { p5: range.p5 * scale, p50: range.p50 * scale, p95: range.p95 * scale };
}

/** Nobody sees less sugar on a spoon. */
const LEAST_SPOONS = 0.05;
/** Less of a day's worth is not worth saying, %. */
const LEAST_PERCENT = 0.1;

function equalOf({ nutrient, daily }: PortionMeasure, value: number): string | undefined {
  if (nutrient === 'sugars_g') {
    const spoons = sugarTeaspoons(value);
    return spoons >= LEAST_SPOONS ? `${sensible(spoons)} tsp` : undefined;
  }
  const percent = daily ? percentDailyValue(daily, value) : 0;
  return percent >= LEAST_PERCENT ? `${sensible(percent)} % of a day` : undefined;
}

/** What the target names first leads. */
function inOrderOf(target: Target | undefined): readonly PortionMeasure[] {
  const place = ({ follows }: PortionMeasure) => {
    const at = target?.bands.findIndex(({ figure }) => follows?.includes(figure)) ?? -1;
    return at < 0 ? Infinity : at;
  };
  return [...PORTION_MEASURES].sort((a, b) => Math.sign(place(a) - place(b)) || 0);
}

/** Plants as what they would be dried; a serving of some has a usual range nobody agrees on, so there is no band. */
function plantFigures(analysis: Analysis, basis: Basis): readonly FigureView[] {
  const share = shareOfBatch(analysis, basis);
  const perServing = shareOfBatch(analysis, 'serving');
  if (share === null || perServing === null) return [];
  return analysis.botanicals.slice(0, MOST_PLANTS).map(({ ingredient, dryEquivalent_g }): FigureView => {
    const grams = (dryEquivalent_g * share) / perServing;
    const label = `${ingredient.name.replace(/, dried$| \(dried\)$/i, '')}, dry weight`;
    const value = showMass(grams);
    return {
      id: `plant:${ingredient.id}`,
      label,
      value,
      places: null,
      tone: 'botanical',
      outside: false,
      side: null,
      spoken: `${label} ${value}`,
    };
  });
}
const MOST_PLANTS = 6;

const NONE: ReadonlySet<string> = new Set();

/**
 * The figures of a drink on a basis, with their bands, spreads and everyday equals.
 *
 * A litre shows what the target is written in; a glass and a batch show grams and milligrams.
 */
export function figuresView(
  analysis: Analysis,
  basis: Basis,
  ranges: Ranges,
  { before = null, kept = NONE }: Beside = {},
): readonly FigureView[] {
  if (analysis.trace.pot.mass_g <= 0) return [];
  const target = targetFor(analysis.drink);
  const asked: Asked = { analysis, basis, target, ranges, before, kept };
  if (basis === 'litre') {
    const figures = target ? target.bands.map(({ figure }) => figure) : PLAIN_LITRE;
    const more = figures.includes('liquid.pH') ? [] : (['liquid.pH'] as const);
    return [...figures, ...more].flatMap((figure) => litreFigure(figure, asked) ?? []);
  }
  const portion = portionOf(analysis, basis);
  if (!portion) return [];
  const particles =
    target?.bands.find(({ figure }) => figure.startsWith('liquid.osmol'))?.figure ?? 'liquid.osmolality_mOsm_kg';
  return [
    ...inOrderOf(target).flatMap((measure) => portionFigure(measure, portion, asked) ?? []),
    ...plantFigures(analysis, basis),
    ...[particles, 'liquid.pH' as const].flatMap((figure) => litreFigure(figure, asked) ?? []),
  ];
}
