import { SPREAD_FIGURES, type Analysis, type SpreadFigure } from '@wellhydra/core/analyse';
import { formatNumber } from '@wellhydra/core/quantity';
import { showMass } from '../../../domain/words/units';
import { percentDailyValue, sugarTeaspoons, type DailyValue, type Nutrients } from '@wellhydra/core/serving';
import type { Range } from '@wellhydra/core/spread';
import { bandPosition, targetFor, type Target, type TargetBand } from '@wellhydra/core/target';
import type { RailPlaces, RailTone } from '../../../ui/rail';
import type { Basis } from '../../../state/preferences';
import { portionOf, shareOfBatch } from '../../../domain/words/portions';

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
}

interface Measure {
  readonly label: string;
  readonly unit: string;
  readonly tone: RailTone;
}

/** Figures of the liquid itself and of a litre, as a target sets them. */
const LITRE_MEASURES: Readonly<Partial<Record<SpreadFigure, Measure>>> = {
  'perLitre.sodium_mmol': { label: 'Sodium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.glucoseEquivalent_mmol': { label: 'Glucose, sucrose counted', unit: 'mmol/L', tone: 'sugar' },
  'perLitre.carbohydrate_g': { label: 'Carbohydrate', unit: 'g/L', tone: 'sugar' },
  'perLitre.potassium_mmol': { label: 'Potassium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.chloride_mmol': { label: 'Chloride', unit: 'mmol/L', tone: 'salt' },
  'perLitre.magnesium_mmol': { label: 'Magnesium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.calcium_mmol': { label: 'Calcium', unit: 'mmol/L', tone: 'salt' },
  'perLitre.citrate_mmol': { label: 'Citrate', unit: 'mmol/L', tone: 'acid' },
  'liquid.osmolarity_mOsm_L': { label: 'Dissolved particles', unit: 'mOsm/L', tone: 'water' },
  'liquid.osmolality_mOsm_kg': { label: 'Dissolved particles', unit: 'mOsm/kg', tone: 'water' },
  'liquid.pH': { label: 'Acidity', unit: 'pH', tone: 'acid' },
};

/** The middle of what is usual in blood, 275 to 295 mOsm/kg, and about that of tears. */
const BLOOD_mOsm_kg = 290;

/** Without a target, a litre shows these. */
const PLAIN_LITRE: readonly SpreadFigure[] = [
  'perLitre.carbohydrate_g',
  'perLitre.sodium_mmol',
  'perLitre.potassium_mmol',
  'liquid.osmolality_mOsm_kg',
  'liquid.pH',
];

interface PortionMeasure extends Measure {
  readonly nutrient: keyof Nutrients;
  /** The figure of a target that sets its band. */
  readonly follows?: readonly SpreadFigure[];
  readonly daily?: DailyValue;
}

/** Figures of a portion; those that are nothing are left out, but for sugars and sodium. */
const PORTION_MEASURES: readonly PortionMeasure[] = [
  {
    nutrient: 'sugars_g',
    label: 'Sugars',
    unit: 'g',
    tone: 'sugar',
    follows: ['perLitre.glucoseEquivalent_mmol', 'perLitre.carbohydrate_g'],
  },
  {
    nutrient: 'sodium_mg',
    label: 'Sodium',
    unit: 'mg',
    tone: 'salt',
    follows: ['perLitre.sodium_mmol'],
    daily: 'sodium_mg',
  },
  {
    nutrient: 'potassium_mg',
    label: 'Potassium',
    unit: 'mg',
    tone: 'salt',
    follows: ['perLitre.potassium_mmol'],
    daily: 'potassium_mg',
  },
  {
    nutrient: 'magnesium_mg',
    label: 'Magnesium',
    unit: 'mg',
    tone: 'salt',
    follows: ['perLitre.magnesium_mmol'],
    daily: 'magnesium_mg',
  },
  { nutrient: 'vitaminC_mg', label: 'Vitamin C', unit: 'mg', tone: 'acid', daily: 'vitaminC_mg' },
  { nutrient: 'energy_kcal', label: 'Energy', unit: 'kcal', tone: 'sugar' },
  { nutrient: 'fat_g', label: 'Fat', unit: 'g', tone: 'plain', daily: 'fat_g' },
  { nutrient: 'fibre_g', label: 'Fibre', unit: 'g', tone: 'botanical', daily: 'fibre_g' },
  { nutrient: 'protein_g', label: 'Protein', unit: 'g', tone: 'plain' },
  { nutrient: 'caffeine_mg', label: 'Caffeine', unit: 'mg', tone: 'botanical' },
];
const ALWAYS_SHOWN = new Set<keyof Nutrients>(['sugars_g', 'sodium_mg']);
const WORTH_SHOWING: Partial<Record<keyof Nutrients, number>> = {
  potassium_mg: 1,
  magnesium_mg: 1,
  vitaminC_mg: 0.5,
  energy_kcal: 1,
  fat_g: 0.5,
  fibre_g: 0.5,
  protein_g: 0.5,
  caffeine_mg: 1,
};

/** Below this a figure is nothing. */
const NOTHING = 0.005;

/** A figure with as many digits as it deserves: three from 100 on, two below. */
export function sensible(value: number): string {
  if (Math.abs(value) < NOTHING) return '0';
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
): RailPlaces {
  const top = ph ? PH_SCALE.high : HEADROOM * Math.max(value, band ? band.high * 1.2 : 0, range?.p95 ?? 0, 1e-9);
  const bottom = ph ? PH_SCALE.low : 0;
  const at = (each: number) => (each - bottom) / (top - bottom);
  return {
    dot: at(value),
    ...(band ? { band: [at(band.low), at(band.high)] as const } : {}),
    ...(range ? { whisker: [at(range.p5), at(range.p95)] as const } : {}),
  };
}

const rangeWords = (range: Range | undefined, unit: string): string =>
  range ? `, ${sensible(range.p5)} to ${sensible(range.p95)} ${unit} with these measures` : '';

const position = (band: TargetBand | undefined, value: number): { outside: boolean; words: string } => {
  if (!band) return { outside: false, words: '' };
  const where = bandPosition(band, value);
  return {
    outside: where !== 'within',
    words: `, ${where === 'within' ? 'within' : where === 'low' ? 'below' : 'above'} the band ${formatNumber(band.low)} to ${formatNumber(band.high)}`,
  };
};

function litreFigure(
  figure: SpreadFigure,
  analysis: Analysis,
  target: Target | undefined,
  ranges: Ranges,
): FigureView | undefined {
  const measure = LITRE_MEASURES[figure];
  const value = valueOf(analysis, figure);
  if (!measure || value === null) return undefined;
  const band = target?.bands.find((each) => each.figure === figure);
  const ph = figure === 'liquid.pH';
  const number = ph ? value.toFixed(1) : sensible(value);
  const { outside, words } = position(band, value);
  const particles = figure.startsWith('liquid.osmol');
  const equal = ph
    ? `± ${analysis.liquid?.phMargin}`
    : band
      ? `aim ${formatNumber(band.aim)}`
      : particles
        ? `blood ${BLOOD_mOsm_kg}`
        : undefined;
  return {
    id: figure,
    label: measure.label,
    value: ph ? `pH ${number}` : `${number} ${measure.unit}`,
    ...(equal ? { equal } : {}),
    places: placesOf(value, band, ranges[figure], ph),
    tone: measure.tone,
    outside,
    spoken: `${measure.label} ${ph ? `pH ${number}` : `${number} ${measure.unit}`}${words}${rangeWords(ranges[figure], measure.unit)}`,
  };
}

function valueOf(analysis: Analysis, figure: SpreadFigure): number | null {
  const [group, name] = figure.split('.') as ['perLitre' | 'liquid', string];
  return (analysis[group] as Readonly<Record<string, number>> | null)?.[name] ?? null;
}

function portionFigure(
  measure: PortionMeasure,
  portion: Nutrients,
  analysis: Analysis,
  target: Target | undefined,
  ranges: Ranges,
): FigureView | undefined {
  const value = portion[measure.nutrient];
  const follows = measure.follows?.find((figure) => target?.bands.some((each) => each.figure === figure));
  const band = follows && target?.bands.find((each) => each.figure === follows);
  if (!ALWAYS_SHOWN.has(measure.nutrient) && value < (WORTH_SHOWING[measure.nutrient] ?? 0) && !band) return undefined;
  const litre = follows ? valueOf(analysis, follows) : null;
  // The band of a litre, said for this portion of this drink.
  const scale = litre ? value / litre : 0;
  const scaledBand = band && scale > 0 ? { low: band.low * scale, high: band.high * scale } : undefined;
  const range = scaledRange(measure.nutrient, value, analysis, ranges);
  const { outside, words } = position(band, litre ?? 0);
  const equal = equalOf(measure, value);
  return {
    id: measure.nutrient,
    label: measure.label,
    value: `${sensible(value)} ${measure.unit}`,
    ...(equal ? { equal } : {}),
    places: measure.nutrient === 'energy_kcal' ? null : placesOf(value, scaledBand, range, false),
    tone: measure.tone,
    outside: band !== undefined && outside,
    spoken: `${measure.label} ${sensible(value)} ${measure.unit}${equal ? `, ${equal}` : ''}${band ? words : ''}${rangeWords(range, measure.unit)}`,
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

/** Less of a day's worth is not worth saying, %. */
const LEAST_PERCENT = 0.1;

function equalOf({ nutrient, daily }: PortionMeasure, value: number): string | undefined {
  if (nutrient === 'sugars_g') return `${sensible(sugarTeaspoons(value))} tsp`;
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
    const label = `${ingredient.name.replace(/, dried$| \(dried\)$/i, '')}, as dried`;
    const value = showMass(grams);
    return {
      id: `plant:${ingredient.id}`,
      label,
      value,
      places: null,
      tone: 'botanical',
      outside: false,
      spoken: `${label} ${value}`,
    };
  });
}
const MOST_PLANTS = 6;

/**
 * The figures of a drink on a basis, with their bands, spreads and everyday equals.
 *
 * A litre shows what the target is written in; a glass and a batch show grams and milligrams.
 */
export function figuresView(analysis: Analysis, basis: Basis, ranges: Ranges): readonly FigureView[] {
  if (analysis.trace.pot.mass_g <= 0) return [];
  const target = targetFor(analysis.drink);
  if (basis === 'litre') {
    const figures = target ? target.bands.map(({ figure }) => figure) : PLAIN_LITRE;
    const more = figures.includes('liquid.pH') ? [] : (['liquid.pH'] as const);
    return [...figures, ...more].flatMap((figure) => litreFigure(figure, analysis, target, ranges) ?? []);
  }
  const portion = portionOf(analysis, basis);
  if (!portion) return [];
  const particles =
    target?.bands.find(({ figure }) => figure.startsWith('liquid.osmol'))?.figure ?? 'liquid.osmolality_mOsm_kg';
  return [
    ...inOrderOf(target).flatMap((measure) => portionFigure(measure, portion, analysis, target, ranges) ?? []),
    ...plantFigures(analysis, basis),
    ...[particles, 'liquid.pH' as const].flatMap((figure) => litreFigure(figure, analysis, target, ranges) ?? []),
  ];
}
