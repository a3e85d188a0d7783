import { create } from 'qrcode';

/** A row of dark squares of a code, counted in squares from its upper left corner. */
export interface DarkRun {
  readonly x: number;
  readonly y: number;
  readonly length: number;
}

/**
 * A QR code as rows of dark squares, to be drawn as lines and not as a picture: sharp at any size, and a thousand times
 * less work.
 *
 * @returns the squares along one side, and the runs
 */
export function codeRuns(text: string): { readonly size: number; readonly runs: readonly DarkRun[] } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const { size } = modules;
  const runs: DarkRun[] = [];
  for (let y = 0; y < size; y += 1)
    for (let x = 0; x < size; x += 1) {
      const begin = x;
      while (x < size && modules.get(y, x)) x += 1;
      if (x > begin) runs.push({ x: begin, y, length: x - begin });
    }
  return { size, runs };
}
