import { priced, unpriced, type Priced } from './lower-bound';
import type { PlanProblem } from './plan-problem';
import { NOWHERE, inSequence, type Placed, type Search } from './plan-search';
import { NO_POT, Occupancy, type Shape } from './slots';

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

/**
 * Depth first over the beginnings, the cheapest first by the prices of what they take up; a branch that cannot beat the best,
 * with prices or without, is left.
 */
function branchAndBound(search: Search, found: Placed, { costs, least, prices }: Priced, mostNodes: number) {
  const { drinks, shapes, candidates, occupancy, rest } = search;
  const starts = drinks.map(() => NOWHERE);
  const pots = drinks.map(() => NO_POT);
  const byPrice = candidates.map((each, index) =>
    each
      .map((candidate, place) => ({ ...candidate, priced: costs[index]![place]! }))
      .sort((a, b) => a.priced - b.priced || a.cost - b.cost),
  );
  const pricedRest = new Float64Array(drinks.length + 1);
  for (let index = drinks.length - 1; index >= 0; index -= 1)
    pricedRest[index] = pricedRest[index + 1]! + least[index]!;
  let best = found;
  let nodes = 0;
  const visit = (index: number, spent: number, pricedSpent: number): void => {
    if (index === drinks.length) {
      if (spent < best.cost - 1e-9) best = { starts: [...starts], pots: [...pots], cost: spent };
      return;
    }
    const shape = shapes[index]!;
    for (const { start, cost, priced } of byPrice[index]!) {
      if (pricedSpent + priced + pricedRest[index + 1]! - prices >= best.cost - 1e-9) return;
      if (spent + cost + rest[index + 1]! >= best.cost - 1e-9) continue;
      if ((nodes += 1) > mostNodes) return;
      const pinned = drinks[index]!.pinned_min !== null;
      if (!pinned && (!occupancy.fits(shape, start) || !inSequence(search, index, start, starts))) continue;
      // In which pot matters to the drinks that come after: each size is tried.
      for (const pot of pinned ? [pinnedPot(search, shape, start)] : occupancy.potsFor(shape, start)) {
        starts[index] = start;
        pots[index] = pot;
        occupancy.change(shape, start, pot, 1);
        visit(index + 1, spent + cost, pricedSpent + priced);
        occupancy.change(shape, start, pot, -1);
        starts[index] = NOWHERE;
      }
    }
  };
  visit(0, 0, 0);
  return { ...best, proven: nodes <= mostNodes };
}

/** Nodes that are looked at before prices are made, which cost as much. */
const WITHOUT_PRICES = 20_000;

/**
 * Places drinks on the grid: greedy in many orders, then branch and bound; with prices where that is not done soon.
 *
 * @param mostNodes nodes that are looked at before the best so far is taken
 * @returns beginnings, pots and cost; below what no plan can cost; `proven` when none is better
 */
export function placeDrinks(
  problem: PlanProblem,
  search: Search,
  mostNodes: number,
): Placed & { readonly lowerBound: number; readonly proven: boolean } {
  const soon = branchAndBound(search, improved(search), unpriced(search), WITHOUT_PRICES);
  if (soon.proven) return { ...soon, lowerBound: soon.cost };
  const atPrices = priced(problem, search, soon.cost);
  const placed = branchAndBound(search, soon, atPrices, mostNodes);
  return { ...placed, lowerBound: placed.proven ? placed.cost : atPrices.bound };
}
