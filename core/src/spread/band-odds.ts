import type { Target, TargetFigure } from '../target';
import type { Spread } from './measure-spread';

/** Shares of drinks made like this that come out below, within and above a band; they add up to 1. */
export interface BandOdds {
  readonly figure: TargetFigure;
  readonly low: number;
  readonly high: number;
  readonly below: number;
  readonly within: number;
  readonly above: number;
}

/**
 * The chance to cross each line of a target.
 *
 * @param spread of a drink
 * @param target whose bands are the lines, without any allowance for rounding
 * @returns a row a band; bands of figures that do not apply to the drink are left out
 */
export function bandOdds(spread: Spread, target: Target): readonly BandOdds[] {
  return target.bands.flatMap(({ figure, low, high }) => {
    const aboveLow = spread.chanceAbove(figure, low);
    const above = spread.chanceAbove(figure, high);
    if (aboveLow === null || above === null) return [];
    return [{ figure, low, high, below: 1 - aboveLow, within: aboveLow - above, above }];
  });
}
