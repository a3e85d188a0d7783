import type { Analysis } from '@wellhydra/core/analyse';
import { area, curveBumpX, stack, stackOffsetSilhouette } from 'd3-shape';
import { BANDS, type Band } from '../../../ui/bands';
import { LYING, type LyingBand } from '../../../ui/lying-box';
import { NO_WIDTHS, bandWidths, drawnWidths, widthOf, type Widths } from './pot-bands';

/** Widths in px at a place from left to right. */
type Point = Widths & { readonly x: number };

/** A spoon of salt before its litre of water is still drawn as a thread, px. */
const THINNEST_px = 1.5;
/** A step has done its work this far into its part. */
const TURNED = 0.6;

/** The pot after each step that changes what is in it. */
function changes({ trace }: Analysis): readonly Widths[] {
  const pots = trace.entries.map(({ pot }) => pot);
  return pots.filter((pot, index) => pot !== pots[index - 1]).map(bandWidths);
}

/**
 * The stream of a drink lying down, from the first step at its left to what is bottled at its right, in the box that
 * {@link LYING} says; nothing where the pot stays empty.
 */
export function lyingStream(analysis: Analysis): readonly LyingBand[] {
  const after = changes(analysis);
  const widest = Math.max(0, ...after.map(widthOf));
  if (!(widest > 0)) return [];
  const part_px = LYING.width / after.length;
  const drawn = after.map((widths) => drawnWidths(widths, LYING.height / widest, THINNEST_px));
  const points: Point[] = drawn.flatMap((widths, index) => [
    { ...widths, x: (index + TURNED) * part_px },
    { ...widths, x: (index + 1) * part_px },
  ]);
  const series = stack<Point, Band>().keys(BANDS).offset(stackOffsetSilhouette)([{ ...NO_WIDTHS, x: 0 }, ...points]);
  const draw = area<[number, number] & { data: Point }>()
    .x((each) => each.data.x)
    .y0((each) => LYING.height / 2 + each[0])
    .y1((each) => LYING.height / 2 + each[1])
    .curve(curveBumpX)
    .digits(1);
  return series
    .filter((each) => each.some(([from, to]) => to > from))
    .map((each) => ({
      band: each.key,
      path: draw(each as unknown as ([number, number] & { data: Point })[]) ?? '',
    }));
}
