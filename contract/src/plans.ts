import { timestamp } from './common';
import { list, object, text, type Of } from './schema';

/** Something of a plan that needs hands. */
const calendarEvent = object({ id: text(100), title: text(300), begin: timestamp(), end: timestamp() });
export type CalendarEvent = Of<typeof calendarEvent>;

export const PLAN_LIMITS = { events: 500 } as const;

export const planCalendar = object({ events: list(calendarEvent, { least: 1, most: PLAN_LIMITS.events }) });
export type PlanCalendar = Of<typeof planCalendar>;
