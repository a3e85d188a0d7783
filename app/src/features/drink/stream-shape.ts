import type { Analysis } from '@wellhydra/core/analyse';
import { area, curveMonotoneY, stack } from 'd3-shape';
import { BANDS, type Band } from '../../ui/bands';
import { SALT_MAGNIFIED, bandMasses } from './pot-bands';

/** A band of the stream as an SVG path. */
export interface StreamBand {
  readonly band: Band;
  readonly path: string;
}

type Point = Readonly<Record<Band, number>> & { readonly y: number };

/** A spoon of salt before its litre of water is still drawn as a thread. */
const THINNEST_px = 3;

const EMPTY: Readonly<Record<Band, number>> = { water: 0, sugar: 0, acid: 0, salt: 0, pieces: 0 };

/** The pot after each step, one point at the height of each row's end; rows without a run keep the pot they found. */
function points(analysis: Analysis, rowEnds: readonly number[]): readonly Point[] {
  let masses = EMPTY;
  const after = rowEnds.map((y, index): Point => {
    const entry = analysis.trace.entries.find((each) => each.step === index);
    if (entry) {
      const grams = bandMasses(entry.pot);
      masses = { ...grams, salt: grams.salt * (entry.pot.dry ? 1 : SALT_MAGNIFIED) };
    }
    return { ...masses, y };
  });
  return [{ ...EMPTY, y: 0 }, ...after];
}

const widthOf = (point: Point): number => BANDS.reduce((sum, band) => sum + point[band], 0);

/**
 * The stream: its width is the mass in the pot after every step, its bands what that is made of.
 *
 * @param analysis of the drink
 * @param rowEnds height of the lower edge of each step's row, px
 * @param width_px of the widest place
 */
export function streamShape(analysis: Analysis, rowEnds: readonly number[], width_px: number): readonly StreamBand[] {
  const data = points(analysis, rowEnds);
  const widest = Math.max(...data.map(widthOf));
  if (!(widest > 0)) return [];
  const scale = (point: Point): number =>
    Math.max(width_px / widest, widthOf(point) > 0 ? THINNEST_px / widthOf(point) : 0);
  const series = stack<Point, Band>()
    .keys(BANDS)
    .value((point, band) => point[band] * scale(point))([...data]);
  const draw = area<[number, number] & { data: Point }>()
    .y((each) => each.data.y)
    .x0((each) => each[0])
    .x1((each) => each[1])
    .curve(curveMonotoneY);
  return series.map((each) => ({
    band: each.key,
    path: draw(each as unknown as ([number, number] & { data: Point })[]) ?? '',
  }));
}
