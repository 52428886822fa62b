import { createHash, randomBytes } from 'node:crypto';
import { nanoid } from 'nanoid';
import { Op } from 'sequelize';
import { database, write } from '../database/connection';
import { DeviceRow } from '../database/models';

/** How long a device stays let in. */
export const STAY_MS = 30 * 24 * 3_600_000;
/** Being seen is noted no more often than this. */
const NOTE_MS = 5 * 60_000;

/** A device that was let in, as the shop sees it. */
export interface Device {
  id: string;
  label: string;
  since: string;
  seen: string;
}

/** What a device carries is kept by its hash alone: whoever reads the database comes in by nothing in it. */
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Lets a device in. @returns what it carries from now on */
export async function letIn(label: string): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  await write((transaction) =>
    DeviceRow.create({ id: nanoid(10), tokenHash: hashOf(token), label, seenAt: new Date() }, { transaction }),
  );
  return token;
}

/** The device that carries a token and was let in within the last 30 days; null for any other. */
export async function deviceOf(token: string): Promise<Device | null> {
  await database();
  const row = await DeviceRow.findOne({ where: { tokenHash: hashOf(token) } });
  if (!row || Date.now() - row.createdAt.getTime() > STAY_MS) return null;
  if (Date.now() - row.seenAt.getTime() > NOTE_MS)
    await write((transaction) => row.update({ seenAt: new Date() }, { transaction }));
  return asDevice(row);
}

const asDevice = ({ id, label, createdAt, seenAt }: DeviceRow): Device => ({
  id,
  label,
  since: createdAt.toISOString(),
  seen: seenAt.toISOString(),
});

/** Every device that is in, the one seen last first; those whose time is over are forgotten. */
export async function listDevices(): Promise<Device[]> {
  await write((transaction) =>
    DeviceRow.destroy({ where: { createdAt: { [Op.lt]: new Date(Date.now() - STAY_MS) } }, transaction }),
  );
  return (await DeviceRow.findAll({ order: [['seenAt', 'DESC']] })).map(asDevice);
}

/** Shows a device the door. */
export async function endDevice(id: string): Promise<void> {
  await write((transaction) => DeviceRow.destroy({ where: { id }, transaction }));
}

/** Shows every device the door, as a new pass-phrase does. */
export async function endAllDevices(): Promise<void> {
  await write((transaction) => DeviceRow.destroy({ where: {}, transaction }));
}
