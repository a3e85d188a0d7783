import { POT_FULL, brewRecipe, brewState, brewTimeline, runBrew } from '@wellhydra/core/brew';
import { VERB_TABLE, batchSteps, needsStove } from '@wellhydra/core/drink';
import { FRIDGE_ROOM_L } from '@wellhydra/core/kitchen';
import { planNeeds, type PlanDrink, type PlanProblem, type Sleep } from '@wellhydra/core/plan';
import { usedDocuments } from '../../../domain/run/used-documents';
import { stepTitle } from '../../../domain/words/step-words';
import type { RunContext } from '../../../domain/run/run-context';
import { eventsOf, type Brews } from '../../../domain/brews/brews';
import type { OnShelf, PlannedDrink } from './planned-drinks';
import type { Plan } from '@wellhydra/contract';

export const MINUTE_ms = 60_000;
const DAY_min = 1440;
/** So long a drink that is not to be kept may stand before it is drunk. */
const DRUNK_WITHIN_min = 60;
/** Nights are kept to so far ahead. */
const NIGHTS = 35;

const minutesFrom = (begin: Date, iso: string): number => (Date.parse(iso) - begin.getTime()) / MINUTE_ms;

function sleepsFrom(begin: Date, { bed_min, up_min }: Plan): readonly Sleep[] {
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
    const tasks = steps
      .filter(({ is }) => is !== 'done')
      .map(({ from, to, waiting, verb }) => ({
        minutes: Math.max(0, (to.getTime() - Math.max(begin.getTime(), from.getTime())) / MINUTE_ms),
        hands: !waiting,
        awake: !waiting || VERB_TABLE[verb].attention === 'near',
        burner: needsStove(verb),
        pot: needsStove(verb) || VERB_TABLE[verb].pot === 'taken',
        fridge: VERB_TABLE[verb].tool === 'fridge',
        title: verb,
      }))
      .filter(({ minutes }) => minutes > 0);
    if (tasks.length === 0) return [];
    return [
      {
        id: `brew ${brew.id}`,
        ...planNeeds(run.analysis, []),
        name: recipe.document.name,
        tasks,
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
  readonly plan: Plan;
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

/** The whole request as a problem for the planner, minutes counted from `begin`. */
export function planProblem(
  planned: readonly PlannedDrink[],
  context: RunContext,
  { plan, brews, shelf, begin }: PlanSetting,
): PlanProblem {
  const drinks = planned.map(({ request, document, analysis }): PlanDrink => {
    const used = new Set(usedDocuments(document, context.documents).map(({ name }) => name));
    return {
      id: request.id,
      name: document.name,
      ...planNeeds(analysis, batchSteps(document).map(stepTitle)),
      readyBy_min: minutesFrom(begin, request.readyBy),
      // What is not to be kept is drunk when it is done.
      keeps_min: Math.max(DRUNK_WITHIN_min, (analysis.keeping?.days ?? 1) * DAY_min),
      after: planned
        .filter((each) => each.request !== request && used.has(each.document.name))
        .map((each) => each.request.id),
      pinned_min: request.pinned === null ? null : Math.max(0, minutesFrom(begin, request.pinned)),
    };
  });
  const { pots, usualPot, burners } = context.settings;
  const usual = pots.findIndex(({ name }) => name === usualPot);
  return {
    drinks: [...drinks, ...underWay(brews, begin)],
    cooks: plan.cooks,
    burners: burners.length || Infinity,
    pots_mL: pots.length > 0 ? pots.map(({ holds_mL }) => POT_FULL * holds_mL) : [Infinity],
    ...(usual >= 0 ? { usualPot: usual } : {}),
    fridge_mL: fridgeRoom(context, shelf),
    sleeps: sleepsFrom(begin, plan),
  };
}
