import { dueAfter, type FitUpTerms, type RetorqueFrom } from '#core/fitting';
import { calendarText, type Reminder } from '#formats/calendar';
import { isoDate } from '../database/dates';
import { jobNumber } from '../numbers';

/** What of a job is to be reminded of, as its row has it. */
interface Listed {
  id: string;
  number: number;
  car: string;
  updatedAt: string;
  retorqueFrom: string | null;
  retorqueOdometerKm: number | null;
  fittingAt: string | null;
}

/** What some jobs are to be reminded of, as the database tells it. */
export interface RemindersTold {
  /** Rows of jobs as the text of a list. */
  jobs: string;
  /** The shop's own. */
  terms: FitUpTerms | undefined;
  now: Date;
}

/** Reminders, and what their calendar is called. */
export interface CalendarAsked {
  name: string;
  told: RemindersTold;
}

/** Reminders as a calendar takes them. */
export const calendarFile = ({ name, told }: CalendarAsked): string => calendarText(name, remindersOf(told));

/** Torque to be checked, and fittings that are booked. */
export const remindersOf = ({ jobs, terms, now }: RemindersTold): Reminder[] =>
  (JSON.parse(jobs) as Listed[]).flatMap((row) => {
    const { id, car, retorqueFrom, retorqueOdometerKm, fittingAt } = row;
    const name = `${car || 'Unnamed car'} (${jobNumber(row.number)})`;
    const changedAt = isoDate(row.updatedAt);
    const from = retorqueFrom && { at: isoDate(retorqueFrom), odometerKm: retorqueOdometerKm };
    return [
      ...(from ? [retorqueReminder(`retorque-${id}`, { name, changedAt, from, terms })] : []),
      ...(fittingAt && new Date(fittingAt) > now
        ? [
            {
              id: `fitting-${id}`,
              summary: `Fit-up: ${name}`,
              description: 'The job sheet is at the station Fit-up.',
              at: isoDate(fittingAt),
              isDay: false,
              changedAt,
            },
          ]
        : []),
    ];
  });

interface Due {
  name: string;
  changedAt: string;
  from: RetorqueFrom;
  terms: FitUpTerms | undefined;
}

function retorqueReminder(id: string, { name, changedAt, from, terms }: Due): Reminder {
  const { byDate, byKm } = dueAfter(from, terms);
  return {
    id,
    summary: `Retorque: ${name}`,
    description: byKm === null ? 'The odometer was not read: by date alone.' : `Or at ${byKm} km, what comes first.`,
    at: byDate,
    isDay: true,
    changedAt,
  };
}
