import { evaluatePresent, evaluateSetup, type SetupReport } from '#core/evaluate';
import type { Job, Setup, Vehicle } from '#core/job';
import type { LengthUnit } from '#core/units';

interface Kept {
  vehicle: Job['vehicle'];
  brief: Job['brief'];
  unit: LengthUnit;
  report: SetupReport;
}

const kept = new WeakMap<Setup | Vehicle, Kept>();

/** A report that is kept with an object and computed anew only when the car, the brief or the unit is another one. */
function keptWith(key: Setup | Vehicle, job: Job, unit: LengthUnit, compute: () => SetupReport): SetupReport {
  const known = kept.get(key);
  if (known && known.vehicle === job.vehicle && known.brief === job.brief && known.unit === unit) return known.report;
  const report = compute();
  kept.set(key, { vehicle: job.vehicle, brief: job.brief, unit, report });
  return report;
}

/** The report of a setup; an edit makes the setup another object, so what was not touched is not computed again. */
export const reportOf = (job: Job, setup: Setup, unit: LengthUnit): SetupReport =>
  keptWith(setup, job, unit, () => evaluateSetup(job, setup, { unit }));

/** The report of the present car. */
export const presentReportOf = (job: Job, unit: LengthUnit): SetupReport =>
  keptWith(job.vehicle, job, unit, () => evaluatePresent(job, { unit }));
