import type { Texture } from '../catalogue';
import type { Heap, SpoonKind } from './amount';

/**
 * One cause of error in a measured amount. Two amounts that share a key err together:
 * the same spoon is too big for both.
 */
export interface MeasureError {
  readonly key: string;
  /** Relative standard deviation. */
  readonly cv: number;
}

/** Errors of spoons. Source: household surveys of spoon sizes and fillings. */
export const SPOON_ERRORS = {
  measuring: {
    size: 0.04,
    bias: 1,
    filling: { crystal: 0.05, powder: 0.08, leaf: 0.15, syrup: 0.05, liquid: 0.05 },
    heapRatio: 1.35,
    heapCv: 0.15,
  },
  cutlery: {
    size: 0.25,
    bias: 0.88,
    filling: { crystal: 0.08, powder: 0.12, leaf: 0.2, syrup: 0.1, liquid: 0.1 },
    heapRatio: 1.9,
    heapCv: 0.3,
  },
} as const;

/** Errors of a measuring jug: the scale on its side, and reading it. */
export const JUG_ERRORS = { scaleCv: 0.02, reading_mL: 4, brim_mL: 6 } as const;

/** Weighing error besides resolution: drift of the zero in steps, and span. */
export const SCALE_ERRORS = { creepSteps: 0.5, span: 0.002 } as const;

/** Relative error of several causes together. */
export function combinedCv(errors: readonly MeasureError[]): number {
  return Math.sqrt(errors.reduce((sum, { cv }) => sum + cv * cv, 0));
}

/**
 * Standard deviation of a weighing with a tare: √((d/√12 √2)² + (0.5 d)² + (0.002 m)²).
 *
 * @param mass_g what is weighed
 * @param resolution_g the scale's last digit
 * @returns g
 */
export function scaleDeviation(mass_g: number, resolution_g: number): number {
  const rounding = (resolution_g / Math.sqrt(12)) * Math.SQRT2;
  return Math.hypot(rounding, SCALE_ERRORS.creepSteps * resolution_g, SCALE_ERRORS.span * mass_g);
}

/**
 * Smallest load a scale weighs within a relative error at 95 %, by fixed-point steps.
 *
 * @param resolution_g the scale's last digit
 * @param within relative error, such as 0.05
 * @returns g
 */
export function smallestLoad(resolution_g: number, within: number): number {
  let mass_g = resolution_g;
  for (let step = 0; step < 50; step += 1) mass_g = (1.96 * scaleDeviation(mass_g, resolution_g)) / within;
  return mass_g;
}

/** Relative error of a volume read in a jug, or of a cup filled to the brim. */
export function jugCv(volume_mL: number, reading_mL: number = JUG_ERRORS.reading_mL): number {
  return Math.hypot(JUG_ERRORS.scaleCv, reading_mL / volume_mL);
}

/** How a spoon is used: which set, how it is filled, how many scoops. */
export interface SpoonUse {
  readonly spoons: SpoonKind;
  readonly heap: Heap;
  readonly scoops: number;
  readonly texture: Texture | 'liquid';
}

/**
 * What a spoon really holds against its nominal size, and its errors. Spoon size and bulk density
 * are the same in every scoop, so six scoops are not √6 times better.
 *
 * @param use which spoon and how it is filled
 * @param spoonKey names the spoon, so that two amounts taken with it err together
 * @param bulk spread and name of the bulk density
 */
export function spoonErrors(
  use: SpoonUse,
  spoonKey: string,
  bulk: MeasureError,
): { readonly ratio: number; readonly errors: readonly MeasureError[] } {
  const kind = SPOON_ERRORS[use.spoons];
  const heaped = use.heap === 'heaped';
  const errors: MeasureError[] = [
    { key: `spoon:${spoonKey}`, cv: kind.size },
    bulk,
    { key: 'own', cv: kind.filling[use.texture] / Math.sqrt(Math.max(1, use.scoops)) },
  ];
  if (heaped) errors.push({ key: `heap:${spoonKey}`, cv: kind.heapCv });
  return { ratio: kind.bias * (heaped ? kind.heapRatio : 1), errors };
}

/**
 * Heaped over level volume of a spoon: a cone at the angle of repose over an elliptic mouth.
 *
 * @param length_cm and width_cm of the mouth
 * @param level_mL what it holds level
 * @param repose_deg angle of repose of the powder, 0 to 60
 */
export function heapRatio(length_cm: number, width_cm: number, level_mL: number, repose_deg: number): number {
  const radius_cm = Math.sqrt(length_cm * width_cm) / 2;
  const cone_mL = (Math.PI / 3) * radius_cm ** 3 * Math.tan((repose_deg * Math.PI) / 180);
  return (level_mL + cone_mL) / level_mL;
}
