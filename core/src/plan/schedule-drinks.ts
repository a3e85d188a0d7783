import { SLOT_min, type PlanDrink, type PlanProblem } from './plan-problem';
import { NO_POT, Occupancy, shapeOf, type Shape } from './slots';

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
  /** Cost of the schedule, and below what none can be: see {@link costOf}. */
  readonly cost: number;
  readonly lowerBound: number;
  /** True when no schedule on this grid is better. */
  readonly proven: boolean;
  /** What a pin breaks, by drink. */
  readonly broken: readonly { readonly id: string; readonly because: string }[];
}

/** A minute late weighs as much as so many minutes of standing about. */
export const LATE_WEIGHT = 20;
/** Made earlier than it keeps, a drink is spoilt: as bad as late. */
const STALE_WEIGHT = 20;
/** Nodes that are looked at before the best so far is taken. */
const MOST_NODES = 500_000;
/** Beyond the last wish there is room for everything one after the other. */
const ROOM_slots = (24 * 60) / SLOT_min;

/**
 * What a drink costs that is done at a slot: minutes it stands about before it is wanted, twenty times the minutes
 * it is late, and twenty times those by which it is made too early to be still fresh.
 */
export function costOf({ readyBy_min, keeps_min }: PlanDrink, end_min: number): number {
  const early = readyBy_min - end_min;
  if (early < 0) return LATE_WEIGHT * -early;
  return early + STALE_WEIGHT * Math.max(0, early - keeps_min);
}

interface Candidate {
  readonly start: number;
  readonly cost: number;
}

interface Search {
  readonly drinks: readonly PlanDrink[];
  readonly shapes: readonly Shape[];
  /** Beginnings that a drink could have by itself, the cheapest first. */
  readonly candidates: readonly (readonly Candidate[])[];
  readonly occupancy: Occupancy;
  /** Sum of the cheapest costs of this and all later drinks. */
  readonly rest: readonly number[];
  readonly before: ReadonlyMap<string, readonly number[]>;
  /** Drinks that take somebody out of bed wherever they are put. */
  readonly nightly: ReadonlySet<string>;
}

const NOWHERE = -1;

/** Pins first: everything else goes around them. Then preparations, what is wanted first; of those that are alike the longer one. */
function inOrder(problem: PlanProblem): readonly PlanDrink[] {
  const depth = (drink: PlanDrink, seen: ReadonlySet<string> = new Set()): number =>
    Math.max(
      0,
      ...drink.after
        .filter((id) => !seen.has(id))
        .map((id) => problem.drinks.find((each) => each.id === id))
        .map((each) => (each ? 1 + depth(each, new Set([...seen, drink.id])) : 0)),
    );
  const length = ({ stretches }: PlanDrink) => stretches.reduce((sum, { minutes }) => sum + minutes, 0);
  return [...problem.drinks].sort(
    (a, b) =>
      Number(a.pinned_min === null) - Number(b.pinned_min === null) ||
      depth(a) - depth(b) ||
      a.readyBy_min - b.readyBy_min ||
      length(b) - length(a),
  );
}

function prepare(problem: PlanProblem): Search {
  const drinks = inOrder(problem);
  const shapes = drinks.map(shapeOf);
  const asked = Math.max(0, ...drinks.map(({ readyBy_min, pinned_min }) => Math.max(readyBy_min, pinned_min ?? 0)));
  const slots = Math.ceil(asked / SLOT_min) + shapes.reduce((sum, shape) => sum + shape.slots, 0) + ROOM_slots;
  const occupancy = new Occupancy(problem, slots);
  const nightly = new Set<string>();
  const candidates = drinks.map((drink, index) => {
    const shape = shapes[index]!;
    const end = (start: number) => (start + shape.slots) * SLOT_min;
    if (drink.pinned_min !== null) {
      const start = Math.max(0, Math.round(drink.pinned_min / SLOT_min));
      return [{ start, cost: costOf(drink, end(start)) }];
    }
    const free: Candidate[] = [];
    for (let start = 0; start + shape.slots <= slots; start += 1)
      if (occupancy.fits(shape, start)) free.push({ start, cost: costOf(drink, end(start)) });
    if (free.length === 0) {
      // Longer on the fire than anybody is up: better a short night than no plan.
      nightly.add(drink.id);
      shapes[index] = { ...shape, awake: new Uint8Array(shape.slots) };
      for (let start = 0; start + shape.slots <= slots; start += 1)
        if (occupancy.fits(shapes[index], start)) free.push({ start, cost: costOf(drink, end(start)) });
    }
    return free.sort((a, b) => a.cost - b.cost || b.start - a.start);
  });
  const rest = new Array<number>(drinks.length + 1).fill(0);
  for (let index = drinks.length - 1; index >= 0; index -= 1)
    rest[index] = rest[index + 1]! + (candidates[index]![0]?.cost ?? 0);
  const place = new Map(drinks.map(({ id }, index) => [id, index]));
  const before = new Map(drinks.map(({ id, after }) => [id, after.flatMap((each) => place.get(each) ?? [])]));
  return { drinks, shapes, candidates, occupancy, rest, before, nightly };
}

/** What goes into a drink is made before it, and it before what it goes into, as far as these are placed. */
function inSequence(
  { before, drinks, shapes }: Search,
  index: number,
  start: number,
  starts: readonly number[],
): boolean {
  const own = before.get(drinks[index]!.id) ?? [];
  const end = start + shapes[index]!.slots;
  return starts.every((begin, other) => {
    if (begin === NOWHERE || other === index) return true;
    if (own.includes(other) && begin + shapes[other]!.slots > start) return false;
    return !(before.get(drinks[other]!.id) ?? []).includes(index) || end <= begin;
  });
}

/** Where drinks stand: beginnings on the grid and pots, by the place of the drink. */
interface Placed {
  readonly starts: number[];
  readonly pots: number[];
  readonly cost: number;
}

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

const UP_AT_NIGHT = 'somebody would have to be up at night';

/** What the pins break: too many hands or pots at once, somebody asleep, a preparation that is not there yet. */
function brokenBy(search: Search, problem: PlanProblem, { starts, pots }: Placed): Schedule['broken'] {
  const { drinks, shapes, occupancy } = search;
  return drinks.flatMap(({ id, pinned_min }, index) => {
    if (search.nightly.has(id)) return [{ id, because: UP_AT_NIGHT }];
    if (pinned_min === null) return [];
    const others = new Occupancy(problem, occupancy.slots);
    for (const [other, start] of starts.entries())
      if (other !== index && start !== NOWHERE) others.change(shapes[other]!, start, pots[other]!, 1);
    const start = starts[index]!;
    if (!inSequence(search, index, start, starts))
      return [{ id, because: 'something that goes into it is not made by then' }];
    if (others.fits(shapes[index]!, start) && others.potsFor(shapes[index]!, start).length > 0) return [];
    const alone = new Occupancy(problem, occupancy.slots);
    return [
      {
        id,
        because: alone.fits(shapes[index]!, start)
          ? 'there are not enough hands, burners, pots or room in the fridge with the others'
          : UP_AT_NIGHT,
      },
    ];
  });
}

/**
 * When to begin each of several drinks so that all are ready as they are wanted, none stands about for long, and
 * nobody needs three hands: cooks, burners, pots that are large enough, room in the fridge and the night are kept to.
 *
 * A drink, once begun, runs through. Greedy in many orders first, then branch and bound on a grid of
 * {@link SLOT_min} minutes. What cannot be in time is late, so there is always a schedule.
 *
 * @param problem drinks with their wishes, cooks, burners, pots, fridge, nights
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
  return { drinks, cost, lowerBound: search.rest[0]!, proven, broken: brokenBy(search, problem, placed) };
}
