import Joi from 'joi';
import { objectOf, text, timestamp } from './common';

/** Something of a plan that needs hands. */
export interface CalendarEvent {
  readonly id: string;
  readonly title: string;
  readonly begin: string;
  readonly end: string;
}
export interface PlanCalendar {
  readonly events: readonly CalendarEvent[];
}

export const PLAN_LIMITS = { events: 500 } as const;

export const planCalendar = objectOf<PlanCalendar>({
  events: Joi.array()
    .items(
      objectOf<CalendarEvent>({
        id: text(100).required(),
        title: text(300).required(),
        begin: timestamp.required(),
        end: timestamp.required(),
      }),
    )
    .min(1)
    .max(PLAN_LIMITS.events)
    .required(),
});
