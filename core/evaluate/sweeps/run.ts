import { keptFor, once } from '#core/kept';
import type { AxleName, Job, Vehicle } from '#core/job';
import { sweep, type SweepCase, type Swept } from '#core/sweep';
import { axleParts, candidateCase, obstacleLimit, presentCase } from '../parts';
import { obstacleDoubts, obstacleSpreads } from '../sure';
import type { SweepSource } from './source';

/** Sweeps when asked; the present car's is kept for as long as the car stays the same object. */
export const RUN_SWEEPS: SweepSource = {
  present(vehicle, axle) {
    const known = keptOf(vehicle);
    if (known[axle] === undefined) known[axle] = ran(presentCase(vehicle, axle));
    return known[axle];
  },
  candidate: (job, setup, axle) => ran(candidateCase(job, setup, axle)),
  spread: (job, setup, axle) => once(() => obstacleSpreads(job, setup, axle)),
  sure: (job, setup, axle) => once(() => obstacleDoubts(job, setup, axle)),
};
const keptOf = keptFor<Vehicle, Partial<Record<AxleName, Swept | null>>>(() => ({}));

/** How far away is far enough to say that a part clears, whatever it is held to, mm. */
export const enoughMm = (job: Job, axle: AxleName): number =>
  Math.max(
    0,
    ...axleParts(job.vehicle, axle).parts.map(
      ({ obstacle, placed }) => obstacleLimit({ obstacle, terms: job, axle, placed, tireRadiusMm: 0 }).value,
    ),
  );

/** Sweeps for verdicts alone: parts that stay far are not told exactly. */
export const VERDICT_SWEEPS: SweepSource = {
  present: () => undefined,
  candidate(job, setup, axle) {
    const one = candidateCase(job, setup, axle);
    if (!one) return null;
    return sweep({ ...one, enoughMm: enoughMm(job, axle) });
  },
};

/** The same with how sure they are, as far as a verdict needs it: what lists are judged by. */
export const LIST_SWEEPS: SweepSource = { ...VERDICT_SWEEPS, sure: RUN_SWEEPS.sure! };

/** For figures that are wanted many times over and do not ask what a wheel nears in other poses. */
export const NO_SWEEPS: SweepSource = { present: () => undefined, candidate: () => undefined };

const ran = (one: SweepCase | null): Swept | null => one && sweep(one);
