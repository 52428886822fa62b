import { calendarText, type Reminder } from '#formats/calendar';

/** Reminders as a calendar takes them. */
export const calendarFile = (file: string, name: string, reminders: readonly Reminder[]): Response =>
  new Response(calendarText(name, reminders), {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Content-Disposition': `inline; filename="${file}"`,
      'Cache-Control': 'no-cache',
    },
  });
