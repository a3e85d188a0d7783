import { batchSteps } from '@wellhydra/core/drink';
import type { PlanProblem, Schedule } from '@wellhydra/core/plan';
import { durationWords } from '@wellhydra/core/quantity';
import type { TraceEntry } from '@wellhydra/core/simulate';
import { showMass } from '../../domain/words/units';
import { missedWords } from '../../domain/plans/missed';
import type { RunContext } from '../../domain/run/run-context';
import { MINUTE_ms } from './problem/plan-problem';
import type { PlannedDrink } from './problem/planned-drinks';
import type { DrinkRequest } from '@wellhydra/contract';

/** A drink of the plan as it is shown. */
export interface PlanRow {
  readonly id: string;
  readonly drinkId: string;
  readonly name: string;
  readonly begin: Date;
  readonly end: Date;
  readonly readyBy: Date;
  readonly pinned: boolean;
  /** The drink it is made for, where nobody has asked for it by itself. */
  readonly goesInto: string | null;
  /** What is wrong with it, if anything is. */
  readonly trouble: string;
  readonly words: string;
  readonly tasks: readonly {
    readonly from: Date;
    readonly to: Date;
    readonly hands: boolean;
    readonly title: string;
  }[];
}

function troubleOf(request: DrinkRequest, late_min: number, broken: string | undefined, now: Date): string {
  const words = request.agreed === null ? null : missedWords(request.agreed, now);
  const missed = words === null ? '' : `It ${words}; planned anew`;
  const late = late_min > 0 ? `${durationWords(late_min)} late` : '';
  const stands = broken ? `As it is pinned, ${broken}` : '';
  return [missed, stands, late].filter(Boolean).join('. ');
}

export function planRows(
  planned: readonly PlannedDrink[],
  problem: PlanProblem,
  schedule: Schedule,
  pots: RunContext['settings']['pots'],
  { begin, now }: { readonly begin: Date; readonly now: Date },
): readonly PlanRow[] {
  const at = (minutes: number) => new Date(begin.getTime() + minutes * MINUTE_ms);
  return planned
    .flatMap(({ request, document, goesInto }): PlanRow[] => {
      const found = schedule.drinks.find(({ id }) => id === request.id);
      const drink = problem.drinks.find(({ id }) => id === request.id);
      if (!found || !drink) return [];
      let clock = found.begin_min;
      const tasks = drink.tasks.map(({ minutes, hands, title }) => {
        const from = at(clock);
        clock += minutes;
        return { from, to: at(clock), hands, title };
      });
      const early_min = drink.readyBy_min - found.end_min;
      const broken = schedule.broken.find(({ id }) => id === request.id)?.because;
      return [
        {
          id: request.id,
          drinkId: request.drinkId,
          name: document.name || 'Unnamed drink',
          begin: at(found.begin_min),
          end: at(found.end_min),
          readyBy: new Date(request.readyBy),
          pinned: request.pinned !== null,
          goesInto,
          trouble: troubleOf(request, found.late_min, broken, now),
          words: [
            early_min >= 1
              ? `ready ${durationWords(early_min)} before`
              : found.late_min > 0
                ? ''
                : 'ready just in time',
            found.pot !== null && pots[found.pot] ? `in the ${pots[found.pot]!.name}` : '',
          ]
            .filter(Boolean)
            .join(' · '),
          tasks,
        },
      ];
    })
    .sort((a, b) => a.begin.getTime() - b.begin.getTime());
}

/** What hands have to do, in order: the list to go by, and the events of the calendar. */
export interface HandsOn {
  readonly id: string;
  readonly title: string;
  readonly drink: string;
  readonly from: Date;
  readonly to: Date;
}

export const handsOnOf = (rows: readonly PlanRow[]): readonly HandsOn[] =>
  rows
    .flatMap(({ id, name, tasks }) =>
      tasks
        .filter(({ hands }) => hands)
        .map(({ from, to, title }, index) => ({ id: `${id}-${index}`, title, drink: name, from, to })),
    )
    .sort((a, b) => a.from.getTime() - b.from.getTime());

export interface Shopping {
  readonly name: string;
  readonly total: string;
  readonly lines: readonly string[];
}

/** Everything that goes into the drinks of a plan, added up; water comes from the tap. */
export function shoppingOf(planned: readonly PlannedDrink[]): readonly Shopping[] {
  const found = new Map<string, { grams: number; lines: string[] }>();
  const add = ({ line, added_g }: TraceEntry, times: number, words: string): void => {
    if (!line || added_g === undefined || line.ingredient.role === 'water') return;
    const known = found.get(line.ingredient.name) ?? { grams: 0, lines: [] };
    known.grams += added_g * times;
    known.lines.push(words);
    found.set(line.ingredient.name, known);
  };
  for (const { document, analysis } of planned) {
    for (const entry of analysis.trace.entries)
      add(entry, 1, `${batchSteps(document)[entry.step]?.text ?? ''} for ${document.name}`);
    for (const entry of analysis.glass?.entries ?? [])
      add(entry, analysis.serving?.servings ?? 1, `${entry.text} in each glass of ${document.name}`);
  }
  return [...found]
    .map(([name, { grams, lines }]) => ({ name, total: showMass(grams), lines }))
    .sort((a, b) => a.name.localeCompare(b.name));
}
