import { batchSteps, type Verb } from '../drink';
import type { BrewState } from './brew-state';
import type { BrewRecipe, BrewRun } from './brew-run';

/** A step in time: when it was done, or when it will be. */
export interface TimelineStep {
  readonly step: string;
  readonly verb: Verb;
  readonly from: Date;
  readonly to: Date;
  readonly is: 'done' | 'now' | 'coming';
  /** Nobody needs to stand by: a steep, a simmer, a night in the fridge. */
  readonly waiting: boolean;
}

export interface BrewTimeline {
  readonly steps: readonly TimelineStep[];
  /** The first step that is not done. */
  readonly now: TimelineStep | null;
  /** The first step after now in which hands are needed; now itself when it needs them or its time is up. */
  readonly next: TimelineStep | null;
  /** Minutes by which the step that is under way is over its time; 0 when it is not. */
  readonly late_min: number;
  readonly ends: Date;
}

const MINUTE_ms = 60_000;
/** A step of this length with so little to do in it is a wait, min and share. */
const WAITING = { least_min: 5, handsOn: 0.5 } as const;
/** Nobody is late within this, min. */
const LATE_FROM_min = 5;

/**
 * When the steps of a brew were done and when the others will be: each begins when the one before it ends.
 *
 * @param now moment of the question; a step that is under way does not end before it
 */
export function brewTimeline(
  recipe: BrewRecipe,
  state: BrewState,
  run: BrewRun,
  startedAt: Date,
  now: Date,
): BrewTimeline {
  const entries = run.analysis.trace.entries;
  const lengthOf = (id: string) => {
    const own = entries.filter(({ step }) => run.steps[step]?.of === id);
    const minutes = own.reduce((sum, entry) => sum + entry.minutes, 0);
    return { minutes, handsOn_min: own.reduce((sum, entry) => sum + entry.handsOn_min, 0) };
  };
  let clock = startedAt.getTime();
  const steps: TimelineStep[] = [];
  for (const { id, verb } of batchSteps(recipe.document)) {
    const { minutes, handsOn_min } = lengthOf(id);
    const waiting = minutes >= WAITING.least_min && handsOn_min < WAITING.handsOn * minutes;
    const left = state.left.get(id);
    const from = new Date(clock);
    const timer = state.timers.find(({ step }) => step === id);
    const isNow = !left && !steps.some(({ is }) => is === 'now');
    if (left) clock = Math.max(clock, Date.parse(left.at));
    else clock = timer ? Math.max(clock, Date.parse(timer.endsAt)) : clock + minutes * MINUTE_ms;
    const to = new Date(clock);
    if (isNow) clock = Math.max(clock, now.getTime());
    steps.push({ step: id, verb, from, to, is: left ? 'done' : isNow ? 'now' : 'coming', waiting });
  }
  const current = steps.find(({ is }) => is === 'now') ?? null;
  const over_min = current ? (now.getTime() - current.to.getTime()) / MINUTE_ms : 0;
  const needsHands = current && (!current.waiting || over_min >= 0);
  return {
    steps,
    now: current,
    next: needsHands ? current : (steps.find(({ is, waiting }) => is === 'coming' && !waiting) ?? null),
    late_min: over_min > LATE_FROM_min ? over_min : 0,
    ends: new Date(clock),
  };
}
