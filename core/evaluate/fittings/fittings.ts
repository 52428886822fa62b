import { compare, CORNERS, keptPrediction, type MeasuredFigure } from '#core/fitting';
import type { Job, Setup } from '#core/job';
import type { FittingReport, SetupReport } from '../report';
import { predictionAt } from './prediction';

/**
 * Every fitting of a job, its measured figures against the predictions that were kept when it was begun; where none was
 * kept, against the setup as it is now.
 * @param reportOf asked only for those
 */
export function fittingReports(job: Job, reportOf: (setup: Setup) => SetupReport): FittingReport[] {
  return (job.fittings ?? []).map(({ id, kind, corners }) => ({
    id,
    kind,
    corners: Object.fromEntries(
      CORNERS.flatMap((corner) => {
        const fitted = corners[corner];
        if (!fitted) return [];
        const setup = job.setups.find(({ id }) => id === fitted.setup);
        const now = (measured: MeasuredFigure) =>
          setup && predictionAt({ job, setup, report: reportOf(setup), corner }, measured);
        const compared = (fitted.measured ?? []).map((measured) =>
          compare(measured, keptPrediction(fitted, measured) ?? now(measured)),
        );
        return [[corner, { setup: fitted.setup, compared }] as const];
      }),
    ),
  }));
}
