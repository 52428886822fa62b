import type { Standing } from '#core/standing';
import { listJobs, type JobListItem } from '#server/bench';
import { allJudged } from '#server/standings';

/** The bench once every job on it is judged. */
export async function judgedJobs(): Promise<(Omit<JobListItem, 'standing'> & { standing: Standing })[]> {
  const list = async () =>
    (await listJobs({ search: '', waitsFor: null, archived: false, sort: 'number', descending: false, page: 1 })).jobs;
  await list();
  await allJudged();
  return (await list()).map(({ standing, ...job }) => {
    if (typeof standing === 'string') throw new Error(`${job.number} is ${standing}`);
    return { ...job, standing };
  });
}
