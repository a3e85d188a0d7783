import type { HabitsRecord } from '@wellhydra/contract';
import { formatNumber } from '@wellhydra/core/quantity';

/** What each kind of process is called, and what its factor means. */
const PROCESSES: Readonly<Record<string, { readonly name: (of: string) => string; readonly of: string }>> = {
  evaporation: { name: (of) => `Steam from the ${of}`, of: 'steam' },
  burner: { name: (of) => `Heat of ${of}`, of: 'heat' },
  strainer: { name: (of) => `Kept back: ${STRAINED[of] ?? of}`, of: 'liquid kept back' },
  cooling: { name: (of) => `Cooling, ${of}`, of: 'time' },
  press: { name: (of) => `Juice of ${of.replaceAll('-', ' ')}`, of: 'juice' },
};
const STRAINED: Readonly<Record<string, string>> = {
  drain: 'strainer',
  press: 'pressed',
  cloth: 'squeezed cloth',
  mill: 'mill',
};

export interface HabitView {
  readonly key: string;
  readonly name: string;
  readonly words: string;
  readonly points: HabitsRecord['curves'][number]['points'];
}

/** A factor as people say it: "12 % more steam than the tables, ± 9 %". */
function factorWords(factor: number, high: number, of: string): string {
  const percent = Math.round(100 * (factor - 1));
  const margin = Math.max(1, Math.round(100 * (high / factor - 1)));
  const difference =
    percent === 0
      ? `as much ${of} as`
      : `${formatNumber(Math.abs(percent))} % ${percent > 0 ? 'more' : 'less'} ${of} than`;
  return `${difference} the tables say, ± ${margin} %`;
}

/** Habits as they are shown, what is known best first. */
export function habitsView({ curves }: HabitsRecord): readonly HabitView[] {
  return curves
    .flatMap(({ key, points }): HabitView[] => {
      const [process = '', ...rest] = key.split(':');
      const last = points.at(-1);
      const known = PROCESSES[process];
      if (!known || !last || isUntold(points)) return [];
      return [{ key, name: known.name(rest.join(':')), words: factorWords(last.factor, last.high, known.of), points }];
    })
    .sort((a, b) => widthOf(a) - widthOf(b));
}

/** A habit that many brews asked for and none of their readings told anything about. */
const isUntold = (points: HabitView['points']): boolean =>
  points.length > 3 && Math.abs(points.at(-1)!.factor - 1) < 0.01 && points.at(-1)!.high / points[0]!.high > 0.97;

const widthOf = ({ points }: HabitView): number => points.at(-1)!.high / points.at(-1)!.low;
