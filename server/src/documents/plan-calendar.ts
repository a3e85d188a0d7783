import type { PlanCalendar } from '@wellhydra/contract';
import ical, { ICalAlarmType } from 'ical-generator';

/** Somebody is told this long before hands are needed, s. */
const TOLD_BEFORE_s = 300;

/** A plan as an iCalendar file: an event for each task that needs hands, with a reminder. */
export function planCalendarFile({ events }: PlanCalendar): string {
  const calendar = ical({ name: 'Wellhydra plan', prodId: '//Wellhydra//Plan//EN' });
  for (const { id, title, begin, end } of events) {
    const event = calendar.createEvent({ id, summary: title, start: new Date(begin), end: new Date(end) });
    event.createAlarm({ type: ICalAlarmType.display, trigger: TOLD_BEFORE_s });
  }
  return calendar.toString();
}
