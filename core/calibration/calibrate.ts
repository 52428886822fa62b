import { evaluateSetup, fittingReports, type FittingReport } from '#core/evaluate';
import {
  CORNERS,
  FAMILIES,
  familyOf,
  keptPrediction,
  type Corner,
  type Family,
  type FittedCorner,
  type FittedFigure,
  type Fitting,
  type MeasuredFigure,
} from '#core/fitting';
import type { Job, Setup } from '#core/job';
import { INSTRUMENT_UNCERTAINTY_MM } from '#core/uncertainty';
import { estimateError, type ErrorSeen, type Estimate } from './estimate';
import { PRIOR } from './prior';

/** The shop's own error, family by family. */
export interface Calibration {
  format: 'scoval.calibration';
  families: Record<Family, Estimate>;
}

/** How far off one figure was that was read at a finished fitting. Mm; km/h of a speed. */
export interface FittedError extends ErrorSeen {
  family: Family;
  fitting: string;
  corner: Corner;
  figure: FittedFigure;
  predicted: number;
  measured: number;
  /** When it was read, or the fitting was closed. */
  at: string;
}

/** How far off the predictions of a shop were, over all finished fittings of its jobs. */
export function calibrate(jobs: Iterable<Job>): Calibration {
  const seen: FittedError[] = [];
  for (const job of jobs) seen.push(...fittingErrors(job));
  return calibrationOf(seen);
}

/** The same from errors that are known already. */
function calibrationOf(seen: readonly (ErrorSeen & { family: Family })[]): Calibration {
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

/** How far off every figure was that was read at a finished fitting of a job, marks among them. */
export function fittingErrors(job: Job): FittedError[] {
  if (!job.fittings?.some(isFinished)) return [];
  const read = asRead(job);
  const reportOf = once((setup: Setup) => evaluateSetup(read, setup));
  const reports = fittingReports(read, reportOf);
  return read.fittings!.flatMap((fitting, at) => (isFinished(fitting) ? errorsIn(fitting, reports[at]!) : []));
}

function errorsIn(fitting: Fitting, report: FittingReport): FittedError[] {
  return CORNERS.flatMap((corner) => {
    const fitted = fitting.corners[corner];
    const measured = fitted?.measured ?? [];
    return (report.corners[corner]?.compared ?? []).flatMap((row, at): FittedError[] => {
      const { figure, errorMm, plusMinusMm, predictedMm, measuredMm } = row;
      const family = familyOf(figure);
      if (family === null || errorMm === null || plusMinusMm === null) return [];
      const read = measured[at]!;
      return [
        {
          family,
          fitting: fitting.id,
          corner,
          figure,
          predicted: predictedMm!,
          measured: measuredMm,
          at: read.takenAt ?? fitting.finishedAt!,
          error: errorMm,
          plusMinus: plusMinusMm / (keptPrediction(fitted!, read)?.scale ?? 1),
          measuringPlusMinus: readingPlusMinus(read),
        },
      ];
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

/**
 * A job as its own error is worked out of: the ± by themselves, not as the shop's own error has widened them. A mark is
 * a reading too: the part that made it had no room left in that pose.
 */
function asRead(job: Job): Job {
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
    house: { ...job.house, ownError: undefined },
    fittings: job.fittings!.map((fitting) => ({
      ...fitting,
      corners: Object.fromEntries(Object.entries(fitting.corners).map(([name, corner]) => [name, read(corner)])),
    })),
  };
}
