import type { Analysis } from '@wellhydra/core/analyse';
import { VERB_TABLE, type VerbGroup } from '@wellhydra/core/drink';
import { potContents } from '@wellhydra/core/simulate';
import type { StepView } from './steps-view';

/** What is being done over several steps. */
export type PhaseName = 'Soak' | 'Simmer' | 'Strain' | 'Sweeten' | 'Mix' | 'Bottle';

/** Steps that follow each other and belong together. */
export interface Phase {
  readonly name: PhaseName;
  readonly steps: readonly StepView[];
}

/** From so many steps on a list is folded by its phases and has places to jump to. */
export const FOLDS_FROM = 12;

const OWN: Readonly<Partial<Record<VerbGroup, PhaseName>>> = {
  Heat: 'Simmer',
  'Let stand': 'Soak',
  'Take away': 'Strain',
  Keep: 'Bottle',
};
/** What is put in before these is put in for them. */
const FED: ReadonlySet<PhaseName> = new Set(['Simmer', 'Soak']);
/** An addition of which more than this share is sugar sweetens. */
const MOSTLY = 0.5;

/** Steps of the batch that sweeten: those that bring more sugar than anything else. */
function sweetening({ trace }: Analysis): ReadonlySet<number> {
  const found = new Set<number>();
  let [sugar, mass] = [0, 0];
  for (const { step, pot } of trace.entries) {
    const now = potContents(pot).sugar;
    if (now - sugar > MOSTLY * (pot.mass_g - mass) && pot.mass_g > mass) found.add(step);
    [sugar, mass] = [now, pot.mass_g];
  }
  return found;
}

/** The steps of a batch as the phases of its making, in order: what is put in counts to what it is put in for. */
export function phasesOf(steps: readonly StepView[], analysis: Analysis): readonly Phase[] {
  const sweet = sweetening(analysis);
  let ahead: PhaseName | null = null;
  const names = [...steps].reverse().map(({ step, batchIndex }): PhaseName | null => {
    const { group } = VERB_TABLE[step.verb];
    const own = step.verb === 'soak' ? 'Soak' : OWN[group];
    if (own) return (ahead = own);
    if (group === 'Cool') return null;
    if (ahead && FED.has(ahead)) return ahead;
    return batchIndex !== null && sweet.has(batchIndex) ? 'Sweeten' : 'Mix';
  });
  names.reverse();
  const phases: { name: PhaseName; steps: StepView[] }[] = [];
  steps.forEach((step, at) => {
    const last = phases.at(-1);
    // Cooling goes with what was done before it.
    const name = names[at] ?? last?.name ?? 'Mix';
    if (last?.name === name) last.steps.push(step);
    else phases.push({ name, steps: [step] });
  });
  return phases;
}
