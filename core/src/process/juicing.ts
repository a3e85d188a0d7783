/** How juice is got out of a fruit. */
export type JuicingMethod = 'hand' | 'mesh' | 'cloth' | 'centrifugal';

/** Middle, low and high share of the fruit as bought. */
export type YieldRange = readonly [middle: number, low: number, high: number];
export type JuiceYields = Readonly<Partial<Record<JuicingMethod, YieldRange>>>;

/** Juice as a share of the fruit as bought, by method. Source: weighings in print; citrus B, others C. */
export const JUICE_YIELDS: Readonly<Record<string, JuiceYields>> = {
  lemon: { hand: [0.42, 0.35, 0.5], mesh: [0.47, 0.4, 0.53], cloth: [0.5, 0.44, 0.56], centrifugal: [0.47, 0.4, 0.53] },
  lime: {
    hand: [0.42, 0.32, 0.55],
    mesh: [0.5, 0.42, 0.58],
    cloth: [0.55, 0.46, 0.62],
    centrifugal: [0.5, 0.42, 0.58],
  },
  orange: {
    hand: [0.46, 0.38, 0.52],
    mesh: [0.55, 0.48, 0.61],
    cloth: [0.6, 0.54, 0.66],
    centrifugal: [0.54, 0.47, 0.61],
  },
  grapefruit: {
    hand: [0.43, 0.36, 0.5],
    mesh: [0.43, 0.38, 0.47],
    cloth: [0.45, 0.41, 0.49],
    centrifugal: [0.42, 0.37, 0.47],
  },
  pineapple: { mesh: [0.39, 0.33, 0.44], cloth: [0.43, 0.38, 0.47], centrifugal: [0.38, 0.32, 0.44] },
  watermelon: { mesh: [0.5, 0.42, 0.55], cloth: [0.53, 0.46, 0.58], centrifugal: [0.49, 0.42, 0.55] },
  apple: { mesh: [0.55, 0.45, 0.63], cloth: [0.65, 0.55, 0.72], centrifugal: [0.58, 0.48, 0.68] },
  pomegranate: {
    hand: [0.36, 0.28, 0.43],
    mesh: [0.38, 0.32, 0.43],
    cloth: [0.43, 0.38, 0.47],
    centrifugal: [0.36, 0.3, 0.42],
  },
  cucumber: { mesh: [0.7, 0.6, 0.78], cloth: [0.78, 0.7, 0.85], centrifugal: [0.7, 0.6, 0.8] },
  'ginger-fresh': {
    hand: [0.45, 0.35, 0.55],
    mesh: [0.4, 0.3, 0.5],
    cloth: [0.55, 0.45, 0.65],
    centrifugal: [0.55, 0.45, 0.65],
  },
  'turmeric-fresh': {
    hand: [0.38, 0.28, 0.48],
    mesh: [0.38, 0.28, 0.48],
    cloth: [0.5, 0.4, 0.6],
    centrifugal: [0.5, 0.4, 0.6],
  },
};

/** Soft berries, and the roots and firm fruits that have no row of their own. */
export const BERRY_YIELDS: JuiceYields = {
  hand: [0.55, 0.45, 0.62],
  mesh: [0.6, 0.5, 0.68],
  cloth: [0.68, 0.6, 0.75],
  centrifugal: [0.55, 0.45, 0.65],
};
export const FIRM_YIELDS: JuiceYields = {
  mesh: [0.5, 0.38, 0.62],
  cloth: [0.58, 0.46, 0.68],
  centrifugal: [0.5, 0.38, 0.62],
};

/** Spread of the juice of fruits of one kind, relative standard deviation. */
export const BETWEEN_FRUIT_CV = 0.13;

/** Relative standard deviation that a low-to-high range of a yield stands for. */
export function yieldCv([middle, low, high]: YieldRange): number {
  return (high - low) / (4 * middle);
}
