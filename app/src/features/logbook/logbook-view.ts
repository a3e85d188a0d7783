import type { LogbookCharts, LogbookRow } from '@wellhydra/contract';
import { formatNumber } from '@wellhydra/core/quantity';
import { showMoney } from '../../domain/words/money';
import { showPortion } from '../../domain/words/units';

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const isDry = ({ kind }: Pick<LogbookRow, 'kind'>): boolean => kind === 'dry-mix';
/** What came is told in red from so far off what was promised, as a share. */
const FAR_OFF = 0.1;

/** A brew as a row of words. */
export interface RowView {
  readonly id: string;
  readonly batch: string;
  readonly drink: string;
  readonly made: string;
  readonly cook: string;
  readonly expected: string;
  readonly got: string;
  readonly farOff: boolean;
  readonly brix: string;
  readonly pH: string;
  readonly taste: string;
  /** Of a serving. */
  readonly cost: string;
  readonly left: string;
}

function leftWords({ left_mL, serving_mL, kind }: LogbookRow): string {
  const servings = Math.round((2 * left_mL) / serving_mL) / 2;
  if (servings <= 0) return 'none';
  const unit = kind === 'dry-mix' ? 'scoop' : serving_mL <= 40 ? 'spoon' : 'glass';
  const plural = unit === 'glass' ? 'glasses' : `${unit}s`;
  return `${formatNumber(servings)} ${servings === 1 ? unit : plural}`;
}

export function rowView(row: LogbookRow, currency?: string): RowView {
  const { expected_mL, got_mL, brix, pH, taste, cost, serving_mL } = row;
  const amount = (each: number) => showPortion(each, isDry(row));
  return {
    id: row.id,
    batch: row.batch,
    drink: row.drinkName,
    made: day.format(new Date(row.madeAt)),
    cook: row.cook,
    expected: expected_mL === null ? '' : amount(expected_mL),
    got: amount(got_mL),
    farOff: expected_mL !== null && expected_mL > 0 && Math.abs(got_mL / expected_mL - 1) > FAR_OFF,
    brix: brix === null || isDry(row) ? '' : formatNumber(brix, 2),
    pH: pH === null ? '' : pH.toFixed(1),
    taste: taste === null ? '' : formatNumber(taste, 2),
    cost: cost === null || !(got_mL > 0) ? '' : showMoney((cost * serving_mL) / got_mL, currency),
    left: leftWords(row),
  };
}

/** A dot of what was promised against what came: 0 to 1 from the lower left. */
export interface PromiseDot {
  readonly id: string;
  readonly drink: string;
  readonly x: number;
  readonly y: number;
  /** The later, the darker: 0 to 1. */
  readonly age: number;
  readonly words: string;
}

export interface PromiseView {
  readonly dots: readonly PromiseDot[];
  readonly least: string;
  readonly most: string;
}

/** A gauge begins this much below its least, and ends so much above its most. */
const ROOM = 1.15;

type Point = LogbookCharts['points'][number];
const known = (points: readonly Point[]) =>
  points.flatMap((point) =>
    point.expected_mL !== null && point.expected_mL > 0 && point.got_mL > 0
      ? [{ ...point, expected: point.expected_mL, got: point.got_mL }]
      : [],
  );

/** What was promised and what came, on scales that grow by equal shares: a spoon and a bucket both have room. */
export function promiseView(points: readonly Point[]): PromiseView | null {
  const all = known(points);
  if (all.length === 0) return null;
  const values = all.flatMap(({ expected, got }) => [expected, got]);
  const [low, high] = [Math.min(...values) / ROOM, Math.max(...values) * ROOM];
  const at = (value: number) => Math.log(value / low) / Math.log(high / low);
  const amount = (each: number) => showPortion(each, false);
  return {
    least: amount(Math.min(...values)),
    most: amount(Math.max(...values)),
    dots: all.map(({ id, drinkName, expected, got }, index) => ({
      id,
      drink: drinkName,
      x: at(expected),
      y: at(got),
      age: all.length === 1 ? 1 : index / (all.length - 1),
      words: `${drinkName}: ${amount(got)} of ${amount(expected)}`,
    })),
  };
}

export interface OffBar {
  readonly id: string;
  /** How far off, as a share; below 0 less came than was promised. */
  readonly off: number;
  /** How far off the five before were, as a share; 0 of the first. */
  readonly band: number;
  readonly words: string;
}
export interface OffView {
  readonly bars: readonly OffBar[];
  /** The furthest of all, as a share. */
  readonly furthest: number;
  /** "within 4 %". */
  readonly now: string;
}

/** So many brews before one say how far off it could be. */
const BEFORE = 5;
/** The newest so many are drawn. */
const BARS = 30;
const mean = (values: readonly number[]): number =>
  values.length > 0 ? values.reduce((sum, each) => sum + each, 0) / values.length : 0;

/** How far off, brew after brew, and how far the five before each were: narrower as the kitchen is known. */
export function offView(points: readonly Point[]): OffView | null {
  const offs = known(points).map(({ id, drinkName, expected, got }) => ({ id, drinkName, off: got / expected - 1 }));
  if (offs.length < 2) return null;
  const bars = offs
    .map(({ id, drinkName, off }, index) => ({
      id,
      off,
      band: mean(offs.slice(Math.max(0, index - BEFORE), index).map((each) => Math.abs(each.off))),
      words: `${drinkName}: ${formatNumber(100 * Math.abs(off), 2)} % ${off < 0 ? 'less' : 'more'}`,
    }))
    .slice(-BARS);
  const latest = mean(offs.slice(-BEFORE).map(({ off }) => Math.abs(off)));
  return {
    bars,
    furthest: Math.max(0.02, ...bars.map(({ off, band }) => Math.max(Math.abs(off), band))),
    now: `within ${formatNumber(100 * latest, 2)} %`,
  };
}

export interface TasteLine {
  readonly drinkId: string;
  readonly drink: string;
  readonly mean: string;
  /** Places of each tasting, and of the latest, from 0 at one to 1 at five. */
  readonly scores: readonly number[];
  readonly latest: number;
}

const MOST_DRINKS = 8;
const ofFive = (score: number): number => (score - 1) / 4;

export const tasteLines = (tastes: LogbookCharts['tastes']): readonly TasteLine[] =>
  tastes.slice(0, MOST_DRINKS).map(({ drinkId, drinkName, mean: all, latest, scores }) => ({
    drinkId,
    drink: drinkName,
    mean: all.toFixed(1),
    scores: scores.map(ofFive),
    latest: ofFive(latest),
  }));

/** A table of means, by drink or by month. */
/** Means that can be drawn. */
export const MEANS_FIGURES = ['brix', 'pH', 'taste', 'cost', 'minutes'] as const;
export type MeansFigure = (typeof MEANS_FIGURES)[number];

export interface MeansRow {
  readonly name: string;
  /** In words, column by column. */
  readonly cells: readonly string[];
  readonly values: Readonly<Record<MeansFigure, number | null>>;
}
export const MEANS_COLUMNS = ['Brews', 'Off by', '°Brix', 'pH', 'Taste', 'Cost', 'Time'] as const;

const monthName = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });

function cellsOf(means: LogbookCharts['months'][number], currency?: string): readonly string[] {
  const number = (value: number | null, write: (value: number) => string) => (value === null ? '' : write(value));
  return [
    String(means.brews),
    number(means.off, (value) => `${formatNumber(100 * value, 2)} %`),
    number(means.brix, (value) => formatNumber(value, 2)),
    number(means.pH, (value) => value.toFixed(1)),
    number(means.taste, (value) => value.toFixed(1)),
    number(means.cost, (value) => showMoney(value, currency)),
    number(means.minutes, (value) => `${formatNumber(value / 60, 2)} h`),
  ];
}

const valuesOf = ({ brix, pH, taste, cost, minutes }: MeansRow['values']): MeansRow['values'] => ({
  brix,
  pH,
  taste,
  cost,
  minutes,
});

export const monthRows = (months: LogbookCharts['months'], currency?: string): readonly MeansRow[] =>
  months.map((row) => ({
    name: monthName.format(new Date(`${row.month}-01T00:00:00Z`)),
    cells: cellsOf(row, currency),
    values: valuesOf(row),
  }));
export const drinkRows = (drinks: LogbookCharts['drinks'], currency?: string): readonly MeansRow[] =>
  drinks.map((row) => ({
    name: row.drinkName,
    cells: cellsOf({ ...row, month: '' }, currency),
    values: valuesOf(row),
  }));
