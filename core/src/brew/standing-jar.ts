import { VERB_TABLE, type Verb } from '../drink';
import type { BrewRecipe, BrewRun } from './brew-run';
import type { BrewState } from './brew-state';
import { brewTimeline } from './brew-timeline';

/** A jar that stands for hours or weeks before somebody goes on with it. */
export interface StandingJar {
  /** The step it stands in. */
  readonly step: string;
  readonly since: Date;
  /** When it has stood long enough. */
  readonly until: Date;
  /** What is done then: it is strained, or something else is. */
  readonly then: Verb | null;
  readonly strained: boolean;
}

/** What stands less long than this is watched by a timer and needs no label, min. */
const STANDS_min = 240;
const MINUTE_ms = 60_000;

/**
 * The jar that a brew stands in now, or is about to: the first step that is not done, where it is a long wait.
 *
 * @param startedAt when the brew was begun
 * @param now moment of the question
 * @returns null where the step that is next is done by hand, or is soon over
 */
export function standingJar(
  recipe: BrewRecipe,
  state: BrewState,
  run: BrewRun,
  { startedAt, now }: { readonly startedAt: Date; readonly now: Date },
): StandingJar | null {
  const { steps, now: current } = brewTimeline(recipe, state, run, startedAt, now);
  if (!current?.waiting || current.to.getTime() - current.from.getTime() < STANDS_min * MINUTE_ms) return null;
  const later = steps.slice(steps.indexOf(current) + 1).filter(({ is }) => is === 'coming');
  const then = later.find(({ verb }) => VERB_TABLE[verb].group !== 'Let stand')?.verb ?? null;
  return {
    step: current.step,
    since: current.from,
    until: current.to,
    then,
    strained: then !== null && (VERB_TABLE[then].group === 'Take away' || VERB_TABLE[then].holdsBack),
  };
}
