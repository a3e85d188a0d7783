import type { PlanDrink, PlanProblem, PlanTask } from './plan-problem';
import type { Schedule } from './schedule-drinks';

/** A stretch of time in which a drink has a cook, a burner or a pot. */
export interface LaneTask {
  readonly drink: string;
  /** What is done then; of a pot, what it is taken with first. */
  readonly title: string;
  /** Minutes from the beginning of the plan. */
  readonly from_min: number;
  readonly to_min: number;
}

export type Lane = readonly LaneTask[];

/** Who and what is at which drink when: a lane each. */
export interface PlanLanes {
  readonly cooks: readonly Lane[];
  readonly burners: readonly Lane[];
  /** By the place of the pot in the problem. */
  readonly pots: readonly Lane[];
}

/** Tasks of a drink as stretches of the plan, those that follow each other without a break as one. */
function stretches(drink: PlanDrink, begin_min: number, needs: (task: PlanTask) => boolean): readonly LaneTask[] {
  const found: LaneTask[] = [];
  let at = begin_min;
  for (const task of drink.tasks) {
    const from_min = at;
    at += task.minutes;
    if (!needs(task) || task.minutes <= 0) continue;
    const last = found.at(-1);
    if (last && last.to_min === from_min) found[found.length - 1] = { ...last, to_min: at };
    else found.push({ drink: drink.id, title: task.title, from_min, to_min: at });
  }
  return found;
}

/** Where a task may begin a little before the one before it ends: sums of minutes are not exact. */
const TOUCH_min = 1e-6;

/**
 * Each stretch on the lane that was at the same drink before, else on the first that is free: with so many lanes as
 * there are stretches at the same time there is always one. What was pinned where it cannot be gets a lane more.
 * Source: interval partitioning, Kleinberg and Tardos, Algorithm Design, 4.1.
 */
function partitioned(tasks: readonly LaneTask[], lanes: number): readonly Lane[] {
  const found: LaneTask[][] = Array.from({ length: lanes }, () => []);
  const isFree = (lane: readonly LaneTask[], { from_min }: LaneTask) =>
    (lane.at(-1)?.to_min ?? -Infinity) <= from_min + TOUCH_min;
  for (const task of [...tasks].sort((a, b) => a.from_min - b.from_min || a.to_min - b.to_min)) {
    const free = found.filter((lane) => isFree(lane, task));
    const lane = free.find((each) => each.some(({ drink }) => drink === task.drink)) ?? free[0];
    if (lane) lane.push(task);
    else found.push([task]);
  }
  return found;
}

/**
 * Which cook and which burner is at which drink when, and which pot holds which.
 *
 * @param problem as it was scheduled
 * @param schedule of its drinks
 * @returns a lane for each cook, burner and pot; more cooks or burners than there are only where a pin needs them. Of
 *   burners without number there are so many as are used.
 */
export function planLanes(problem: PlanProblem, schedule: Schedule): PlanLanes {
  const drinks = new Map(problem.drinks.map((drink) => [drink.id, drink]));
  const all = (needs: (task: PlanTask) => boolean) =>
    schedule.drinks.flatMap(({ id, begin_min }) => stretches(drinks.get(id)!, begin_min, needs));
  const pots = problem.pots_mL.map((_holds, pot) =>
    schedule.drinks
      .filter((each) => each.pot === pot)
      .flatMap(({ id, begin_min }) => {
        const taken = stretches(drinks.get(id)!, begin_min, (task) => task.pot);
        const [first] = taken;
        return first ? [{ ...first, to_min: taken.at(-1)!.to_min }] : [];
      })
      .sort((a, b) => a.from_min - b.from_min),
  );
  return {
    cooks: partitioned(
      all((task) => task.hands),
      problem.cooks,
    ),
    burners: partitioned(
      all((task) => task.burner),
      Number.isFinite(problem.burners) ? problem.burners : 0,
    ),
    pots,
  };
}
