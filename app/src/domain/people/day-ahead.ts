import type { BottleRecord } from '@wellhydra/contract';
import { doseStandings, personAt, spoonDoses, type Household } from '@wellhydra/core/household';
import {
  intakeOf,
  intakeSum,
  linesCrossedBy,
  scaledIntake,
  type Intake,
  type LineStanding,
} from '@wellhydra/core/people';
import { WEEK_days, dayStart, hadOn, type Had } from './drunk';

/** What somebody drinks besides a plan: the kitchen's plans, what was poured in a week, and what is on the shelf. */
export interface Drinking {
  readonly household: Household;
  readonly had: readonly Had[];
  readonly bottles: readonly BottleRecord[];
  readonly now: Date;
}

const isDay = (at: Date, day: Date): boolean => dayStart(at).getTime() === dayStart(day).getTime();

/** What so much of a drink brings, by its bottle on the shelf; nothing where there is none. */
function broughtBy(drinkId: string, volume_mL: number, bottles: readonly BottleRecord[]): readonly Intake[] {
  const bottle = bottles.find((each) => each.drinkId === drinkId && each.facts);
  return bottle?.facts ? [intakeOf(bottle.facts, volume_mL / bottle.serving_mL)] : [];
}

/** What plans still bring somebody on a day, but for one that is named. */
export function plannedOn(day: Date, personId: string, known: Drinking, except?: string): Intake {
  const { household, had, bottles, now } = known;
  return intakeSum(
    Object.entries(household.spoonPlans).flatMap(([planId, plan]) => {
      if (planId === except || !plan.people[personId]) return [];
      const pours = had.filter(({ pour }) => pour.personId === personId && pour.drinkId === plan.drinkId);
      const open = isDay(day, now)
        ? doseStandings(
            plan,
            personId,
            pours.map(({ pour }) => new Date(pour.pouredAt)),
            now,
          ).filter(({ at, is }) => isDay(at, day) && (is === 'due' || is === 'ahead'))
        : spoonDoses(plan).filter((at) => isDay(at, day));
      return broughtBy(plan.drinkId, open.length * plan.amount_mL, bottles);
    }),
  );
}

/** What somebody drinks on a usual day besides what is taken by plan: the mean of the days before today. */
export function usualDay(personId: string, { household, had, now }: Drinking): Intake {
  const planned = new Set(Object.values(household.spoonPlans).map(({ drinkId }) => drinkId));
  const days = Array.from({ length: WEEK_days - 1 }, (_each, index) => dayStart(now, index + 1));
  const free = had.filter(({ pour }) => !planned.has(pour.drinkId));
  const all = intakeSum(days.flatMap((day) => hadOn(free, personId, day)).map(({ intake }) => intake));
  return scaledIntake(all, 1 / days.length);
}

/** What somebody drinks on a day besides a plan that is thought of: today what they had, else what is usual. */
export const besidesOn = (day: Date, personId: string, known: Drinking, except?: string): Intake =>
  intakeSum([
    plannedOn(day, personId, known, except),
    ...(isDay(day, known.now)
      ? hadOn(known.had, personId, day).map(({ intake }) => intake)
      : [usualDay(personId, known)]),
  ]);

/** Lines that what is still to be taken today crosses for somebody, with all they had. */
export function crossedByToday(personId: string, known: Drinking): readonly LineStanding[] {
  const person = known.household.people[personId];
  if (!person) return [];
  const had = intakeSum(hadOn(known.had, personId, known.now).map(({ intake }) => intake));
  return linesCrossedBy(personAt(person, known.now), had, plannedOn(known.now, personId, known));
}
