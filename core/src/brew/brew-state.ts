import type { BrewEvent, ReadQuantity } from '../brew-event';

export interface Reading {
  readonly id: string;
  readonly step: string;
  readonly quantity: ReadQuantity;
  readonly value: number;
  readonly at: string;
}

export interface Addition {
  readonly id: string;
  readonly step: string;
  readonly text: string;
  readonly at: string;
}

export interface BrewTimer {
  readonly step: string;
  readonly startedAt: string;
  readonly endsAt: string;
}

/** How a step was left: `event` is what did it. */
export interface LeftStep {
  readonly how: 'done' | 'skipped';
  readonly at: string;
  readonly event: string;
}

export type BrewStage = 'making' | 'paused' | 'abandoned' | 'finished';

/** Where a brew stands. */
export interface BrewState {
  readonly stage: BrewStage;
  /** When it was paused, while it is. */
  readonly pausedAt: string | null;
  /** What was done with an abandoned one. */
  readonly abandonedText: string;
  readonly left: ReadonlyMap<string, LeftStep>;
  /** The newest of each quantity of each step that was not taken back, in order. */
  readonly readings: readonly Reading[];
  readonly additions: readonly Addition[];
  /** Amounts that are others than in the drink, by step. */
  readonly texts: ReadonlyMap<string, string>;
  /** Readings whose suggestion was refused. */
  readonly kept: ReadonlySet<string>;
  readonly timers: readonly BrewTimer[];
}

const MINUTE_ms = 60_000;

interface Folding {
  stage: BrewStage;
  pausedAt: string | null;
  abandonedText: string;
  left: Map<string, LeftStep>;
  readings: Reading[];
  additions: Addition[];
  texts: Map<string, string>;
  kept: Set<string>;
  timers: Map<string, BrewTimer>;
}

type Fold<Kind extends BrewEvent['kind']> = (state: Folding, event: Extract<BrewEvent, { kind: Kind }>) => void;

/** A pause moves the end of every running timer by its length: nothing simmers while the stove is off. */
function resume(state: Folding, at: string): void {
  const pause_ms = state.pausedAt === null ? 0 : Math.max(0, Date.parse(at) - Date.parse(state.pausedAt));
  for (const [step, timer] of state.timers)
    if (Date.parse(timer.endsAt) > Date.parse(state.pausedAt ?? at))
      state.timers.set(step, { ...timer, endsAt: new Date(Date.parse(timer.endsAt) + pause_ms).toISOString() });
  state.pausedAt = null;
  state.stage = 'making';
}

const ended = ({ stage }: Folding): boolean => stage === 'finished' || stage === 'abandoned';

const FOLDS: { readonly [Kind in BrewEvent['kind']]: Fold<Kind> } = {
  'step-done': (state, { step, at, id }) => {
    state.left.set(step, { how: 'done', at, event: id });
    state.timers.delete(step);
  },
  'step-skipped': (state, { step, at, id }) => {
    state.left.set(step, { how: 'skipped', at, event: id });
    state.timers.delete(step);
  },
  'step-reopened': (state, { step, undoes }) => {
    if (state.left.get(step)?.event === undoes) state.left.delete(step);
  },
  reading: (state, { id, step, quantity, value, at }) => {
    state.readings = [
      ...state.readings.filter((each) => each.step !== step || each.quantity !== quantity),
      { id, step, quantity, value, at },
    ];
  },
  'reading-removed': (state, { reading }) => {
    state.readings = state.readings.filter(({ id }) => id !== reading);
  },
  'amount-changed': (state, { step, text }) => void state.texts.set(step, text),
  'amount-kept': (state, { reading }) => void state.kept.add(reading),
  added: (state, { id, step, text, at }) => {
    state.additions = [...state.additions, { id, step, text, at }];
  },
  'added-removed': (state, { addition }) => {
    state.additions = state.additions.filter(({ id }) => id !== addition);
  },
  'timer-started': (state, { step, minutes, at }) => {
    const endsAt = new Date(Date.parse(at) + minutes * MINUTE_ms).toISOString();
    state.timers.set(step, { step, startedAt: at, endsAt });
  },
  'timer-stopped': (state, { step }) => void state.timers.delete(step),
  paused: (state, { at }) => {
    if (state.stage !== 'making') return;
    state.stage = 'paused';
    state.pausedAt = at;
  },
  resumed: (state, { at }) => {
    if (state.stage === 'paused') resume(state, at);
  },
  abandoned: (state, { text }) => {
    if (ended(state)) return;
    state.stage = 'abandoned';
    state.abandonedText = text;
    state.timers.clear();
  },
  finished: (state) => {
    if (ended(state)) return;
    state.stage = 'finished';
    state.timers.clear();
  },
};

/**
 * Where a brew stands after what happened to it.
 *
 * @param events in the order in which they count; one that comes twice counts once
 * @returns the state; an event about a step or a reading that is not there changes nothing
 */
export function brewState(events: readonly BrewEvent[]): BrewState {
  const state: Folding = {
    stage: 'making',
    pausedAt: null,
    abandonedText: '',
    left: new Map(),
    readings: [],
    additions: [],
    texts: new Map(),
    kept: new Set(),
    timers: new Map(),
  };
  const seen = new Set<string>();
  for (const event of events) {
    if (seen.has(event.id)) continue;
    seen.add(event.id);
    (FOLDS[event.kind] as Fold<typeof event.kind>)(state, event as never);
  }
  return { ...state, timers: [...state.timers.values()] };
}
