import type { Analysis } from '@wellhydra/core/analyse';
import { area, stack } from 'd3-shape';
import { BANDS, type Band } from '../../../ui/bands';
import { curveStream } from './curve-stream';
import { NO_WIDTHS, bandWidths, drawnWidths, widthOf, type Widths } from './pot-bands';

/** A band of the stream as an SVG path. */
export interface StreamBand {
  readonly band: Band;
  readonly path: string;
}

/** What leaves the stream at a step. */
export interface Outflow {
  readonly kind: 'steam' | 'strained' | 'drawn' | 'served';
  readonly step: number;
  readonly grams: number;
  readonly path: string;
}

export interface StreamShape {
  readonly bands: readonly StreamBand[];
  readonly outflows: readonly Outflow[];
}

/** Widths in px at a height. */
type Point = Widths & { readonly y: number };

/** A spoon of salt before its litre of water is still drawn as a thread. */
const THINNEST_px = 3;
/** A step has done its work this far down its row, px. */
const TURN_px = 46;
/** How far what leaves reaches out of the stream, px. */
const REACH_px = { steam: 26, strained: 34, drawn: 34, served: 34 } as const;
/** How far down it goes, px; what a glass takes leaves by the end of the last row. */
const FALL_px = 34;
const ABOVE_END_px = FALL_px + 6;
const OUTFLOW_px = { least: 2, most: 18 } as const;
/** Less than this leaves unseen, g. */
const LEAST_LEAVING_g = 1;

/** The pot after each row; a row without a run keeps the pot it found. */
function potWidths(analysis: Analysis, rows: number): readonly Widths[] {
  const entries = new Map(analysis.trace.entries.map((entry) => [entry.step, entry]));
  let widths = NO_WIDTHS;
  return Array.from({ length: rows }, (_, index) => {
    const entry = entries.get(index);
    if (entry) widths = bandWidths(entry.pot);
    return widths;
  });
}

/** Two points a row: where the step has done its work, and its end. */
function points(after: readonly Widths[], rowEnds: readonly number[]): readonly Point[] {
  const all: Point[] = [{ ...NO_WIDTHS, y: 0 }];
  after.forEach((widths, index) => {
    const top = rowEnds[index - 1] ?? 0;
    const bottom = rowEnds[index]!;
    const turned = Math.min(top + TURN_px, top + (bottom - top) * 0.7);
    all.push({ ...widths, y: turned }, { ...widths, y: bottom });
  });
  return all;
}

/** A ribbon that leaves the right edge and grows thin: up for steam, down for what is strained or drawn. */
function ribbon(kind: Outflow['kind'], x: number, y: number, thick: number, reach: number): string {
  const x1 = x + reach;
  if (kind === 'steam') {
    const lift = 16;
    return `M${x},${y} C${x + reach * 0.5},${y} ${x + reach * 0.4},${y - lift} ${x1},${y - lift - 4} C${x + reach * 0.6},${y - lift + thick * 0.5} ${x + reach * 0.6},${y + thick} ${x},${y + thick} Z`;
  }
  const end = Math.max(1.5, thick * 0.7);
  const y1 = y + FALL_px;
  return `M${x},${y} C${x + reach * 0.7},${y} ${x1},${y + 8} ${x1},${y1} L${x1 - end},${y1} C${x1 - end},${y + 8 + thick * 0.6} ${x + reach * 0.4},${y + thick} ${x},${y + thick} Z`;
}

/** What leaves at each step; at the end one glass or spoon of what is there. */
function leavingOf({ trace, serving }: Analysis): readonly Omit<Outflow, 'path'>[] {
  const end = trace.entries.at(-1);
  const all = trace.entries.flatMap(({ step, steam_g, strained_g = 0, drawn_g = 0 }): Omit<Outflow, 'path'>[] => [
    { kind: 'steam', step, grams: steam_g },
    { kind: 'strained', step, grams: strained_g },
    { kind: 'drawn', step, grams: drawn_g },
  ]);
  const served_g = serving?.mass_g ?? 0;
  const leaving = all.filter(({ grams }) => grams >= LEAST_LEAVING_g);
  // Where something else leaves by the same place, words alone say what a glass takes.
  const taken = leaving.some(({ kind, step }) => kind !== 'steam' && step === end?.step);
  return end && served_g >= LEAST_LEAVING_g && !taken
    ? [...leaving, { kind: 'served', step: end.step, grams: served_g }]
    : leaving;
}

function outflows(
  analysis: Analysis,
  before: (row: number) => number,
  rowEnds: readonly number[],
  px_g: number,
  room: number,
): readonly Outflow[] {
  return leavingOf(analysis).flatMap((leaving) => {
    const { kind, step, grams } = leaving;
    const [top, end] = [rowEnds[step - 1] ?? 0, rowEnds[step]];
    if (end === undefined) return [];
    const thick = Math.min(OUTFLOW_px.most, Math.max(OUTFLOW_px.least, grams * px_g));
    const x = Math.max(0, before(step) - (kind === 'steam' ? 2 : thick * 0.5));
    const y = kind === 'served' ? Math.max(top + 8, end - ABOVE_END_px) : top + (kind === 'steam' ? 24 : 8);
    return [{ ...leaving, path: ribbon(kind, x, y, thick, Math.min(REACH_px[kind], room - x)) }];
  });
}

/**
 * The stream: its width is the mass in the pot after every step, its bands what that is made of, and what
 * leaves it are steam, strained solids, what is drawn off, and at the end what one glass or spoon takes.
 *
 * @param analysis of the drink
 * @param rowEnds height of the lower edge of each step's row, px
 * @param width_px of the widest place
 * @param room_px as far as what leaves may reach
 */
export function streamShape(
  analysis: Analysis,
  rowEnds: readonly number[],
  width_px: number,
  room_px = width_px,
): StreamShape {
  const after = potWidths(analysis, rowEnds.length);
  const widest = Math.max(0, ...after.map(widthOf));
  if (!(widest > 0)) return { bands: [], outflows: [] };
  const drawn = after.map((widths) => drawnWidths(widths, width_px / widest, THINNEST_px));
  const series = stack<Point, Band>().keys(BANDS)([...points(drawn, rowEnds)]);
  const draw = area<[number, number] & { data: Point }>()
    .y((each) => each.data.y)
    .x0((each) => each[0])
    .x1((each) => each[1])
    .curve(curveStream)
    .digits(1);
  const bands = series
    .filter((each) => each.some(([from, to]) => to > from))
    .map((each) => ({
      band: each.key,
      path: draw(each as unknown as ([number, number] & { data: Point })[]) ?? '',
    }));
  const widthAfter = (row: number) => (row < 0 ? 0 : widthOf(drawn[row]!));
  return {
    bands,
    outflows: outflows(
      analysis,
      (row) => Math.max(widthAfter(row - 1), widthAfter(row)),
      rowEnds,
      width_px / widest,
      room_px,
    ),
  };
}
