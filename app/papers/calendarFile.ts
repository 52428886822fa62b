import type { Reminder } from '#formats/calendar';
import { inWorker } from '#server/work/pool';

/** Reminders as a calendar takes them. */
export const calendarFile = async (file: string, name: string, reminders: readonly Reminder[]): Promise<Response> =>
  new Response(await inWorker('calendar', { name, reminders }), {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Content-Disposition': `inline; filename="${file}"`,
      'Cache-Control': 'no-cache',
    },
  });
