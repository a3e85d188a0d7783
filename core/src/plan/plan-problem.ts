import type { Analysis } from '../analyse';
import { VERB_TABLE, needsStove, type DrinkStep } from '../drink';

/** A task of making a drink, and what it takes up. */
export interface PlanTask {
  readonly minutes: number;
  /** A cook's hands, all of the time. */
  readonly hands: boolean;
  /** Somebody must be up, if not at it: a pot on the fire is not left to a sleeper. */
  readonly awake: boolean;
  /** A burner. */
  readonly burner: boolean;
  /** The pot it is cooked in: from the fire until it goes into something else, also while it steeps. */
  readonly pot: boolean;
  /** Room in the fridge. */
  readonly fridge: boolean;
  readonly title: string;
}

/** A drink that is wanted by a time. */
export interface PlanDrink {
  readonly id: string;
  readonly name: string;
  readonly tasks: readonly PlanTask[];
  /** Most that is in its pot at once, mL; the largest pot is taken for what none holds. */
  readonly inPot_mL: number;
  /** Room it takes up in the fridge, mL. */
  readonly inFridge_mL: number;
  /** Whether it stands in the fridge from when it is done until it is wanted. */
  readonly keptCold: boolean;
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
  readonly burners: number;
  /** What each pot holds, mL. */
  readonly pots_mL: readonly number[];
  /** The pot that drinks are reckoned for, by its place: taken first where it is free and holds it. */
  readonly usualPot?: number;
  /** Room in the fridge that nothing stands in yet, mL. */
  readonly fridge_mL: number;
  readonly sleeps: readonly Sleep[];
}

/** The grid of the plan, min. */
export const SLOT_min = 5;

/** A step with less to do in it than this share is waited for. */
const WAITED = 0.5;
const LEAST_WAIT_min = 5;
const IN_FRIDGE = /fridge/i;

const isInFridge = ({ verb, in: place, text }: DrinkStep): boolean =>
  VERB_TABLE[verb].tool === 'fridge'
    ? !/bath|freezer|room/i.test(`${place ?? ''} ${text}`)
    : IN_FRIDGE.test(`${place ?? ''} ${text}`);

/** What a drink takes up besides time. */
export interface PlanNeeds {
  readonly tasks: readonly PlanTask[];
  readonly inPot_mL: number;
  readonly inFridge_mL: number;
  readonly keptCold: boolean;
}

/**
 * What a drink takes up, from its run. Its tasks: what follows each other with the same needs is one; a long
 * step begins with the minutes its cook stands at it.
 *
 * @param titles what each step of the batch is called
 */
export function planNeeds({ trace, drink, liquid, keeping }: Analysis, titles: readonly string[]): PlanNeeds {
  const tasks: PlanTask[] = [];
  const push = (next: PlanTask): void => {
    const last = tasks.at(-1);
    if (next.minutes <= 0) return;
    const same =
      last && (['hands', 'awake', 'burner', 'pot', 'fridge'] as const).every((need) => last[need] === next[need]);
    if (same && next.hands) tasks[tasks.length - 1] = { ...last, minutes: last.minutes + next.minutes };
    else tasks.push(next);
  };
  const { entries } = trace;
  const onFire = entries.findIndex(({ verb }) => needsStove(verb));
  const leaves = entries.findIndex(({ verb }, index) => index > onFire && VERB_TABLE[verb].pot === 'left');
  const inPot = (index: number) => onFire >= 0 && index >= onFire && (leaves < 0 || index < leaves);
  const fills_mL = entries
    .filter((_entry, index) => inPot(index) || inPot(index + 1))
    .map(({ pot, volume_mL }) => (volume_mL ?? 0) + pot.pieces_g);
  entries.forEach(({ step, verb, minutes, handsOn_min }, index) => {
    const burner = needsStove(verb);
    const pot = inPot(index);
    const fridge = isInFridge(drink.steps[step] ?? { verb, text: '' });
    const needs = { burner, pot, fridge, title: titles[step] ?? verb };
    const { attention } = VERB_TABLE[verb];
    const waits = attention !== 'hands' && minutes >= LEAST_WAIT_min && handsOn_min < WAITED * minutes;
    if (!waits) return push({ ...needs, minutes: Math.max(minutes, handsOn_min), hands: true, awake: true });
    push({ ...needs, minutes: handsOn_min, hands: true, awake: true });
    return push({ ...needs, minutes: minutes - handsOn_min, hands: false, awake: attention === 'near' });
  });
  return {
    tasks,
    inPot_mL: Math.max(0, ...fills_mL),
    inFridge_mL: liquid?.volume_mL ?? 0,
    keptCold: keeping?.place === 'fridge',
  };
}
