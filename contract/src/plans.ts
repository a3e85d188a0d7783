import { expectedRevision, id, timestamp } from './common';
import { integer, list, nullable, object, text, type Of } from './schema';

/** Something of a plan that needs hands. */
const calendarEvent = object({ id: text(100), title: text(300), begin: timestamp(), end: timestamp() });
export type CalendarEvent = Of<typeof calendarEvent>;

export const PLAN_LIMITS = { events: 500, requests: 200, cooks: 9 } as const;

export const planCalendar = object({ events: list(calendarEvent, { least: 1, most: PLAN_LIMITS.events }) });
export type PlanCalendar = Of<typeof planCalendar>;

/** A drink that somebody wants by a time. */
const drinkRequest = object({
  id: id(),
  drinkId: id(),
  readyBy: timestamp().label('Ready by'),
  /** When it is to be begun, where somebody has said so. */
  pinned: nullable(timestamp()),
  /** When the plan that was agreed on begins it. */
  agreed: nullable(timestamp()),
});
export type DrinkRequest = Of<typeof drinkRequest>;

const LAST_MINUTE = 24 * 60 - 1;

/** What is wanted in a kitchen, and who is up when. Times of day are minutes from midnight. */
export const plan = object({
  requests: list(drinkRequest, { most: PLAN_LIMITS.requests, unique: (request) => request.id }),
  cooks: integer(1, PLAN_LIMITS.cooks),
  bed_min: integer(0, LAST_MINUTE),
  up_min: integer(0, LAST_MINUTE),
});
export type Plan = Of<typeof plan>;

/** A plan as it is stored; null while nobody has planned anything. */
export const planRecord = object({ revision: integer(0), plan: nullable(plan) });
export type PlanRecord = Of<typeof planRecord>;

export const savePlan = object({
  /** Revision this edit started from; 0 while nothing was ever saved. */
  expectedRevision: expectedRevision(),
  plan,
});
export type SavePlan = Of<typeof savePlan>;
