import { brokenPins, type BrokenPin } from './broken-pins';
import { SLOT_min, type PlanProblem } from './plan-problem';
import { placeDrinks } from './place-drinks';
import { prepare } from './plan-search';
import { NO_POT } from './slots';

/** When a drink is begun and done. */
export interface Scheduled {
  readonly id: string;
  readonly begin_min: number;
  readonly end_min: number;
  /** Minutes after it was wanted; 0 when it is in time. */
  readonly late_min: number;
  /** Which pot it is made in, by its place in the problem; null where it needs none. */
  readonly pot: number | null;
}

export interface Schedule {
  readonly drinks: readonly Scheduled[];
  /** Cost of the schedule, and below what none can be: see `costOf`. */
  readonly cost: number;
  readonly lowerBound: number;
  /** True when no schedule on this grid is better. */
  readonly proven: boolean;
  /** What a pin breaks. */
  readonly broken: readonly BrokenPin[];
}

/** Nodes that are looked at before the best so far is taken. */
const MOST_NODES = 300_000;

/**
 * When to begin each of several drinks so that all are ready as they are wanted, none stands about for long, and
 * nobody needs three hands: cooks, burners, pots that are large enough, room in the fridge and the night are kept to.
 *
 * A drink, once begun, runs through. Greedy in many orders first, then branch and bound on a grid of
 * {@link SLOT_min} minutes. What cannot be in time is late, so there is always a schedule.
 *
 * @param problem drinks with their requests, cooks, burners, pots, fridge, nights
 * @returns beginnings and ends, cost and lower bound: see `priced`
 * @throws RangeError without a cook, a burner or a pot
 */
export function scheduleDrinks(problem: PlanProblem): Schedule {
  if (!(problem.cooks >= 1) || !(problem.burners >= 1) || problem.pots_mL.length === 0)
    throw new RangeError('scheduleDrinks: there must be at least one cook, one burner and one pot');
  const search = prepare(problem);
  const placed = placeDrinks(problem, search, MOST_NODES);
  const { starts, pots, cost, lowerBound } = placed;
  const drinks = search.drinks.map((drink, index): Scheduled => {
    const begin_min = starts[index]! * SLOT_min;
    const end_min = begin_min + search.shapes[index]!.slots * SLOT_min;
    const pot = pots[index] === NO_POT ? null : pots[index]!;
    return { id: drink.id, begin_min, end_min, late_min: Math.max(0, end_min - drink.readyBy_min), pot };
  });
  return { drinks, cost, lowerBound, proven: cost <= lowerBound + 1e-9, broken: brokenPins(search, placed) };
}
