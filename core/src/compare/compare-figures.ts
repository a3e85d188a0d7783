import { SPREAD_FIGURES, figureValue, type Analysis, type SpreadFigure } from '../analyse';

/** A figure of two drinks. */
export interface FigureDifference {
  readonly figure: SpreadFigure;
  readonly first: number | null;
  readonly second: number | null;
}

/** Figures that are nearer than this are the same, as a share. */
const THE_SAME = 0.01;
const NOTHING = 1e-6;

function differs(a: number | null, b: number | null): boolean {
  if (a === null || b === null) return a !== b;
  return Math.abs(a - b) > Math.max(NOTHING, THE_SAME * Math.max(Math.abs(a), Math.abs(b)));
}

/** Figures in which two drinks differ by more than a hundredth. */
export function compareFigures(first: Analysis, second: Analysis): readonly FigureDifference[] {
  return SPREAD_FIGURES.map((figure) => ({
    figure,
    first: figureValue(first, figure),
    second: figureValue(second, figure),
  })).filter(({ first: a, second: b }) => differs(a, b));
}
