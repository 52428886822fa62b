import { bindingCheck, type Check } from '#core/verdict';
import type { SetupReport } from './report';

/** All checks of a setup, front, rear and whole car. */
export const allChecks = (report: SetupReport): Check[] => [
  ...report.front.checks,
  ...report.rear.checks,
  ...report.checks,
];

/** What holds a setup: its worst check, of all axles. */
export const heldBy = (report: SetupReport): Check | null => bindingCheck(allChecks(report));
