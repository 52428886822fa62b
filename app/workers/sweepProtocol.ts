import type { Sensitivity } from '#core/advice';
import type { ObstacleSpreads } from '#core/evaluate';
import type { AxleRemedies } from '#core/advice/remedies';
import type { FitWindow, WindowOnAxle } from '#core/advice/window';
import type { AxleName, Vehicle, SetupOnAxle } from '#core/job';
import type { Swept } from '#core/sweep';
import type { UnitChoice } from '#core/units';

/** What a sweep worker can be asked for. */
export type SweepTask = { kind: 'present'; vehicle: Vehicle; axle: AxleName } | (SetupOnAxle & { kind: 'candidate' });

/**
 * The worker as the page sees it. Every call names itself, so that it can be stopped; a stopped one answers with null.
 */
export interface SweepWork {
  /** `swept` is null where nothing can be swept. */
  sweep(call: number, task: SweepTask, progress: (share: number) => void): Promise<{ swept: Swept | null } | null>;
  sensitivity(call: number, task: SetupOnAxle, progress: (share: number) => void): Promise<Sensitivity[] | null>;
  spread(call: number, task: SetupOnAxle, progress: (share: number) => void): Promise<ObstacleSpreads | null>;
  remedies(
    call: number,
    task: SetupOnAxle & { unit: UnitChoice },
    progress: (share: number) => void,
  ): Promise<AxleRemedies | null>;
  window(call: number, task: WindowOnAxle, progress: (share: number) => void): Promise<FitWindow | null>;
  stop(call: number): void;
}
