import { SLOT_min, type PlanDrink, type PlanProblem } from './plan-problem';

/** What a drink takes up, slot by slot from its beginning. */
export interface Shape {
  readonly slots: number;
  readonly hands: Uint8Array;
  readonly awake: Uint8Array;
  readonly stove: Uint8Array;
}

/** A drink's stretches on the grid; each boundary is rounded, so that the whole is as long as it is. */
export function shapeOf({ stretches }: PlanDrink): Shape {
  const total = stretches.reduce((sum, { minutes }) => sum + minutes, 0);
  const slots = Math.max(1, Math.ceil(total / SLOT_min - 1e-9));
  const shape = {
    slots,
    hands: new Uint8Array(slots),
    awake: new Uint8Array(slots),
    stove: new Uint8Array(slots),
  };
  let at = 0;
  for (const { minutes, hands, awake, stove } of stretches) {
    const from = Math.floor(at / SLOT_min + 1e-9);
    at += minutes;
    const to = Math.max(from + (hands ? 1 : 0), Math.ceil(at / SLOT_min - 1e-9));
    for (let slot = from; slot < Math.min(to, slots); slot += 1) {
      if (hands) shape.hands[slot] = 1;
      if (awake) shape.awake[slot] = 1;
      if (stove) shape.stove[slot] = 1;
    }
  }
  return shape;
}

/** What is taken up on the grid of a plan so far. */
export class Occupancy {
  private readonly hands: Uint8Array;
  private readonly stove: Uint8Array;
  private readonly asleep: Uint8Array;

  constructor(
    private readonly problem: Pick<PlanProblem, 'cooks' | 'stoves' | 'sleeps'>,
    readonly slots: number,
  ) {
    this.hands = new Uint8Array(slots);
    this.stove = new Uint8Array(slots);
    this.asleep = new Uint8Array(slots);
    for (const { from_min, to_min } of problem.sleeps)
      for (let slot = Math.max(0, Math.ceil(from_min / SLOT_min)); slot < Math.min(slots, to_min / SLOT_min); slot += 1)
        this.asleep[slot] = 1;
  }

  fits({ slots, hands, awake, stove }: Shape, start: number): boolean {
    if (start < 0 || start + slots > this.slots) return false;
    const { cooks, stoves } = this.problem;
    for (let slot = 0; slot < slots; slot += 1) {
      const at = start + slot;
      if (awake[slot] && this.asleep[at]) return false;
      if (hands[slot] && this.hands[at]! >= cooks) return false;
      if (stove[slot] && this.stove[at]! >= stoves) return false;
    }
    return true;
  }

  /** Takes up, or with -1 gives back, what a drink needs. */
  change({ slots, hands, stove }: Shape, start: number, by: 1 | -1): void {
    for (let slot = 0; slot < slots; slot += 1) {
      this.hands[start + slot]! += by * hands[slot]!;
      this.stove[start + slot]! += by * stove[slot]!;
    }
  }
}
