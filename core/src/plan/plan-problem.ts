import type { Analysis } from '../analyse';
import { STOVE_VERBS } from '../drink';

/** A stretch of making a drink, and what it takes up. */
export interface PlanStretch {
  readonly minutes: number;
  /** A cook's hands, all of the time. */
  readonly hands: boolean;
  /** Somebody must be up, if not at it: a pot on the fire is not left to a sleeper. */
  readonly awake: boolean;
  /** A burner and a pot. */
  readonly stove: boolean;
  readonly title: string;
}

/** A drink that is wanted by a time. */
export interface PlanDrink {
  readonly id: string;
  readonly name: string;
  readonly stretches: readonly PlanStretch[];
  /** Minutes from the beginning of the plan. */
  readonly readyBy_min: number;
  /** Made earlier than this before it is wanted, it is past its best, min. */
  readonly keeps_min: number;
  /** Drinks of the plan that go into this one. */
  readonly after: readonly string[];
  /** Beginning that somebody has set, min; null while it is free. */
  readonly pinned_min: number | null;
}

/** A time of day in which nobody is up, minutes from the beginning of the plan. */
export interface Sleep {
  readonly from_min: number;
  readonly to_min: number;
}

export interface PlanProblem {
  readonly drinks: readonly PlanDrink[];
  readonly cooks: number;
  /** Pots that can be on the fire at once: burners or pots, whichever are fewer. */
  readonly stoves: number;
  readonly sleeps: readonly Sleep[];
}

/** The grid of the plan, min. */
export const SLOT_min = 5;

/** A step with less to do in it than this share is waited for. */
const WAITED = 0.5;
const LEAST_WAIT_min = 5;

/**
 * The stretches of a drink from its run: what follows each other with the same needs is one; a long step begins
 * with the minutes its cook stands at it.
 *
 * @param titles what each step of the batch is called
 */
export function stretchesOf({ trace }: Analysis, titles: readonly string[]): readonly PlanStretch[] {
  const stretches: PlanStretch[] = [];
  const push = (next: PlanStretch): void => {
    const last = stretches.at(-1);
    if (next.minutes <= 0) return;
    if (last && last.hands === next.hands && last.awake === next.awake && last.stove === next.stove && next.hands)
      stretches[stretches.length - 1] = { ...last, minutes: last.minutes + next.minutes };
    else stretches.push(next);
  };
  for (const { step, verb, minutes, handsOn_min } of trace.entries) {
    const title = titles[step] ?? verb;
    const stove = STOVE_VERBS.has(verb);
    const waits = minutes >= LEAST_WAIT_min && handsOn_min < WAITED * minutes;
    if (!waits) {
      push({ minutes: Math.max(minutes, handsOn_min), hands: true, awake: true, stove, title });
      continue;
    }
    push({ minutes: handsOn_min, hands: true, awake: true, stove, title });
    push({ minutes: minutes - handsOn_min, hands: false, awake: stove, stove, title });
  }
  return stretches;
}
