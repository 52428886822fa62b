import { nanoid } from 'nanoid';
import { jobRetorqueFrom } from '#core/fitting';
import { AXLES, customerText, type Job } from '#core/job';
import { waitsFor } from '#core/standing';
import { wholeJob } from '#formats/openJob';
import { database, write } from './database/connection';
import { readShopDefaults } from './shopDefaults';
import { JobRow, ReadingRow } from './database/models';
import { openJob } from './openJob';

/** Somebody has seen what other rules made of a job's verdicts. */
export async function rulesSeen(id: string): Promise<void> {
  await write((transaction) => JobRow.update({ rulesMoved: null }, { where: { id }, silent: true, transaction }));
}

/** What a row keeps beside the document so that lists need not read it. */
export function columnsOf(job: Job) {
  const retorque = jobRetorqueFrom(job);
  const last = job.fittings?.at(-1);
  return {
    title: job.title ?? '',
    car: job.vehicle.label ?? '',
    customer: customerText(job),
    document: job,
    waitsFor: waitsFor(job),
    setupCount: job.setups.length,
    standing: null,
    retorqueFrom: retorque && new Date(retorque.at),
    retorqueOdometerKm: retorque?.odometerKm ?? null,
    isFitted: job.fittings?.some(({ finishedAt }) => finishedAt != null) ?? false,
    comparedFittings: null,
    fittingAt: last && last.finishedAt == null ? new Date(last.startedAt) : null,
  };
}

/** Takes a job in, with the history of readings that its file carries. */
export async function createJob(job: Job): Promise<string> {
  return write(async (transaction) => {
    const last = (await JobRow.max<number | null, JobRow>('number', { transaction })) ?? 0;
    const row = await JobRow.create(
      { id: nanoid(10), number: last + 1, revision: 1, ...columnsOf(withoutReadings(withoutShopDefaults(job))) },
      { transaction },
    );
    await ReadingRow.bulkCreate(
      AXLES.flatMap((corner) =>
        (job.vehicle[corner]?.readings ?? []).map((reading) => ({
          ...reading,
          withdrawn: reading.withdrawn ?? false,
          takenAt: new Date(reading.takenAt),
          jobId: row.id,
          corner,
          revision: 1,
        })),
      ),
      { transaction },
    );
    return row.id;
  });
}

/**
 * The whole job as a file carries it: its document and the history of its readings; null when there is none of that id.
 */
export async function exportJob(id: string): Promise<{ number: string; job: Job } | null> {
  const open = await openJob(id);
  if (!open) return null;
  return { number: open.number, job: wholeJob(open, await readShopDefaults()) };
}

/** A job that comes from another shop is judged by this one's limits. */
function withoutShopDefaults({ house: _, ...job }: Job): Job {
  return job;
}

function withoutReadings(job: Job): Job {
  const vehicle = { ...job.vehicle };
  for (const corner of AXLES) {
    if (!vehicle[corner]?.readings) continue;
    const { readings: _, ...axle } = vehicle[corner];
    vehicle[corner] = axle;
  }
  return { ...job, vehicle };
}

/** A copy of a job, readings and all, under the next number. */
export async function duplicateJob(id: string): Promise<string | null> {
  const original = await exportJob(id);
  if (!original) return null;
  const title = `${original.job.title || 'Untitled'} copy`.slice(0, 120);
  return createJob({ ...original.job, title });
}

/** Puts a job away or brings it back; its data stay as they are. */
export async function archiveJob(id: string, archived: boolean): Promise<boolean> {
  const stamp = { archivedAt: archived ? new Date() : null };
  const [changed] = await write((transaction) => JobRow.update(stamp, { where: { id }, silent: true, transaction }));
  return changed > 0;
}

/** Whether there is any job at all. */
export async function hasJobs(): Promise<boolean> {
  await database();
  return (await JobRow.count()) > 0;
}
