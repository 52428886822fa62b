import { keptFor } from '#core/kept';
import {
  evaluatePresent,
  evaluateSetup,
  vehicleReport,
  type EvaluateOptions,
  type SetupReport,
  type SweepSource,
  type VehicleReport,
} from '#core/evaluate';
import { AXLES, type AxleName, type Job, type Setup, type Vehicle } from '#core/job';
import type { UnitChoice } from '#core/units';

interface Kept {
  vehicle: Job['vehicle'];
  brief: Job['brief'];
  house: Job['house'];
  unit: UnitChoice;
  swept: unknown[];
  report: SetupReport;
}

const keptOf = keptFor<Setup | Vehicle, { last?: Kept }>(() => ({}));

/**
 * A report that is kept with an object and computed anew only when the car, the brief, the unit or one of its sweeps is
 * another one.
 */
function keptWith({
  key,
  job,
  evaluateOptions: { unit = 'mm' },
  swept,
  compute,
}: {
  key: Setup | Vehicle;
  job: Job;
  evaluateOptions: EvaluateOptions;
  swept: unknown[];
  compute: () => SetupReport;
}): SetupReport {
  const kept = keptOf(key);
  const known = kept.last;
  if (
    known &&
    known.vehicle === job.vehicle &&
    known.brief === job.brief &&
    known.house === job.house &&
    known.unit === unit &&
    known.swept.every((one, index) => one === swept[index])
  )
    return known.report;
  const report = compute();
  kept.last = { vehicle: job.vehicle, brief: job.brief, house: job.house, unit, swept, report };
  return report;
}

const presentSweeps = ({ vehicle }: Job, sweeps: SweepSource) => AXLES.map((axle) => sweeps.present(vehicle, axle));

/** The report of a setup; an edit makes the setup another object, so what was not touched is not computed again. */
export const reportOf = ({
  job,
  setup,
  unit,
  sweeps,
}: {
  job: Job;
  setup: Setup;
  unit: UnitChoice;
  sweeps: SweepSource;
}): SetupReport =>
  keptWith({
    key: setup,
    job,
    evaluateOptions: { unit },
    swept: [
      ...presentSweeps(job, sweeps),
      ...AXLES.flatMap((axle) => [sweeps.candidate(job, setup, axle), sweeps.spread?.(job, setup, axle)]),
    ],
    compute: () => evaluateSetup(job, setup, { unit, sweeps }),
  });

/** The report of the present car. */
export const presentReportOf = (job: Job, unit: UnitChoice, sweeps: SweepSource): SetupReport =>
  keptWith({
    key: job.vehicle,
    job,
    evaluateOptions: { unit },
    swept: presentSweeps(job, sweeps),
    compute: () => evaluatePresent(job, { unit, sweeps }),
  });

/** What the readings of each axle say of themselves. */
export const vehicleReportsOf = (
  vehicle: Vehicle,
  unit: UnitChoice,
  sweeps: SweepSource,
): Record<AxleName, VehicleReport> => ({
  front: vehicleReport(vehicle, 'front', { unit, sweeps }),
  rear: vehicleReport(vehicle, 'rear', { unit, sweeps }),
});
