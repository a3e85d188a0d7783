import type { PlanProblem } from './plan-problem';
import type { Search } from './plan-search';
import type { Shape } from './slots';

/** Rounds in which prices are raised and lowered. */
const ROUNDS = 300;
/** After so many rounds without a better bound the steps are halved. */
const PATIENCE = 12;

/** Something of which only so much can be taken up at once: a share of it, from one slot of the drink to another. */
interface Use {
  readonly resource: number;
  readonly from: number;
  readonly to: number;
  readonly share: number;
}

/** Where a row of slots is marked, as runs. */
function runs(marked: Uint8Array): readonly (readonly [from: number, to: number])[] {
  const found: [number, number][] = [];
  for (let slot = 0; slot < marked.length; slot += 1) {
    if (!marked[slot]) continue;
    const from = slot;
    while (slot < marked.length && marked[slot]) slot += 1;
    found.push([from, slot]);
  }
  return found;
}

const [HANDS, BURNER, FRIDGE, FIRST_POT] = [0, 1, 2, 3] as const;

/** What a drink takes up that begins at a slot. Of pots it takes one of those that hold it: fewer, the larger it is. */
function usesOf(shape: Shape, { cooks, burners, fridge_mL, pots_mL }: PlanProblem) {
  const cold = fridge_mL > 0 ? Math.min(shape.inFridge_mL, fridge_mL) / fridge_mL : 0;
  const of = (resource: number, marked: Uint8Array, share: number): Use[] =>
    share > 0 ? runs(marked).map(([from, to]) => ({ resource, from, to, share })) : [];
  const sizes = [...new Set(pots_mL)].sort((a, b) => a - b);
  const needs_mL = Math.min(shape.inPot_mL, sizes.at(-1)!);
  const pots = sizes.flatMap((_holds, index): Use[] => {
    const smaller_mL = sizes[index - 1] ?? -1;
    if (shape.potTo <= shape.potFrom || needs_mL <= smaller_mL) return [];
    const share = 1 / pots_mL.filter((holds) => holds > smaller_mL).length;
    return [{ resource: FIRST_POT + index, from: shape.potFrom, to: shape.potTo, share }];
  });
  const fixed = [
    ...of(HANDS, shape.hands, 1 / cooks),
    ...of(BURNER, shape.burner, 1 / burners),
    ...of(FRIDGE, shape.fridge, cold),
    ...pots,
  ];
  /** The same from the beginning of the plan on, with the time it waits in the fridge. */
  return (start: number): readonly Use[] => {
    const uses = fixed.map((use) => ({ ...use, from: use.from + start, to: use.to + start }));
    const done = start + shape.slots;
    return cold > 0 && shape.coldUntil > done
      ? [...uses, { resource: FRIDGE, from: done, to: shape.coldUntil, share: cold }]
      : uses;
  };
}

/** Sums of prices from the first slot on, into `summed`; the sum of all. */
function sumUp(prices: readonly Float64Array[], summed: readonly Float64Array[]): number {
  let all = 0;
  for (const [resource, price] of prices.entries()) {
    const sum = summed[resource]!;
    for (let slot = 0; slot < price.length; slot += 1) sum[slot + 1] = sum[slot]! + price[slot]!;
    all += sum[price.length]!;
  }
  return all;
}

/** What it costs at these prices to take something up. */
function priceOf(uses: readonly Use[], summed: readonly Float64Array[]): number {
  let price = 0;
  for (const { resource, from, to, share } of uses)
    price += share * (summed[resource]![to]! - summed[resource]![from]!);
  return price;
}

/** A plan at prices: what it cannot cost less than, and what each beginning costs with the prices of what it takes up. */
export interface Priced {
  readonly bound: number;
  /** By drink, in the order of its candidates. */
  readonly costs: readonly Float64Array[];
  /** By drink, the least of these. */
  readonly least: Float64Array;
  /** Sum of all prices. */
  readonly prices: number;
}

/** The same at no prices: each drink costs what it costs by itself. */
export function unpriced({ candidates, rest }: Search): Priced {
  const costs = candidates.map((each) => Float64Array.from(each, ({ cost }) => cost));
  return { bound: rest[0]!, costs, least: Float64Array.from(costs, (each) => each[0] ?? 0), prices: 0 };
}

/**
 * Below what no plan can cost: the Lagrangian bound of the plan as a time-indexed program. Every slot of hands, burners,
 * fridge and pots has a price; at given prices each drink begins where it costs least by itself, and
 *
 *   bound = sum over drinks of min over beginnings (cost + prices of what it takes up) - sum of all prices
 *
 * holds for any prices of 0 or more. They follow what is taken up too much, in steps after Polyak.
 *
 * @param best cost of the best plan that is known
 * @returns the bound, in the unit of `costOf`, and the prices it was found at
 * @see Fisher, "The Lagrangian relaxation method for solving integer programming problems", Management Science 27 (1981)
 */
export function priced(
  problem: PlanProblem,
  { drinks, shapes, candidates, occupancy, rest }: Search,
  best: number,
): Priced {
  const { slots } = occupancy;
  const resources = FIRST_POT + new Set(problem.pots_mL).size;
  // What is pinned stands where it was put, whatever that breaks: it costs what it costs, and takes up nothing here.
  const options = drinks.map(({ pinned_min }, index) => {
    const uses = pinned_min === null ? usesOf(shapes[index]!, problem) : () => [];
    const within = (use: Use): Use => (use.to > slots ? { ...use, to: slots } : use);
    return candidates[index]!.map(({ start, cost }) => ({ cost, uses: uses(start).map(within) }));
  });
  const prices = Array.from({ length: resources }, () => new Float64Array(slots));
  const summed = prices.map(() => new Float64Array(slots + 1));
  let bound = rest[0]!;
  let bestPrices = prices.map((row) => row.slice());
  let eager = 1;
  let waited = 0;
  for (let round = 0; round < ROUNDS && bound < best - 1e-9; round += 1) {
    const all = sumUp(prices, summed);
    const over = prices.map(() => new Float64Array(slots).fill(-1));
    let value = -all;
    for (const each of options) {
      let least = Infinity;
      let taken: readonly Use[] = [];
      for (const { cost, uses } of each) {
        // The cheapest come first, and prices only add.
        if (cost >= least) break;
        const withPrices = cost + priceOf(uses, summed);
        if (withPrices >= least) continue;
        least = withPrices;
        taken = uses;
      }
      value += least;
      for (const { resource, from, to, share } of taken)
        for (let slot = from; slot < to; slot += 1) over[resource]![slot]! += share;
    }
    waited = value > bound + 1e-9 ? 0 : waited + 1;
    if (value > bound) {
      bound = value;
      bestPrices = prices.map((row) => row.slice());
    }
    if (waited > PATIENCE) {
      eager /= 2;
      waited = 0;
    }
    let square = 0;
    for (const [resource, row] of over.entries())
      for (let slot = 0; slot < slots; slot += 1)
        if (row[slot]! > 0 || prices[resource]![slot]! > 0) square += row[slot]! ** 2;
    if (square === 0) break;
    const step = (eager * (best - value)) / square;
    for (const [resource, row] of over.entries()) {
      const price = prices[resource]!;
      for (let slot = 0; slot < slots; slot += 1) price[slot] = Math.max(0, price[slot]! + step * row[slot]!);
    }
  }
  const all = sumUp(bestPrices, summed);
  const costs = options.map((each) => Float64Array.from(each, ({ cost, uses }) => cost + priceOf(uses, summed)));
  const least = Float64Array.from(costs, (each) => each.reduce((lowest, cost) => Math.min(lowest, cost), Infinity));
  return { bound: Math.min(bound, best), costs, least, prices: all };
}
