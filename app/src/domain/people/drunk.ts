import type { DrunkBrew, DrunkRecord } from '@wellhydra/contract';
import { NO_INTAKE, intakeOf, intakeSum, type Intake } from '@wellhydra/core/people';
import type { Drunk } from './people-endpoints';

/** A pour that somebody had, and what it brought them. */
export interface Had {
  readonly pour: DrunkRecord;
  readonly brew: DrunkBrew;
  readonly intake: Intake;
}

/** What a pour brought: its share of a serving, and what went into the glass. */
export function pourIntake(
  { facts, serving_mL }: Pick<DrunkBrew, 'facts' | 'serving_mL'>,
  volume_mL: number,
  brought: Intake | null = null,
): Intake {
  const own = facts ? intakeOf(facts, volume_mL / serving_mL) : NO_INTAKE;
  return brought ? intakeSum([own, brought]) : own;
}

/** What everybody had, the newest first. */
export const hadOf = ({ pours, brews }: Drunk): readonly Had[] =>
  pours.flatMap((pour) => {
    const brew = brews[pour.brewId];
    return brew ? [{ pour, brew, intake: pourIntake(brew, pour.volume_mL, pour.brought) }] : [];
  });

/** The first moment of a day, so many days before another. */
export const dayStart = (of: Date, daysBefore = 0): Date =>
  new Date(of.getFullYear(), of.getMonth(), of.getDate() - daysBefore);

/** What is asked for of the past: a week with today. */
export const WEEK_days = 7;
export const weekStart = (now: Date): string => dayStart(now, WEEK_days - 1).toISOString();

/** What somebody had on a day. */
export function hadOn(had: readonly Had[], personId: string, day: Date): readonly Had[] {
  const from = dayStart(day).getTime();
  const to = dayStart(day, -1).getTime();
  return had.filter(({ pour }) => {
    const at = Date.parse(pour.pouredAt);
    return pour.personId === personId && at >= from && at < to;
  });
}
