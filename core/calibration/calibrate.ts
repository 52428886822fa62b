import { evaluateSetup, fittingReports, type FittingReport } from '#core/evaluate';
import { CORNERS, type FittedCorner, type Fitting, type MeasuredFigure } from '#core/fitting';
import type { Job, Setup } from '#core/job';
import { INSTRUMENT_UNCERTAINTY_MM } from '#core/uncertainty';
import { estimateError, type ErrorSeen, type Estimate } from './estimate';
import { FAMILIES, familyOf, PRIOR, type Family } from './family';

/** The shop's own error, family by family. */
export interface Calibration {
  format: 'scoval.calibration';
  families: Record<Family, Estimate>;
}

type Seen = ErrorSeen & { family: Family };

/** How far off the predictions of a shop were, over all finished fittings of its jobs. */
export function calibrate(jobs: Iterable<Job>): Calibration {
  const seen: Seen[] = [];
  for (const job of jobs) if (job.fittings?.some(isFinished)) seen.push(...errorsOf(job));
  return {
    format: 'scoval.calibration',
    families: Object.fromEntries(
      FAMILIES.map((family) => [
        family,
        estimateError(
          seen.filter((one) => one.family === family),
          PRIOR[family],
        ),
      ]),
    ) as Record<Family, Estimate>,
  };
}

const isFinished = ({ finishedAt }: Fitting): boolean => finishedAt != null;

function errorsOf(job: Job): Seen[] {
  const asRead = withMarksRead(job);
  const reportOf = once((setup: Setup) => evaluateSetup(asRead, setup));
  const reports = fittingReports(asRead, reportOf);
  return asRead.fittings!.flatMap((fitting, at) => (isFinished(fitting) ? errorsIn(fitting, reports[at]!) : []));
}

function errorsIn(fitting: Fitting, report: FittingReport): Seen[] {
  return CORNERS.flatMap((corner) => {
    const measured = fitting.corners[corner]?.measured ?? [];
    return (report.corners[corner]?.compared ?? []).flatMap(({ figure, errorMm, plusMinusMm }, at) => {
      const family = familyOf(figure);
      return family === null || errorMm === null || plusMinusMm === null
        ? []
        : [{ family, error: errorMm, plusMinus: plusMinusMm, measuringPlusMinus: readingPlusMinus(measured[at]!) }];
    });
  });
}

/** What is asked again is answered as before. */
function once<A extends object, T>(of: (about: A) => T): (about: A) => T {
  const known = new Map<A, T>();
  return (about) => {
    if (!known.has(about)) known.set(about, of(about));
    return known.get(about)!;
  };
}

/** A reading's own ±, or what its tool is good for. */
const readingPlusMinus = ({ uncertaintyMm, instrument }: MeasuredFigure): number =>
  uncertaintyMm ?? (instrument ? INSTRUMENT_UNCERTAINTY_MM[instrument] : null) ?? 0;

/** A mark is a reading too: the part that made it had no room left in that pose. */
function withMarksRead(job: Job): Job {
  const read = (corner: FittedCorner): FittedCorner => ({
    ...corner,
    measured: [
      ...(corner.measured ?? []),
      ...(corner.marks ?? []).flatMap(({ on, steerDeg, travelMm }) =>
        on ? [{ figure: `obstacle:${on}` as const, valueMm: 0, steerDeg, travelMm }] : [],
      ),
    ],
  });
  return {
    ...job,
    fittings: job.fittings!.map((fitting) => ({
      ...fitting,
      corners: Object.fromEntries(Object.entries(fitting.corners).map(([name, corner]) => [name, read(corner)])),
    })),
  };
}
