import { AXLES, type Job, type ShopDefaults } from '#core/job';
import type { OpenJob } from './records';

/** The whole job as a file carries it: its document, the history of its readings, and the shop's own terms if any. */
export function wholeJob({ job, readings }: Pick<OpenJob, 'job' | 'readings'>, house: ShopDefaults): Job {
  const whole: Job = { ...structuredClone(job), ...(Object.keys(house).length > 0 ? { house } : {}) };
  for (const axle of AXLES) {
    const own = readings
      .filter(({ corner }) => corner === axle)
      .map(({ id: _id, corner: _corner, ...reading }) => reading);
    if (own.length > 0) whole.vehicle[axle] = { ...whole.vehicle[axle], readings: own };
  }
  return whole;
}
