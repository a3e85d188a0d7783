import { planLanes, type Lane, type PlanProblem, type Schedule } from '@wellhydra/core/plan';
import { momentWords } from '../../../domain/words/moment-words';
import { inSentence } from '../../../domain/words/step-words';
import { MINUTE_ms } from '../problem/plan-problem';

/** A cook, a burner or a pot through the plan. */
export interface LaneView {
  readonly key: string;
  readonly label: string;
  readonly is: 'cook' | 'burner' | 'pot';
  /** There is one less than this lane needs. */
  readonly short: boolean;
  readonly blocks: readonly BlockView[];
  /** All of it in words. */
  readonly spoken: string;
}

/** A drink on a lane. */
export interface BlockView {
  readonly key: string;
  readonly from: Date;
  readonly to: Date;
  readonly name: string;
  readonly words: string;
}

/** A stretch in which nobody is up. */
export interface Night {
  readonly from: Date;
  readonly to: Date;
}

interface Planned {
  readonly problem: PlanProblem;
  readonly schedule: Schedule;
  readonly begin: Date;
}

const NAMES = { cook: 'Cook', burner: 'Burner', pot: 'Pot' } as const;

/** Each cook, and each burner and pot that is used, as a lane of the plan. */
export function lanesView(
  { problem, schedule, begin }: Planned,
  pots: readonly { readonly name: string }[],
): readonly LaneView[] {
  const names = new Map(problem.drinks.map(({ id, name }) => [id, name || 'Unnamed drink']));
  const at = (minutes: number) => new Date(begin.getTime() + minutes * MINUTE_ms);
  const view = (is: LaneView['is'], there: number, named: (index: number) => string) => (lane: Lane, index: number) => {
    const blocks = lane.map(({ drink, title, from_min, to_min }): BlockView => {
      const [from, to, name] = [at(from_min), at(to_min), names.get(drink)!];
      const when = `${momentWords(from, begin)} to ${momentWords(to, begin)}`;
      const words = is === 'pot' ? `${name}, ${when}` : `${name}: ${inSentence(title)}, ${when}`;
      return { key: `${drink} ${from_min}`, from, to, name, words };
    });
    const short = index >= there;
    const label = short ? `One ${is} too few` : named(index);
    const spoken = `${label}: ${blocks.length === 0 ? 'free' : blocks.map(({ words }) => words).join('; ')}`;
    return { key: `${is} ${index}`, label, is, short, blocks, spoken };
  };
  const numbered = (is: 'cook' | 'burner', many: number) => (index: number) =>
    many === 1 ? NAMES[is] : `${NAMES[is]} ${index + 1}`;
  const lanes = planLanes(problem, schedule);
  const burners = Number.isFinite(problem.burners) ? problem.burners : lanes.burners.length;
  const potName = (index: number) => {
    const name = pots[index]?.name ?? NAMES.pot;
    return name.charAt(0).toUpperCase() + name.slice(1);
  };
  const all = [
    ...lanes.cooks.map(view('cook', problem.cooks, numbered('cook', problem.cooks))),
    ...lanes.burners.map(view('burner', burners, numbered('burner', burners))),
    ...lanes.pots.map(view('pot', lanes.pots.length, potName)),
  ];
  // Nobody is planned around a burner that stays cold.
  return all.filter(({ is, blocks }) => is === 'cook' || blocks.length > 0);
}

/** When nobody is up. */
export const nightsOf = ({ problem, begin }: Omit<Planned, 'schedule'>): readonly Night[] =>
  problem.sleeps.map(({ from_min, to_min }) => ({
    from: new Date(begin.getTime() + from_min * MINUTE_ms),
    to: new Date(begin.getTime() + to_min * MINUTE_ms),
  }));
