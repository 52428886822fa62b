import { AXLES, type AxleName, type Job } from '#core/job';
import { evaluate, type EvaluateOptions } from '../evaluate';
import { remediesOf, type AxleRemedies } from './remedies';
import { wholeOf, type Report, type SetupReport } from '#core/evaluate';
import { windowAround, windowOf, type FitWindow, type TireRule } from './window';

/** What a report may carry beyond verdicts. */
export interface Beyond {
  /** What would make each setup fit. */
  remedies?: boolean | undefined;
  /** The window around each setup, with the tire by a rule. */
  window?: TireRule | undefined;
}

/** A report with what was asked for beyond it; the window of an axle without rim or offset is null. */
export type FullReport = Omit<Report, 'setups'> & {
  setups: (SetupReport & {
    remedies?: Record<AxleName, AxleRemedies>;
    window?: Record<AxleName, FitWindow | null>;
  })[];
};

/** The report of a job with remedies and windows, where they are asked for. */
export function fullReport(job: Job, { remedies, window }: Beyond, options: EvaluateOptions = {}): FullReport {
  const report = evaluate(job, options);
  const byAxle = <T>(of: (axle: AxleName) => T) =>
    Object.fromEntries(AXLES.map((axle) => [axle, of(axle)])) as Record<AxleName, T>;
  return {
    ...report,
    setups: report.setups.map((one, at) => {
      const setup = job.setups[at]!;
      return {
        ...wholeOf(one),
        ...(remedies ? { remedies: byAxle((axle) => remediesOf({ job, setup, axle, unit: options.unit })) } : {}),
        ...(window
          ? {
              window: byAxle((axle) => {
                const ask = windowAround({ job, setup, axle, rule: window });
                return ask && windowOf({ job, setup, axle, ask });
              }),
            }
          : {}),
      };
    }),
  };
}
