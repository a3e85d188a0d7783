import { costOf } from './plan-cost';
import { SLOT_min, type PlanDrink, type PlanProblem } from './plan-problem';
import { Occupancy, shapeOf, type Shape } from './slots';

/** Beyond the last request there is room for everything one after the other. */
const ROOM_slots = (24 * 60) / SLOT_min;

interface Candidate {
  readonly start: number;
  readonly cost: number;
}

export interface Search {
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

/** The beginning of a drink that is not placed yet. */
export const NOWHERE = -1;

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
  const length = ({ tasks }: PlanDrink) => tasks.reduce((sum, { minutes }) => sum + minutes, 0);
  return [...problem.drinks].sort(
    (a, b) =>
      Number(a.pinned_min === null) - Number(b.pinned_min === null) ||
      depth(a) - depth(b) ||
      a.readyBy_min - b.readyBy_min ||
      length(b) - length(a),
  );
}

/** Everything that is known of a problem before a drink is placed. */
export function prepare(problem: PlanProblem): Search {
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
export function inSequence(
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
export interface Placed {
  readonly starts: number[];
  readonly pots: number[];
  readonly cost: number;
}
