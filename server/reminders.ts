import { dueAfter, type FitUpTerms, type RetorqueFrom } from '#core/fitting';
import type { Reminder } from '#formats/calendar';
import { rowsOf } from './database/connection';
import { isoDate, rowDate } from './database/dates';
import { jobNumber } from './numbers';
import { readShopDefaults } from './shopDefaults';

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

const LISTED = `
  SELECT id, number, car, updated_at AS "updatedAt", retorque_from AS "retorqueFrom",
    retorque_odometer_km AS "retorqueOdometerKm", fitting_at AS "fittingAt" FROM jobs`;

/**
 * What the shop is to be reminded of: torque to be checked, and fittings that are booked. Jobs that were put away
 * remind of nothing.
 */
export async function shopReminders(now = new Date()): Promise<Reminder[]> {
  const { fitUp } = await readShopDefaults();
  const pending = 'archived_at IS NULL AND (retorque_from IS NOT NULL OR fitting_at > $1)';
  const rows = await rowsOf<Listed>(`${LISTED} WHERE ${pending} ORDER BY number`, [rowDate(now)]);
  return rows.flatMap((row) => remindersOf(row, fitUp, now));
}

/** The reminders of one job; null when there is none of that id. */
export async function jobReminders(
  id: string,
  now = new Date(),
): Promise<{ number: string; reminders: Reminder[] } | null> {
  const [row] = await rowsOf<Listed>(`${LISTED} WHERE id = $1`, [id]);
  if (!row) return null;
  const { fitUp } = await readShopDefaults();
  return { number: jobNumber(row.number), reminders: remindersOf(row, fitUp, now) };
}

function remindersOf(row: Listed, terms: FitUpTerms | undefined, now: Date): Reminder[] {
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
}

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
