import { SLOT_min, type PlanDrink, type PlanProblem } from './plan-problem';

/** What a drink takes up, slot by slot from its beginning. */
export interface Shape {
  readonly slots: number;
  readonly hands: Uint8Array;
  readonly awake: Uint8Array;
  readonly burner: Uint8Array;
  readonly fridge: Uint8Array;
  /** Slots in which its pot is taken, from and up to; empty where it needs none. */
  readonly potFrom: number;
  readonly potTo: number;
  readonly inPot_mL: number;
  readonly inFridge_mL: number;
  /** Slot of the plan until which it stands in the fridge once it is done; 0 where it does not. */
  readonly coldUntil: number;
}

/** A drink's tasks on the grid; each boundary is rounded, so that the whole is as long as it is. */
export function shapeOf({ tasks, inPot_mL, inFridge_mL, keptCold, readyBy_min }: PlanDrink): Shape {
  const total = tasks.reduce((sum, { minutes }) => sum + minutes, 0);
  const slots = Math.max(1, Math.ceil(total / SLOT_min - 1e-9));
  const [hands, awake, burner, fridge] = [0, 1, 2, 3].map(() => new Uint8Array(slots)) as [
    Uint8Array,
    Uint8Array,
    Uint8Array,
    Uint8Array,
  ];
  let at = 0;
  let potFrom = slots;
  let potTo = 0;
  for (const task of tasks) {
    const from = Math.floor(at / SLOT_min + 1e-9);
    at += task.minutes;
    const to = Math.min(slots, Math.max(from + (task.hands ? 1 : 0), Math.ceil(at / SLOT_min - 1e-9)));
    for (let slot = from; slot < to; slot += 1) {
      if (task.hands) hands[slot] = 1;
      if (task.awake) awake[slot] = 1;
      if (task.burner) burner[slot] = 1;
      if (task.fridge) fridge[slot] = 1;
    }
    if (!task.pot || to <= from) continue;
    potFrom = Math.min(potFrom, from);
    potTo = Math.max(potTo, to);
  }
  const coldUntil = keptCold ? Math.floor(readyBy_min / SLOT_min) : 0;
  return { slots, hands, awake, burner, fridge, potFrom, potTo, inPot_mL, inFridge_mL, coldUntil };
}

/** In place of a pot where none is needed. */
export const NO_POT = -1;

/** What a plan can be short of. */
export type Shortage = 'sleep' | 'hands' | 'burner' | 'pot' | 'fridge';

type Room = Omit<PlanProblem, 'drinks'>;

/** What is taken up on the grid of a plan so far. */
export class Occupancy {
  private readonly hands: Uint8Array;
  private readonly burner: Uint8Array;
  private readonly asleep: Uint8Array;
  private readonly fridge_mL: Float64Array;
  /** Pots, the usual one first, then from the smallest on, and when each is taken. */
  private readonly pots: readonly { readonly pot: number; readonly holds_mL: number; readonly taken: Uint8Array }[];

  constructor(
    readonly room: Room,
    readonly slots: number,
  ) {
    this.hands = new Uint8Array(slots);
    this.burner = new Uint8Array(slots);
    this.asleep = new Uint8Array(slots);
    this.fridge_mL = new Float64Array(slots);
    this.pots = room.pots_mL
      .map((holds_mL, pot) => ({ pot, holds_mL, taken: new Uint8Array(slots) }))
      .sort((a, b) => Number(b.pot === room.usualPot) - Number(a.pot === room.usualPot) || a.holds_mL - b.holds_mL);
    for (const { from_min, to_min } of room.sleeps)
      for (let slot = Math.max(0, Math.ceil(from_min / SLOT_min)); slot < Math.min(slots, to_min / SLOT_min); slot += 1)
        this.asleep[slot] = 1;
  }

  /** Whether hands, burners, the night and the fridge allow a drink to begin here. */
  fits(shape: Shape, start: number): boolean {
    return start >= 0 && start + shape.slots <= this.slots && this.shortOf(shape, start) === null;
  }

  /** What there is not enough of first for a drink that begins here; null where there is enough of everything. */
  shortOf({ slots, hands, awake, burner, fridge, inFridge_mL, coldUntil }: Shape, start: number): Shortage | null {
    const { cooks, burners } = this.room;
    // More than the whole fridge holds is in it all the same, by itself.
    const cold_mL = Math.min(inFridge_mL, this.room.fridge_mL);
    const room_mL = this.room.fridge_mL - cold_mL + 1e-6;
    for (let slot = 0; slot < slots; slot += 1) {
      const at = start + slot;
      if (awake[slot] && this.asleep[at]) return 'sleep';
      if (hands[slot] && this.hands[at]! >= cooks) return 'hands';
      if (burner[slot] && this.burner[at]! >= burners) return 'burner';
      if (fridge[slot] && this.fridge_mL[at]! > room_mL) return 'fridge';
    }
    if (cold_mL > 0)
      for (let at = start + slots; at < Math.min(coldUntil, this.slots); at += 1)
        if (this.fridge_mL[at]! > room_mL) return 'fridge';
    return null;
  }

  /**
   * Pots that a drink could be made in from a beginning on, the usual one first, then the smallest, one of each size;
   * of what is too much for all, the largest. {@link NO_POT} alone where it needs none.
   */
  potsFor({ potFrom, potTo, inPot_mL }: Shape, start: number): readonly number[] {
    if (potTo <= potFrom) return [NO_POT];
    const needs_mL = Math.min(inPot_mL, Math.max(...this.room.pots_mL));
    const found: number[] = [];
    const sizes = new Set<number>();
    for (const { pot, holds_mL, taken } of this.pots) {
      if (holds_mL < needs_mL || sizes.has(holds_mL)) continue;
      let free = true;
      for (let slot = start + potFrom; free && slot < start + potTo; slot += 1) free = taken[slot] === 0;
      if (!free) continue;
      found.push(pot);
      sizes.add(holds_mL);
    }
    return found;
  }

  /** Takes up, or with -1 gives back, what a drink needs. */
  change(shape: Shape, start: number, pot: number, by: 1 | -1): void {
    const { slots, hands, burner, fridge, potFrom, potTo, inFridge_mL, coldUntil } = shape;
    const cold_mL = by * Math.min(inFridge_mL, this.room.fridge_mL);
    for (let slot = 0; slot < slots; slot += 1) {
      this.hands[start + slot]! += by * hands[slot]!;
      this.burner[start + slot]! += by * burner[slot]!;
      if (fridge[slot]) this.fridge_mL[start + slot]! += cold_mL;
    }
    for (let at = start + slots; at < Math.min(coldUntil, this.slots); at += 1) this.fridge_mL[at]! += cold_mL;
    const own = this.pots.find((each) => each.pot === pot);
    if (own) for (let slot = start + potFrom; slot < start + potTo; slot += 1) own.taken[slot]! += by;
  }
}
