import { runBrew, type BrewRecipe, type BrewRun, type BrewState } from '@wellhydra/core/brew';
import { needsStove } from '@wellhydra/core/drink';
import { cooledTo } from '@wellhydra/core/process';
import type { OnTheWorktop } from '../device-driver';

/** What a steel pot of two litres weighs, g. */
export const VESSEL_g = 1100;
/** A cook pours what a step adds in this time, and gets it through a strainer in this, s. */
const POURING_s = 4;
const STRAINING_s = 15;
const MINUTE_ms = 60_000;
/** What was never warmed is this warm, °C. */
const TAP_C = 20;

type Entry = Omit<BrewRun['analysis']['trace']['entries'][number], 'pot'>;

/** How warm the pot is so many minutes into a step: it heats up, or cools by its own time constant. */
function warmth(entry: Entry, from_C: number, minutes: number): number {
  if (entry.cooling) return cooledTo(entry.cooling.tau_min, from_C, entry.cooling.around_C, minutes);
  if (needsStove(entry.verb)) {
    const warming_min = Math.max(0.5, entry.minutes - (entry.cooking_min ?? 0));
    return from_C + (entry.temperature_C - from_C) * Math.min(1, minutes / warming_min);
  }
  const share = entry.minutes > 0 ? Math.min(1, minutes / entry.minutes) : 1;
  return from_C + (entry.temperature_C - from_C) * share;
}

/**
 * How much of what changes in a step has changed: poured or strained within seconds, steamed off over its minutes. A
 * stream that is poured has an end, after which the scale stands still however much it was.
 */
function changed(entry: Entry, minutes: number): number {
  const lasts_min = entry.line ? POURING_s / 60 : entry.strained_g !== undefined ? STRAINING_s / 60 : entry.minutes;
  return lasts_min > 0 ? Math.min(1, minutes / lasts_min) : 1;
}

/** The pot around the step that is under way: how it is left by the steps before, and by this one. */
export interface Worktop {
  readonly before: Entry | null;
  readonly entry: Entry | null;
}

const withoutPot = ({ pot: _matter, ...entry }: BrewRun['analysis']['trace']['entries'][number]): Entry => entry;

/**
 * What stands on the worktop while a brew is made, as core's models have it.
 *
 * @param recipe in the kitchen as it really is, not as it believes to be
 */
export function worktop(recipe: BrewRecipe, state: BrewState): Worktop {
  const { steps, analysis } = runBrew(recipe, { ...state, readings: [] });
  const current = steps.findIndex(({ of }) => !state.left.has(of));
  const { entries } = analysis.trace;
  const before = entries.findLast(({ step }) => current < 0 || step < current);
  const entry = entries.find(({ step }) => step === current);
  return { before: before ? withoutPot(before) : null, entry: entry ? withoutPot(entry) : null };
}

/**
 * The worktop at a moment.
 *
 * @param since when the step that is under way began
 */
export function worktopAt({ before, entry }: Worktop, since: Date, now: Date): OnTheWorktop {
  const minutes = Math.max(0, (now.getTime() - since.getTime()) / MINUTE_ms);
  const share = entry ? changed(entry, minutes) : 0;
  const between = (from: number, to: number) => from + (to - from) * share;
  const before_g = before?.mass_g ?? 0;
  const from_C = before?.temperature_C ?? TAP_C;
  return {
    gross_g: VESSEL_g + between(before_g, entry?.mass_g ?? before_g),
    ...(entry?.line ? { before_g: VESSEL_g + before_g } : {}),
    temperature_C: entry ? warmth(entry, from_C, minutes) : from_C,
    brix: entry?.brix ?? before?.brix ?? null,
  };
}
