import type { Band } from './bands';

/** The box that a stream lies in, however large it is shown. */
export const LYING = { width: 240, height: 56 } as const;

/** A band of a stream that lies down, as an SVG path in {@link LYING}. */
export interface LyingBand {
  readonly band: Band;
  readonly path: string;
}
