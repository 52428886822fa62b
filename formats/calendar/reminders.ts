import { ICalCalendar } from 'ical-generator';

/** Something that a calendar is to remind of. */
export interface Reminder {
  /** The same for the same thing, so that a calendar that asks again knows it. */
  id: string;
  summary: string;
  description: string;
  /** ISO 8601. A day is told without its time. */
  at: string;
  isDay: boolean;
  /** When it was last changed. */
  changedAt: string;
}

/** How long something lasts that begins at a time, in hours. */
const LASTS_HOURS = 2;

/** A calendar of reminders as an iCalendar file (RFC 5545). */
export function calendarText(name: string, reminders: readonly Reminder[]): string {
  const calendar = new ICalCalendar({ name, prodId: { company: 'scoval', product: 'scoval', language: 'EN' } });
  for (const { id, summary, description, at, isDay, changedAt } of reminders) {
    const start = new Date(at);
    calendar.createEvent({
      id: `${id}@scoval`,
      summary,
      description,
      start,
      ...(isDay ? { allDay: true } : { end: new Date(start.getTime() + LASTS_HOURS * 3_600_000) }),
      stamp: new Date(changedAt),
    });
  }
  return calendar.toString();
}
