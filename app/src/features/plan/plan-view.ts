import { POT_FULL, brewRecipe, brewState, brewTimeline, runBrew } from '@wellhydra/core/brew';
import { STOVE_VERBS, batchSteps } from '@wellhydra/core/drink';
import { FRIDGE_ROOM_L } from '@wellhydra/core/kitchen';
import { planNeeds, type PlanDrink, type PlanProblem, type Schedule, type Sleep } from '@wellhydra/core/plan';
import { showMass } from '../kitchen/units';
import { usedDocuments } from '../drink/analyse-draft';
import { minutesWords } from '../drink/minutes-words';
import { stepTitle } from '../drink/step/step-words';
import type { RunContext } from '../kitchen/run-context';
import { eventsOf, type Brews } from '../make/brews';
import type { OnShelf, PlannedDrink } from './planned-drinks';
import type { Plans, Wish } from './plans';

export const MINUTE_ms = 60_000;
const DAY_min = 1440;
/** Nights are kept to so far ahead. */
const NIGHTS = 35;

const minutesFrom = (begin: Date, iso: string): number => (Date.parse(iso) - begin.getTime()) / MINUTE_ms;

function sleepsFrom(begin: Date, { bed_min, up_min }: Plans): readonly Sleep[] {
  const midnight = new Date(begin.getFullYear(), begin.getMonth(), begin.getDate());
  const offset = (midnight.getTime() - begin.getTime()) / MINUTE_ms;
  const length = (up_min - bed_min + DAY_min) % DAY_min;
  if (length === 0) return [];
  return Array.from({ length: NIGHTS }, (_, day) => {
    const from_min = offset + (day - 1) * DAY_min + bed_min;
    return { from_min, to_min: from_min + length };
  });
}

/** Brews that are under way take up hands and burners already: they stand where they are. */
function underWay(brews: Brews, begin: Date): readonly PlanDrink[] {
  return Object.values(brews.byId).flatMap((brew): PlanDrink[] => {
    const state = brewState(eventsOf(brews, brew.id));
    if (state.stage !== 'making') return [];
    const recipe = brewRecipe(brew.recipe);
    const run = runBrew(recipe, state);
    const { steps, ends } = brewTimeline(recipe, state, run, new Date(brew.startedAt), begin);
    const stretches = steps
      .filter(({ is }) => is !== 'done')
      .map(({ from, to, waiting, verb }) => ({
        minutes: Math.max(0, (to.getTime() - Math.max(begin.getTime(), from.getTime())) / MINUTE_ms),
        hands: !waiting,
        awake: !waiting || STOVE_VERBS.has(verb),
        burner: STOVE_VERBS.has(verb),
        pot: STOVE_VERBS.has(verb) || verb === 'steep',
        fridge: verb === 'chill',
        title: verb,
      }))
      .filter(({ minutes }) => minutes > 0);
    if (stretches.length === 0) return [];
    return [
      {
        id: `brew ${brew.id}`,
        ...planNeeds(run.analysis, []),
        name: recipe.document.name,
        stretches,
        keptCold: false,
        readyBy_min: minutesFrom(begin, ends.toISOString()),
        keeps_min: Infinity,
        after: [],
        pinned_min: 0,
      },
    ];
  });
}

/** What a plan is made in besides the kitchen: who is up, what is under way, what stands in the fridge, from when on. */
export interface PlanSetting {
  readonly plans: Plans;
  readonly brews: Brews;
  readonly shelf: readonly OnShelf[];
  readonly begin: Date;
}

const LITRE_mL = 1000;

/** Room in the fridge beside the bottles that stand there already; a little is always found. */
function fridgeRoom({ settings }: RunContext, shelf: readonly OnShelf[]): number {
  const taken_mL = shelf
    .filter(({ place, remaining_mL }) => place === 'fridge' && remaining_mL > 0)
    .reduce((sum, { volume_mL }) => sum + volume_mL, 0);
  return Math.max(LITRE_mL, LITRE_mL * (settings.fridgeRoom_L ?? FRIDGE_ROOM_L) - taken_mL);
}

/** The whole wish as a problem for the planner, minutes counted from `begin`. */
export function planProblem(
  planned: readonly PlannedDrink[],
  context: RunContext,
  { plans, brews, shelf, begin }: PlanSetting,
): PlanProblem {
  const drinks = planned.map(({ wish, document, analysis }): PlanDrink => {
    const used = new Set(usedDocuments(document, context.documents).map(({ name }) => name));
    return {
      id: wish.id,
      name: document.name,
      ...planNeeds(analysis, batchSteps(document).map(stepTitle)),
      readyBy_min: minutesFrom(begin, wish.readyBy),
      keeps_min: (analysis.keeping?.days ?? 1) * DAY_min,
      after: planned.filter((each) => each.wish !== wish && used.has(each.document.name)).map((each) => each.wish.id),
      pinned_min: wish.pinned === null ? null : Math.max(0, minutesFrom(begin, wish.pinned)),
    };
  });
  const { pots, usualPot, burners } = context.settings;
  const usual = pots.findIndex(({ name }) => name === usualPot);
  return {
    drinks: [...drinks, ...underWay(brews, begin)],
    cooks: plans.cooks,
    burners: burners.length || Infinity,
    pots_mL: pots.length > 0 ? pots.map(({ holds_mL }) => POT_FULL * holds_mL) : [Infinity],
    ...(usual >= 0 ? { usualPot: usual } : {}),
    fridge_mL: fridgeRoom(context, shelf),
    sleeps: sleepsFrom(begin, plans),
  };
}

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
  readonly stretches: readonly {
    readonly from: Date;
    readonly to: Date;
    readonly hands: boolean;
    readonly title: string;
  }[];
}

/** Later than agreed by this much, something was missed. */
const MISSED_min = 5;

function troubleOf(wish: Wish, late_min: number, broken: string | undefined, now: Date): string {
  const missed =
    wish.agreed !== null && now.getTime() - Date.parse(wish.agreed) > MISSED_min * MINUTE_ms
      ? `It was to be begun ${minutesWords((now.getTime() - Date.parse(wish.agreed)) / MINUTE_ms)} ago; planned anew`
      : '';
  const late = late_min > 0 ? `${minutesWords(late_min)} late` : '';
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
    .flatMap(({ wish, document, goesInto }): PlanRow[] => {
      const found = schedule.drinks.find(({ id }) => id === wish.id);
      const drink = problem.drinks.find(({ id }) => id === wish.id);
      if (!found || !drink) return [];
      let clock = found.begin_min;
      const stretches = drink.stretches.map(({ minutes, hands, title }) => {
        const from = at(clock);
        clock += minutes;
        return { from, to: at(clock), hands, title };
      });
      const early_min = drink.readyBy_min - found.end_min;
      const broken = schedule.broken.find(({ id }) => id === wish.id)?.because;
      return [
        {
          id: wish.id,
          drinkId: wish.drinkId,
          name: document.name || 'Unnamed drink',
          begin: at(found.begin_min),
          end: at(found.end_min),
          readyBy: new Date(wish.readyBy),
          pinned: wish.pinned !== null,
          goesInto,
          trouble: troubleOf(wish, found.late_min, broken, now),
          words: [
            early_min >= 1 ? `ready ${minutesWords(early_min)} before` : found.late_min > 0 ? '' : 'ready just in time',
            found.pot !== null && pots[found.pot] ? `in the ${pots[found.pot]!.name}` : '',
          ]
            .filter(Boolean)
            .join(' · '),
          stretches,
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
    .flatMap(({ id, name, stretches }) =>
      stretches
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
  for (const { document, analysis } of planned)
    for (const { line, added_g, step } of analysis.trace.entries) {
      if (!line || added_g === undefined || line.ingredient.role === 'water') continue;
      const known = found.get(line.ingredient.name) ?? { grams: 0, lines: [] };
      known.grams += added_g;
      known.lines.push(`${batchSteps(document)[step]?.text ?? ''} for ${document.name}`);
      found.set(line.ingredient.name, known);
    }
  return [...found]
    .map(([name, { grams, lines }]) => ({ name, total: showMass(grams), lines }))
    .sort((a, b) => a.name.localeCompare(b.name));
}
