import { evaluateSetup, type SetupReport } from '#core/evaluate';
import type { Job, Setup } from '#core/job';
import type { LengthUnit } from '#core/units';

interface Kept {
  vehicle: Job['vehicle'];
  brief: Job['brief'];
  unit: LengthUnit;
  report: SetupReport;
}

const kept = new WeakMap<Setup, Kept>();

/** The report of a setup; computed anew only when the setup, the car or the brief is another object, which an edit makes it. */
export function reportOf(job: Job, setup: Setup, unit: LengthUnit): SetupReport {
  const known = kept.get(setup);
  if (known && known.vehicle === job.vehicle && known.brief === job.brief && known.unit === unit) return known.report;
  const report = evaluateSetup(job, setup, { unit });
  kept.set(setup, { vehicle: job.vehicle, brief: job.brief, unit, report });
  return report;
}
