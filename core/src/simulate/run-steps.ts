import { brixOf } from '../liquid/volume';
import { RUNNABLE_VERBS, type DrinkStep, type Verb } from '../drink/drink';
import { readDuration } from '../quantity/read-duration';
import { readIngredientLine, type IngredientLine, type LineOptions } from '../quantity/read-ingredient-line';
import { formatVolume } from '../quantity/format-number';
import { unreadable, type Unreadable } from '../quantity/outcome';
import { PotFiller, gramsToFill, potVolume, type Pot } from './pot';

/** Time an addition takes, and a stir that names no time, min (estimates). */
export const STEP_MINUTES = { add: 0.5, stir: 2 } as const;
/** Kitchens are taken to be at this temperature until something is heated, °C. */
export const ROOM_TEMPERATURE_C = 20;

/** The pot after one step. */
export interface TraceEntry {
  /** Counted from 0. */
  readonly step: number;
  readonly verb: Verb;
  readonly text: string;
  /** When the step is done, minutes from the start. */
  readonly at_min: number;
  readonly mass_g: number;
  readonly volume_mL: number | null;
  readonly temperature_C: number;
  readonly brix: number | null;
  readonly pot: Pot;
  /** For an addition: what was understood, and the grams it came to. */
  readonly line?: IngredientLine;
  readonly added_g?: number;
}

/** A step that could not be run: it changes nothing, and says why. */
export interface StepProblem extends Omit<Unreadable, 'kind'> {
  readonly step: number;
}

/** What the simulator returns: the pot after every step, and the steps it could not run. */
export interface Trace {
  readonly entries: readonly TraceEntry[];
  readonly problems: readonly StepProblem[];
  readonly pot: Pot;
  readonly total_min: number;
}

interface Done {
  readonly minutes: number;
  readonly line?: IngredientLine;
  readonly added_g?: number;
}

/** The pot while steps are run: what fills it, and how it stood after the last step. */
interface Running {
  readonly filler: PotFiller;
  readonly pot: Pot;
}

function runAdd(step: DrinkStep, index: number, { filler, pot }: Running, options: LineOptions): Done | Unreadable {
  const line = readIngredientLine(step.text, options);
  if (line.kind === 'unreadable') return line;
  const added_g = line.dose.kind === 'mass' ? line.dose.mass_g : gramsToFill(pot, line.ingredient, line.dose.volume_mL);
  if (!(added_g > 0))
    return unreadable(
      'not-positive',
      step.text,
      `There is more than this in the pot already (${formatVolume(potVolume(pot) ?? 0)}). Fill to a higher mark.`,
    );
  filler.add({ ingredient: line.ingredient, mass_g: added_g, step: index });
  return { minutes: STEP_MINUTES.add, line, added_g };
}

function runStir(step: DrinkStep): Done | Unreadable {
  if (step.text.trim() === '') return { minutes: STEP_MINUTES.stir };
  const duration = readDuration(step.text);
  return duration.kind === 'unreadable' ? duration : { minutes: duration.minutes };
}

function runStep(step: DrinkStep, index: number, running: Running, options: LineOptions): Done | Unreadable {
  switch (step.verb) {
    case 'add':
      return runAdd(step, index, running, options);
    case 'dissolve':
    case 'stir':
    case 'shake':
      return runStir(step);
    default:
      return unreadable(
        'unknown-word',
        step.verb,
        `"${step.verb}" is not run yet. Steps that are: ${RUNNABLE_VERBS.join(', ')}.`,
      );
  }
}

/**
 * Runs the steps of a drink one after the other and keeps the mass balance of the pot.
 *
 * @param steps in order
 * @param options what spoons are meant where a line does not say
 * @returns the trace; a step that cannot be understood is left out of it and named in `problems`
 */
export function runSteps(steps: readonly DrinkStep[], options: LineOptions = {}): Trace {
  const entries: TraceEntry[] = [];
  const problems: StepProblem[] = [];
  const filler = new PotFiller();
  let pot = filler.pot();
  let clock = 0;
  steps.forEach((step, index) => {
    const done = runStep(step, index, { filler, pot }, options);
    if ('kind' in done) {
      const { kind: _kind, ...problem } = done;
      problems.push({ step: index, ...problem });
      return;
    }
    if (done.line) pot = filler.pot();
    clock += done.minutes;
    entries.push({
      step: index,
      verb: step.verb,
      text: step.text,
      at_min: clock,
      mass_g: pot.mass_g,
      volume_mL: potVolume(pot),
      temperature_C: ROOM_TEMPERATURE_C,
      brix: pot.dry ? null : brixOf(pot.liquid),
      pot,
      ...(done.line ? { line: done.line } : {}),
      ...(done.added_g === undefined ? {} : { added_g: done.added_g }),
    });
  });
  return { entries, problems, pot, total_min: clock };
}
