import type { Analysis } from '@wellhydra/core/analyse';
import { lineFromStep } from '@wellhydra/core/drink';
import { planNeeds } from '@wellhydra/core/plan';
import ical, { ICalAlarmType } from 'ical-generator';
import { createHash } from 'node:crypto';

const MINUTE_ms = 60_000;
const DAY_ms = 86_400_000;
/** Somebody is told this long before hands are needed, s. */
const TOLD_BEFORE_s = 300;

/**
 * A drink as an iCalendar file: an event for each task that needs hands, with a reminder, and the day on which it is to
 * be used up.
 *
 * @param analysis of the drink
 * @param begin of the first step
 * @returns the file, folded and escaped as RFC 5545 asks; the same drink and beginning give the same events
 */
export function drinkCalendarFile(analysis: Analysis, begin: Date): string {
  const { drink, keeping } = analysis;
  const { tasks } = planNeeds(analysis, drink.steps.map(lineFromStep));
  const calendar = ical({ name: drink.name, prodId: '//Wellhydra//Drink//EN' });
  const idOf = (what: string) =>
    createHash('sha256').update(`${drink.name}\n${begin.toISOString()}\n${what}`).digest('hex').slice(0, 32);
  let clock = begin.getTime();
  tasks.forEach(({ minutes, hands, title }, index) => {
    const start = new Date(clock);
    clock += minutes * MINUTE_ms;
    if (!hands) return;
    const event = calendar.createEvent({
      id: idOf(`task ${index}`),
      stamp: begin,
      summary: `${drink.name}: ${title}`,
      start,
      end: new Date(clock),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: TOLD_BEFORE_s });
  });
  if (keeping && keeping.days > 0)
    calendar.createEvent({
      id: idOf('use up'),
      stamp: begin,
      summary: `${drink.name}: use up today`,
      start: new Date(clock + keeping.days * DAY_ms),
      allDay: true,
    });
  return calendar.toString();
}
