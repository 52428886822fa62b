import { AXLES, type Job, type Wheel } from '#core/job';
import { pathText, type Fault } from '#formats/faults';

/** The most of each that a job takes: far above what any car needs, and no more than is judged while people wait. */
const MOST = {
  setups: 60,
  /** Parts around a wheel, an axle. */
  parts: 60,
  /** Points of a part. */
  points: 200,
  /** Corners of an outline, or of one of the lines of an inner face. */
  corners: 1000,
  /** Points and corners of the whole job. */
  inAll: 20_000,
} as const;

interface Size {
  path: (string | number)[];
  what: string;
  count: number;
  most: number;
}

function sizesOf(job: Job): Size[] {
  const sizes: Size[] = [{ path: ['setups'], what: 'setups', count: job.setups.length, most: MOST.setups }];
  const line = (path: (string | number)[], what: 'points' | 'corners', points: readonly unknown[] | undefined) => {
    if (points) sizes.push({ path, what, count: points.length, most: MOST[what] });
  };
  const face = (path: (string | number)[], wheel: Wheel | undefined) => {
    for (const key of ['barrel', 'spoke'] as const)
      line([...path, 'innerFace', key], 'corners', wheel?.innerFace?.[key]);
  };
  for (const axle of AXLES) {
    const at = ['vehicle', axle];
    const { obstacles, caliper, baseline } = job.vehicle[axle] ?? {};
    if (obstacles) sizes.push({ path: [...at, 'obstacles'], what: 'parts', count: obstacles.length, most: MOST.parts });
    obstacles?.forEach(({ points }, index) => line([...at, 'obstacles', index, 'points'], 'points', points));
    line([...at, 'caliper', 'outline'], 'corners', caliper?.outline);
    face([...at, 'baseline', 'wheel'], baseline?.wheel);
    job.setups.forEach((setup, index) => face(['setups', index, axle, 'wheel'], setup[axle]?.wheel));
  }
  const inAll = sizes.reduce((sum, { what, count }) => (what === 'setups' || what === 'parts' ? sum : sum + count), 0);
  sizes.push({ path: [], what: 'points and corners in all', count: inAll, most: MOST.inAll });
  return sizes;
}

/**
 * What of a job is more than is taken. Of a job that is changed only what has grown: one that was taken in when more
 * was can still be worked on, and made smaller.
 */
export function boundFaults(job: Job, before?: Job): Fault[] {
  const over = sizesOf(job).filter(({ count, most }) => count > most);
  if (over.length === 0) return [];
  const had = new Map((before ? sizesOf(before) : []).map(({ path, count }) => [path.join('.'), count]));
  return over
    .filter(({ path, count }) => count > (had.get(path.join('.')) ?? 0))
    .map(({ path, what, count, most }) => ({
      path: pathText(path),
      message: `has ${count} ${what}; ${most} are taken`,
    }));
}
