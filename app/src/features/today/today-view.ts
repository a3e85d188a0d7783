import {
  brewRecipe,
  brewState,
  brewTimeline,
  pendingCheck,
  runBrew,
  type BrewState,
  type BrewTimeline,
  type TimelineStep,
} from '@wellhydra/core/brew';
import { batchSteps } from '@wellhydra/core/drink';
import { durationWords } from '@wellhydra/core/quantity';
import { stepTitle, inSentence } from '../../domain/words/step-words';
import { CHECK_GUIDES } from '../../domain/brews/step-guide';
import { eventsOf, type Brews, type DeviceBrew } from '../../domain/brews/brews';

/** A stretch of the day ribbon, in shares of the day. */
export interface RibbonBlock {
  readonly from: number;
  readonly to: number;
  readonly is: TimelineStep['is'];
  readonly waiting: boolean;
}

/** A brew that is under way, as Today shows it. */
export interface RunningView {
  readonly id: string;
  readonly name: string;
  readonly batch: string;
  /** "steeping, day 11 of 28", "next in 18 min". */
  readonly words: string;
  readonly paused: boolean;
  readonly late: string;
  /** The next thing that needs hands, and when. */
  readonly next: { readonly title: string; readonly at: Date; readonly now: boolean } | null;
  readonly blocks: readonly RibbonBlock[];
  readonly ends: Date;
}

const MINUTE_ms = 60_000;
const DAY_ms = 1440 * MINUTE_ms;
/** A stretch of at least two days is counted in days. */
const COUNTED_IN_DAYS_ms = 2 * DAY_ms;
/** Shorter than this a stretch of the ribbon cannot be seen, share of a day. */
const LEAST_SEEN = 0.006;

const midnight = (of: Date): number => new Date(of.getFullYear(), of.getMonth(), of.getDate()).getTime();

function blocksOf({ steps }: BrewTimeline, now: Date): readonly RibbonBlock[] {
  const start = midnight(now);
  const blocks: RibbonBlock[] = [];
  for (const { from, to, is, waiting } of steps) {
    const end = is === 'now' ? Math.max(to.getTime(), now.getTime()) : to.getTime();
    const a = Math.max(0, (from.getTime() - start) / DAY_ms);
    const b = Math.min(1, (end - start) / DAY_ms);
    if (b <= 0 || a >= 1) continue;
    const last = blocks.at(-1);
    if (last && last.is === is && last.waiting === waiting) blocks[blocks.length - 1] = { ...last, to: b };
    else blocks.push({ from: a, to: b, is, waiting });
  }
  return blocks.map((block) => ({ ...block, to: Math.max(block.to, Math.min(1, block.from + LEAST_SEEN)) }));
}

/** "in 18 min", "in 3 days", "now". */
export function inWords(at: Date, now: Date): string {
  const minutes = (at.getTime() - now.getTime()) / MINUTE_ms;
  return minutes < 1 ? 'now' : `in ${durationWords(minutes)}`;
}

function stepWords(timeline: BrewTimeline, title: string, now: Date, state: BrewState): string {
  if (state.stage === 'paused') return `paused at: ${title}`;
  const current = timeline.now;
  if (!current) return 'ready for its bottles';
  const length_ms = current.to.getTime() - current.from.getTime();
  if (current.waiting && length_ms >= COUNTED_IN_DAYS_ms) {
    const day = Math.floor((now.getTime() - current.from.getTime()) / DAY_ms) + 1;
    return `${title}: day ${day} of ${Math.round(length_ms / DAY_ms)}`;
  }
  return current.waiting && timeline.late_min === 0 ? `${title}, ready ${inWords(current.to, now)}` : title;
}

/** What comes after what goes on now; where that says when it is over, it is not said twice. */
export function thenWords({ words, next }: Pick<RunningView, 'words' | 'next'>, now: Date): string {
  if (!next || next.now) return '';
  const when = inWords(next.at, now);
  return ` · then ${inSentence(next.title)}${words.endsWith(when) ? '' : ` ${when}`}`;
}

/** Where a brew stands at a moment. */
export function runningView(brews: Brews, brew: DeviceBrew, now: Date): RunningView | null {
  const state = brewState(eventsOf(brews, brew.id));
  if (state.stage === 'finished' || state.stage === 'abandoned') return null;
  const recipe = brewRecipe(brew.recipe);
  const run = runBrew(recipe, state);
  const timeline = brewTimeline(recipe, state, run, new Date(brew.startedAt), now);
  const check = pendingCheck(recipe, state, run);
  const titleOf = (id: string) => {
    const step = batchSteps(recipe.document).find((each) => each.id === id)!;
    return stepTitle({ ...step, text: state.texts.get(id) ?? step.text });
  };
  const { next, late_min } = timeline;
  const paused = state.stage === 'paused';
  return {
    id: brew.id,
    name: recipe.document.name || 'Unnamed drink',
    batch: brew.batch,
    words: stepWords(timeline, timeline.now ? titleOf(timeline.now.step) : '', now, state),
    paused,
    late: !paused && late_min > 0 ? `${durationWords(late_min)} over its time` : '',
    next: paused
      ? null
      : check
        ? { title: CHECK_GUIDES[check.kind].title, at: now, now: true }
        : timeline.now === null
          ? { title: 'Fill the bottles', at: now, now: true }
          : next && {
              title: titleOf(next.step),
              at: next === timeline.now && !next.waiting ? now : next.is === 'now' ? next.to : next.from,
              now: next === timeline.now,
            },
    blocks: blocksOf(timeline, now),
    ends: timeline.ends,
  };
}

/** All brews under way, what needs hands first leading. */
export function todayView(brews: Brews, now: Date): readonly RunningView[] {
  return Object.values(brews.byId)
    .flatMap((brew) => runningView(brews, brew, now) ?? [])
    .sort((a, b) => (a.next?.at.getTime() ?? Infinity) - (b.next?.at.getTime() ?? Infinity));
}
