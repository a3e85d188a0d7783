import { brokenPins, type BrokenPin } from './broken-pins';
import { SLOT_min, type PlanProblem } from './plan-problem';
import { NOWHERE, inSequence, prepare, type Placed, type Search } from './plan-search';
import { NO_POT, Occupancy, type Shape } from './slots';

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
const MOST_NODES = 500_000;

/** A pin stands where it was put: in a pot that is free, or else in the first that holds it. */
function pinnedPot({ occupancy }: Search, shape: Shape, start: number): number {
  const free = occupancy.potsFor(shape, start);
  return free[0] ?? new Occupancy(occupancy.room, occupancy.slots).potsFor(shape, start)[0] ?? NO_POT;
}

/** One drink after the other where it is cheapest among what is taken; an order decides who chooses first. */
function greedy(search: Search, order: readonly number[]): Placed {
  const starts = search.drinks.map(() => NOWHERE);
  const pots = search.drinks.map(() => NO_POT);
  let cost = 0;
  const { occupancy, shapes, candidates, drinks } = search;
  const clear = () => {
    for (const [each, start] of starts.entries())
      if (start !== NOWHERE) occupancy.change(shapes[each]!, start, pots[each]!, -1);
  };
  for (const index of order) {
    const shape = shapes[index]!;
    const pinned = drinks[index]!.pinned_min !== null;
    const found = candidates[index]!.find(
      ({ start }) =>
        pinned ||
        (occupancy.fits(shape, start) &&
          occupancy.potsFor(shape, start).length > 0 &&
          inSequence(search, index, start, starts)),
    );
    if (!found) {
      clear();
      return { starts, pots, cost: Infinity };
    }
    const { start } = found;
    starts[index] = start;
    pots[index] = pinned ? pinnedPot(search, shape, start) : occupancy.potsFor(shape, start)[0]!;
    cost += found.cost;
    occupancy.change(shape, start, pots[index], 1);
  }
  clear();
  return { starts, pots, cost };
}

/** Greedy in many orders: swaps of two as long as they help. */
function improved(search: Search): Placed {
  let order = search.drinks.map((_drink, index) => index);
  const pins = search.drinks.filter(({ pinned_min }) => pinned_min !== null).length;
  let best = greedy(search, order);
  for (let better = true; better;) {
    better = false;
    for (let a = pins; a < order.length; a += 1)
      for (let b = a + 1; b < order.length; b += 1) {
        const swapped = [...order];
        [swapped[a], swapped[b]] = [swapped[b]!, swapped[a]!];
        const found = greedy(search, swapped);
        if (found.cost >= best.cost - 1e-9) continue;
        best = found;
        order = swapped;
        better = true;
      }
  }
  return best;
}

/** Depth first over the beginnings, the cheapest first; a branch that cannot beat the best is left. */
function branchAndBound(search: Search, found: Placed) {
  const { drinks, shapes, candidates, occupancy, rest } = search;
  const starts = drinks.map(() => NOWHERE);
  const pots = drinks.map(() => NO_POT);
  let best = found;
  let nodes = 0;
  const visit = (index: number, spent: number): void => {
    if (index === drinks.length) {
      best = { starts: [...starts], pots: [...pots], cost: spent };
      return;
    }
    const shape = shapes[index]!;
    for (const { start, cost } of candidates[index]!) {
      if (spent + cost + rest[index + 1]! >= best.cost - 1e-9) return;
      if ((nodes += 1) > MOST_NODES) return;
      const pinned = drinks[index]!.pinned_min !== null;
      if (!pinned && (!occupancy.fits(shape, start) || !inSequence(search, index, start, starts))) continue;
      // In which pot matters to the drinks that come after: each size is tried.
      for (const pot of pinned ? [pinnedPot(search, shape, start)] : occupancy.potsFor(shape, start)) {
        if (spent + cost + rest[index + 1]! >= best.cost - 1e-9) return;
        starts[index] = start;
        pots[index] = pot;
        occupancy.change(shape, start, pot, 1);
        visit(index + 1, spent + cost);
        occupancy.change(shape, start, pot, -1);
        starts[index] = NOWHERE;
      }
    }
  };
  visit(0, 0);
  return { ...best, proven: nodes <= MOST_NODES };
}

/**
 * When to begin each of several drinks so that all are ready as they are wanted, none stands about for long, and
 * nobody needs three hands: cooks, burners, pots that are large enough, room in the fridge and the night are kept to.
 *
 * A drink, once begun, runs through. Greedy in many orders first, then branch and bound on a grid of
 * {@link SLOT_min} minutes. What cannot be in time is late, so there is always a schedule.
 *
 * @param problem drinks with their requests, cooks, burners, pots, fridge, nights
 * @returns beginnings and ends, cost and lower bound (the sum of what each drink costs by itself)
 * @throws RangeError without a cook, a burner or a pot
 */
export function scheduleDrinks(problem: PlanProblem): Schedule {
  if (!(problem.cooks >= 1) || !(problem.burners >= 1) || problem.pots_mL.length === 0)
    throw new RangeError('scheduleDrinks: there must be at least one cook, one burner and one pot');
  const search = prepare(problem);
  const { proven, ...placed } = branchAndBound(search, improved(search));
  const { starts, pots, cost } = placed;
  const drinks = search.drinks.map((drink, index): Scheduled => {
    const begin_min = starts[index]! * SLOT_min;
    const end_min = begin_min + search.shapes[index]!.slots * SLOT_min;
    const pot = pots[index] === NO_POT ? null : pots[index]!;
    return { id: drink.id, begin_min, end_min, late_min: Math.max(0, end_min - drink.readyBy_min), pot };
  });
  return { drinks, cost, lowerBound: search.rest[0]!, proven, broken: brokenPins(search, placed) };
}
