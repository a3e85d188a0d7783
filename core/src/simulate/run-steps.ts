import { VERB_TABLE, type Verb } from '../drink';
import { brixOf } from '../liquid';
import { DEFAULT_KITCHEN } from '../equipment';
import type { Unreadable } from '../quantity';
import { AS_WRITTEN, type Chance } from './chance';
import { habitualChance } from './habitual-chance';
import { WorkingPot } from './pot';
import { potVolume, type Pot } from './pot-picture';
import { PreparationRuns } from './preparation';
import type { RunStep, StepDone, StepNote, StepRunner } from './step-run';
import type { RunOptions, StepProblem, Trace, TraceEntry } from './trace';
import { runAdd, runCarbonate, runUse } from './verbs/adding';
import { runBlend, runMash, runPress } from './verbs/breaking';
import { runBoil, runHeat, runReduce, runSimmer } from './verbs/heating';
import { runFreeze, runInfuse, runRest, runSoak, runSteep, runStir, runWash } from './verbs/resting';
import { runBottle, runChill, runCool, runProcess, runStore } from './verbs/storing';
import { runDraw, runRemove, runRinsePass, runSkim, runStrain } from './verbs/straining';

const RUNNERS: Readonly<Record<Verb, StepRunner>> = {
  add: runAdd,
  use: runUse,
  wash: runWash,
  freeze: runFreeze,
  soak: runSoak,
  heat: runHeat,
  simmer: runSimmer,
  boil: runBoil,
  reduce: runReduce,
  steep: runSteep,
  mash: runMash,
  blend: runBlend,
  mill: runMash,
  press: runPress,
  strain: runStrain,
  remove: runRemove,
  rinsePass: runRinsePass,
  dissolve: runStir,
  stir: runStir,
  shake: runStir,
  cool: runCool,
  chill: runChill,
  skim: runSkim,
  rest: runRest,
  infuse: runInfuse,
  carbonate: runCarbonate,
  draw: runDraw,
  bottle: runBottle,
  process: runProcess,
  store: runStore,
};

/**
 * Runs the preparations of a drink as they are used, each once.
 *
 * @param options kitchen and spoons, the same for all of them
 */
export function preparationRuns(options: RunOptions): PreparationRuns {
  const runs: PreparationRuns = new PreparationRuns((steps, preparations) =>
    runSteps(steps, { ...options, preparations, prepared: runs }),
  );
  return runs;
}

/**
 * Runs steps in a working pot, in every sample of chance at once.
 *
 * @param steps in order
 * @param options kitchen, preparations, spoons
 * @param chance samples and their errors
 * @param after called with what each step did, or why it could not be done
 * @returns the pot at the end
 */
export function runInPot(
  steps: readonly RunStep[],
  options: RunOptions,
  chance: Chance,
  after: (index: number, done: StepDone | Unreadable, pot: WorkingPot) => void,
): WorkingPot {
  const kitchen = { ...DEFAULT_KITCHEN, ...options.kitchen };
  const pot = new WorkingPot(habitualChance(chance, kitchen.habits), kitchen.tap_C);
  const { preparations: names = {} } = options;
  const prepared = options.prepared ?? preparationRuns(options);
  steps.forEach((step, index) => {
    const context = { step, index, pot, kitchen, options, names, prepared };
    after(index, RUNNERS[step.verb](context), pot);
  });
  return pot;
}

/** What was measured after a step: changes the pot, and says what of it cannot be. */
export type Measured = (index: number, pot: WorkingPot, done: StepDone) => readonly StepNote[];

/**
 * Runs the steps of a drink one after the other and keeps the mass balance of the pot.
 *
 * @param steps in order
 * @param options kitchen, preparations, and what spoons are meant where a line does not say
 * @param measured brings the pot to what was read off it after a step, before the next one runs
 * @returns the trace; a step that cannot be understood is left out of it and named in `problems`
 */
export function runSteps(steps: readonly RunStep[], options: RunOptions = {}, measured?: Measured): Trace {
  const entries: TraceEntry[] = [];
  const problems: StepProblem[] = [];
  let clock = 0;
  let handsOn = 0;
  let strained_g = 0;
  let last: Pot | undefined;
  let steam_g = 0;
  const working = runInPot(steps, options, AS_WRITTEN, (index, done, pot) => {
    const { verb, text } = steps[index]!;
    if ('kind' in done) {
      const { kind: _kind, ...problem } = done;
      problems.push({ step: index, ...problem });
      return;
    }
    const read = measured?.(index, pot, done) ?? [];
    // What leaves the contents alone leaves the last picture of them good.
    const shown = last && !VERB_TABLE[verb].changesContents ? last : pot.snapshot();
    last = shown;
    clock += done.minutes;
    handsOn += done.handsOn_min;
    strained_g += done.strained_g ?? 0;
    const temperature_C = pot.temperature_C[0]!;
    const steamNow_g = pot.ledger.steam_g[0]!;
    entries.push({
      ...done,
      ...(read.length > 0 ? { notes: [...(done.notes ?? []), ...read] } : {}),
      step: index,
      verb,
      text,
      at_min: clock,
      mass_g: shown.mass_g,
      volume_mL: potVolume(shown),
      temperature_C,
      hottest_C: Math.max(temperature_C, done.hottest_C ?? -Infinity),
      brix: shown.dry ? null : brixOf(shown.liquid),
      pot: shown,
      steam_g: steamNow_g - steam_g,
    });
    steam_g = steamNow_g;
  });
  return {
    entries,
    problems,
    pot: last ?? working.snapshot(),
    total_min: clock,
    handsOn_min: handsOn,
    losses: { steam_g, strained_g },
  };
}
