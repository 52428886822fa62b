import { Op } from 'sequelize';
import { dueAfter, type FitUpTerms, type RetorqueFrom } from '#core/fitting';
import type { Reminder } from '#formats/calendar';
import { database } from './database/connection';
import { JobRow } from './database/models';
import { jobNumber } from './numbers';
import { readShopDefaults } from './shopDefaults';

const LISTED = ['id', 'number', 'car', 'updatedAt', 'retorqueFrom', 'retorqueOdometerKm', 'fittingAt'] as const;
type Listed = Pick<JobRow, (typeof LISTED)[number]>;

/**
 * What the shop is to be reminded of: torque to be checked, and fittings that are booked. Jobs that were put away
 * remind of nothing.
 */
export async function shopReminders(now = new Date()): Promise<Reminder[]> {
  await database();
  const { fitUp } = await readShopDefaults();
  const rows = await JobRow.findAll({
    attributes: [...LISTED],
    where: { archivedAt: null, [Op.or]: [{ retorqueFrom: { [Op.ne]: null } }, { fittingAt: { [Op.gt]: now } }] },
    order: [['number', 'ASC']],
  });
  return rows.flatMap((row) => remindersOf(row, fitUp, now));
}

/** The reminders of one job; null when there is none of that id. */
export async function jobReminders(
  id: string,
  now = new Date(),
): Promise<{ number: string; reminders: Reminder[] } | null> {
  await database();
  const row = await JobRow.findByPk(id, { attributes: [...LISTED] });
  if (!row) return null;
  const { fitUp } = await readShopDefaults();
  return { number: jobNumber(row.number), reminders: remindersOf(row, fitUp, now) };
}

function remindersOf(row: Listed, terms: FitUpTerms | undefined, now: Date): Reminder[] {
  const { id, car, retorqueFrom, retorqueOdometerKm, fittingAt } = row;
  const name = `${car || 'Unnamed car'} (${jobNumber(row.number)})`;
  const changedAt = row.updatedAt.toISOString();
  const from = retorqueFrom && { at: retorqueFrom.toISOString(), odometerKm: retorqueOdometerKm };
  return [
    ...(from ? [retorqueReminder(`retorque-${id}`, { name, changedAt, from, terms })] : []),
    ...(fittingAt && fittingAt > now
      ? [
          {
            id: `fitting-${id}`,
            summary: `Fit-up: ${name}`,
            description: 'The job sheet is at the station Fit-up.',
            at: fittingAt.toISOString(),
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
