import type { AxleName, Job, Setup, Vehicle } from '#core/job';
import type { Swept } from '#core/sweep';
import type { ObstacleSpreads } from '../spread';

/** The sweeps of an axle: null where nothing can be swept, undefined while nobody has. */
export interface AxleSweeps {
  present: Swept | null | undefined;
  candidate: Swept | null | undefined;
}

/** Where an evaluation has its sweeps from: run at once, made by a worker meanwhile, or not wanted. */
export interface SweepSource {
  /** The present wheel past the parts it was measured by. */
  present(vehicle: Vehicle, axle: AxleName): Swept | null | undefined;
  candidate(job: Job, setup: Setup, axle: AxleName): Swept | null | undefined;
  /** How sure the clearances are: to be asked when it is wanted; undefined while nobody has drawn it. */
  spread?(job: Job, setup: Setup, axle: AxleName): (() => ObstacleSpreads) | undefined;
  /** The same as far as a verdict needs it; what `spread` says where it is left out. */
  sure?(job: Job, setup: Setup, axle: AxleName): (() => ObstacleSpreads) | undefined;
}
