import { rowsOf } from './database/connection';
import { rowDate } from './database/dates';
import { jobNumber } from './numbers';
import { readShopDefaults } from './shopDefaults';
import type { RemindersTold } from './work/reminders';

/** What of a job is to be reminded of. */
const LISTED = `
  json_object('id', id, 'number', number, 'car', car, 'updatedAt', updated_at, 'retorqueFrom', retorque_from,
    'retorqueOdometerKm', retorque_odometer_km, 'fittingAt', fitting_at)`;

const OF_THE_SHOP = `
  SELECT json_group_array(json(listed)) AS jobs FROM (
    SELECT ${LISTED} AS listed FROM jobs
    WHERE archived_at IS NULL AND (retorque_from IS NOT NULL OR fitting_at > $1) ORDER BY number)`;

const OF_A_JOB = `SELECT number, json_array(${LISTED}) AS jobs FROM jobs WHERE id = $1`;

/**
 * What the shop is to be reminded of: torque to be checked, and fittings that are booked. Jobs that were put away
 * remind of nothing.
 */
export async function shopReminders(now = new Date()): Promise<RemindersTold> {
  const { fitUp: terms } = await readShopDefaults();
  const [told] = await rowsOf<{ jobs: string }>(OF_THE_SHOP, [rowDate(now)]);
  return { jobs: told!.jobs, terms, now };
}

/** What one job is to be reminded of; null when there is none of that id. */
export async function jobReminders(
  id: string,
  now = new Date(),
): Promise<{ number: string; told: RemindersTold } | null> {
  const [row] = await rowsOf<{ number: number; jobs: string }>(OF_A_JOB, [id]);
  if (!row) return null;
  const { fitUp: terms } = await readShopDefaults();
  return { number: jobNumber(row.number), told: { jobs: row.jobs, terms, now } };
}
