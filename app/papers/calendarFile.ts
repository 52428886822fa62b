import { inWorker } from '#server/work/pool';
import type { RemindersTold } from '#server/work/reminders';

/** Reminders as a calendar takes them. */
export const calendarFile = async (file: string, name: string, told: RemindersTold): Promise<Response> =>
  new Response(await inWorker('calendar', { name, told }), {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Content-Disposition': `inline; filename="${file}"`,
      'Cache-Control': 'no-cache',
    },
  });
