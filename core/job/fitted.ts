import type { Job } from './job';

/** Whether a setup has been on the car: then it stays in the job, for its fittings speak of it. */
export const isFitted = ({ fittings = [] }: Pick<Job, 'fittings'>, setupId: string): boolean =>
  fittings.some(({ corners }) => Object.values(corners).some((corner) => corner.setup === setupId));
