import type { BottleRecord } from '@wellhydra/contract';
import {
  doseStandings,
  runOut,
  type Dose,
  type RunOut,
  type SpoonPhase,
  type SpoonPlan,
} from '@wellhydra/core/household';
import { durationWords } from '@wellhydra/core/quantity';
import { showVolume } from '../words/units';
import { crossedByToday, type Drinking } from './day-ahead';
import { dayStart, type Had } from './drunk';
import { lineName, standingWords } from './person-words';
import { dayWords } from '../words/moment-words';

/** What somebody takes of a plan. */
export interface SpoonView {
  readonly planId: string;
  readonly personId: string;
  readonly name: string;
  readonly drinkId: string;
  readonly drinkName: string;
  readonly amount: string;
  readonly amount_mL: number;
  /** Of today. */
  readonly doses: readonly (Dose & { readonly clock: string })[];
  /** The one that is to be taken now. */
  readonly due: Dose | null;
  /** "12:00 was missed. 3 a day from tomorrow." */
  readonly words: string;
  /** The bottle it is poured from: the one to be used up first. */
  readonly bottle: BottleRecord | null;
  readonly over: boolean;
  /** What is still to be taken today crosses with all they had: "With what is still to be taken today, sodium …". */
  readonly crosses: string | null;
}

/** How long what is left of a drink lasts the plans for it. */
export interface LastsView {
  readonly drinkId: string;
  readonly drinkName: string;
  readonly out: RunOut;
  readonly batch: string;
  /** "Bottle FE-34 lasts until Thu 10 Dec. Begin the next one by Tue 8 Dec." */
  readonly words: string;
  /** When the next one is to be ready; null where what is left lasts. */
  readonly readyBy: Date | null;
}

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const HOUR_ms = 3_600_000;
/** The next one is begun with a day in hand. */
const IN_HAND_ms = 24 * HOUR_ms;

/** "every 2 h", "3 a day". */
export const phaseWords = (phase: SpoonPhase): string =>
  'every_h' in phase ? `every ${durationWords(60 * phase.every_h)}` : `${phase.timesADay} a day`;

/** When somebody had of a drink. */
const takenBy = (had: readonly Had[], personId: string, drinkId: string): readonly Date[] =>
  had
    .filter(({ pour }) => pour.personId === personId && pour.drinkId === drinkId)
    .map(({ pour }) => new Date(pour.pouredAt));

const isToday = (at: Date, now: Date): boolean => dayStart(at).getTime() === dayStart(now).getTime();

/** The first moment of the day on which each phase begins, and how it is taken. */
const phaseStarts = ({ begins, phases }: SpoonPlan) => {
  let before = 0;
  return phases.map((phase) => {
    const from = dayStart(new Date(begins), -before);
    before += phase.days;
    return { phase, from };
  });
};

function phaseAhead(plan: SpoonPlan, now: Date): string {
  const next = phaseStarts(plan).find(({ from }) => from.getTime() > now.getTime());
  if (!next) return '';
  const tomorrow = dayStart(now, -1).getTime() === next.from.getTime();
  const words = phaseWords(next.phase);
  return `${words.charAt(0).toUpperCase()}${words.slice(1)} from ${tomorrow ? 'tomorrow' : dayWords(next.from)}.`;
}

function wordsOf(plan: SpoonPlan, all: readonly Dose[], today: readonly Dose[], now: Date): string {
  const missed = today.filter(({ is }) => is === 'missed').map(({ at }) => clock.format(at));
  const left = all.filter(({ is }) => is === 'ahead' || is === 'due');
  const last = all.at(-1);
  const ends =
    left.length === 0
      ? 'It is over.'
      : last && !isToday(last.at, now)
        ? `The last one is on ${dayWords(last.at)}.`
        : '';
  return [
    missed.length > 0 ? `${missed.join(', ')} ${missed.length === 1 ? 'was' : 'were'} missed.` : '',
    phaseAhead(plan, now) || ends,
  ]
    .filter(Boolean)
    .join(' ');
}

interface Known extends Drinking {
  /** Names of drinks by their ids. */
  readonly names: ReadonlyMap<string, string>;
}

/** What is still to be taken today brings somebody over, with all they had. */
function crossesWords(personId: string, known: Known): string | null {
  const crossed = crossedByToday(personId, known);
  if (crossed.length === 0) return null;
  const lines = crossed.map((each) => `${lineName(each.line)} ${standingWords(each)}`);
  return `With what is still to be taken today: ${lines.join('; ')}.`;
}

/** Doses of everybody in a plan. */
const dosesOf = (planId: string, { household, had, now }: Known) => {
  const plan = household.spoonPlans[planId]!;
  return Object.keys(plan.people)
    .filter((personId) => household.people[personId])
    .map((personId) => ({
      personId,
      doses: doseStandings(plan, personId, takenBy(had, personId, plan.drinkId), now),
    }));
};

const firstOf = (bottles: readonly BottleRecord[], drinkId: string): BottleRecord | null =>
  [...bottles].filter((bottle) => bottle.drinkId === drinkId).sort((a, b) => a.useBy.localeCompare(b.useBy))[0] ?? null;

/** What everybody takes for days, those who have something to take now first. */
export function spoonViews(known: Known): readonly SpoonView[] {
  const { household, bottles, names, now } = known;
  const crosses = new Map(Object.keys(household.people).map((id) => [id, crossesWords(id, known)] as const));
  return Object.entries(household.spoonPlans)
    .flatMap(([planId, plan]) =>
      dosesOf(planId, known).map(({ personId, doses }): SpoonView => {
        const today = doses.filter(({ at }) => isToday(at, now));
        const left = doses.some(({ is }) => is === 'ahead' || is === 'due');
        return {
          planId,
          personId,
          name: household.people[personId]!.name,
          drinkId: plan.drinkId,
          drinkName: names.get(plan.drinkId) ?? 'A drink that is gone',
          amount: showVolume(plan.amount_mL),
          amount_mL: plan.amount_mL,
          doses: today.map((dose) => ({ ...dose, clock: clock.format(dose.at) })),
          due: today.find(({ is }) => is === 'due') ?? null,
          words: wordsOf(plan, doses, today, now),
          bottle: firstOf(bottles, plan.drinkId),
          over: !left,
          crosses: today.some(({ is }) => is === 'ahead' || is === 'due') ? (crosses.get(personId) ?? null) : null,
        };
      }),
    )
    .sort((a, b) => Number(b.due !== null) - Number(a.due !== null) || a.name.localeCompare(b.name, 'en'));
}

/**
 * How long each drink that is taken for days lasts all who take it.
 *
 * @param minutesOf how long it takes to make one, min; null where it cannot be made
 */
export function lastsViews(known: Known, minutesOf: (drinkId: string) => number | null): readonly LastsView[] {
  const { household, bottles, names } = known;
  const plans = Object.entries(household.spoonPlans);
  return [...new Set(plans.map(([, { drinkId }]) => drinkId))].flatMap((drinkId): LastsView[] => {
    const ahead = plans
      .filter(([, plan]) => plan.drinkId === drinkId)
      .flatMap(([planId, { amount_mL }]) =>
        dosesOf(planId, known).flatMap(({ doses }) =>
          doses.filter(({ is }) => is === 'ahead' || is === 'due').map(({ at }) => ({ at, volume_mL: amount_mL })),
        ),
      );
    if (ahead.length === 0) return [];
    const own = bottles.filter((bottle) => bottle.drinkId === drinkId);
    const out = runOut(
      own.reduce((sum, { remaining_mL }) => sum + remaining_mL, 0),
      ahead,
    );
    const batch = firstOf(bottles, drinkId)?.batch ?? '';
    const what =
      own.length === 0 ? 'There is none left' : own.length === 1 ? `Bottle ${batch}` : `${own.length} bottles`;
    const lasts = own.length === 1 ? 'lasts' : 'last';
    if (out.kind === 'lasts')
      return [
        {
          drinkId,
          drinkName: names.get(drinkId) ?? '',
          out,
          batch,
          words: `${what} ${lasts} to the end of it.`,
          readyBy: null,
        },
      ];
    const minutes = minutesOf(drinkId);
    const begin = minutes === null ? null : new Date(out.at.getTime() - minutes * 60_000 - IN_HAND_ms);
    const words = [
      own.length === 0 ? `${what}.` : `${what} ${lasts} until ${dayWords(out.at)}.`,
      begin ? `Begin the next one ${begin <= known.now ? 'now' : `by ${dayWords(begin)}`}.` : '',
    ];
    return [
      {
        drinkId,
        drinkName: names.get(drinkId) ?? '',
        out,
        batch,
        words: words.filter(Boolean).join(' '),
        readyBy: new Date(Math.max(out.at.getTime() - IN_HAND_ms, known.now.getTime())),
      },
    ];
  });
}
