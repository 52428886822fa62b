import type { Sensitivity } from '#core/evaluate';
import type { AxleName, Job, Setup, Vehicle } from '#core/job';
import type { Swept } from '#core/sweep';

/** What a sweep worker can be asked for. */
export type SweepTask =
  { kind: 'present'; vehicle: Vehicle; axle: AxleName } | { kind: 'candidate'; job: Job; setup: Setup; axle: AxleName };

/** The worker as the page sees it. Every call names itself, so that it can be stopped; a stopped one answers with null. */
export interface SweepWork {
  /** `swept` is null where nothing can be swept. */
  sweep(call: number, task: SweepTask, progress: (share: number) => void): Promise<{ swept: Swept | null } | null>;
  sensitivity(
    call: number,
    task: { job: Job; setup: Setup; axle: AxleName },
    progress: (share: number) => void,
  ): Promise<Sensitivity[] | null>;
  stop(call: number): void;
}
