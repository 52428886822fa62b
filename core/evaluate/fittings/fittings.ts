import { compare, CORNERS, keptPrediction } from '#core/fitting';
import type { Job } from '#core/job';
import type { FittingReport, SetupReport } from '../report';
import { predictionAt } from './prediction';

/**
 * Every fitting of a job, its measured figures against the predictions that were kept when it was begun; where none was
 * kept, against the setup as it is now.
 */
export function fittingReports(job: Job, setups: readonly SetupReport[]): FittingReport[] {
  return (job.fittings ?? []).map(({ id, kind, corners }) => ({
    id,
    kind,
    corners: Object.fromEntries(
      CORNERS.flatMap((corner) => {
        const fitted = corners[corner];
        if (!fitted) return [];
        const at = job.setups.findIndex((setup) => setup.id === fitted.setup);
        const [setup, report] = [job.setups[at], setups[at]];
        const compared = (fitted.measured ?? []).map((measured) =>
          compare(
            measured,
            keptPrediction(fitted, measured) ??
              (setup && report ? predictionAt({ job, setup, report, corner }, measured) : undefined),
          ),
        );
        return [[corner, { setup: fitted.setup, compared }] as const];
      }),
    ),
  }));
}
