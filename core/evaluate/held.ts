import { AXLES, type AxleName } from '#core/job';
import { bindingCheck, type Check } from '#core/verdict';
import type { SetupReport } from './report';

/** A check with the axle it belongs to; null for one that concerns the whole car. */
export interface PlacedCheck extends Check {
  axle: AxleName | null;
}

/** All checks of a setup, front, rear and whole car. */
export const allChecks = (report: SetupReport): PlacedCheck[] => [
  ...AXLES.flatMap((axle) => report[axle].checks.map((check) => ({ ...check, axle }))),
  ...report.checks.map((check) => ({ ...check, axle: null })),
];

/** What holds a setup: its worst check, of all axles. */
export const heldBy = (report: SetupReport): PlacedCheck | null => bindingCheck(allChecks(report));
