import { shopReminders } from '#server/reminders';
import { calendarFile } from '../papers/calendarFile';
import { stored } from '../stored';

/** What the shop is to be reminded of, for a calendar that asks again. */
export async function loader() {
  return calendarFile('reminders.ics', 'Scoval', await stored(() => shopReminders()));
}
