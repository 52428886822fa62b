import { presentSetup, type AxleName, type Job, type Setup, type Vehicle } from '#core/job';
import { costOf } from '#core/cost';
import { wordsIn, type UnitChoice } from '#core/units';
import { RULES_VERSION } from '#core/verdict';
import { sensorReport, spareReport, speedometerReport, type ByAxle } from './car';
import { judgeAll } from './check';
import { CAR_CHECKS } from './checks';
import { assumedOf, evaluateAxle } from './evaluateAxle';
import { fittingReports } from './fittings';
import { fitCandidate, fitPresent, type Fitted } from './fit';
import { EachAxle } from './eachAxle';
import { JudgedSetup } from './judgedSetup';
import { axleParts } from './parts';
import { briefContradictions, contradictionsOf, hubReport } from './readings';
import type { AxleReport, Report, SetupReport, VehicleReport } from './report';
import { RUN_SWEEPS, type SweepSource } from './sweeps';

export interface EvaluateOptions {
  /** The unit the working lines are written in; the figures themselves stay in mm. */
  unit?: UnitChoice;
  /** Where the sweeps come from; they are run when it is left out. */
  sweeps?: SweepSource;
  /** The report of an axle that was made already, of the same setup there. */
  known?: Partial<ByAxle<AxleReport>>;
}

/**
 * From readings to verdicts: every figure and check of every setup of a job, with its working. The one road that the
 * screens, the command line, the papers and the tests take.
 * @param job a job that has passed the job file's validation
 * @throws DomainError on nonsense that the validation would have refused
 */
export function evaluate(job: Job, options: EvaluateOptions = {}): Report {
  const setups = job.setups.map((setup) => evaluateSetup(job, setup, options));
  return {
    format: 'scoval.report',
    version: 1,
    rules: RULES_VERSION,
    vehicle: { front: vehicleReport(job.vehicle, 'front', options), rear: vehicleReport(job.vehicle, 'rear', options) },
    brief: { contradictions: briefContradictions(job) },
    setups,
    fittings: fittingReports(job, (setup) => setups[job.setups.indexOf(setup)]!),
  };
}

/** What the readings of an axle say of themselves. */
export function vehicleReport(vehicle: Vehicle, axle: AxleName, options: EvaluateOptions = {}): VehicleReport {
  const { resolved } = axleParts(vehicle, axle);
  const swept = (options.sweeps ?? RUN_SWEEPS).present(vehicle, axle);
  return {
    ...hubReport(vehicle[axle]?.hub),
    suspension: { assumed: resolved.geometry ? assumedOf(resolved) : [], missing: resolved.missing ?? [] },
    contradictions: contradictionsOf({ vehicle, axle, swept, words: wordsIn(options.unit ?? 'mm') }),
  };
}

/** The report of one setup; each axle is judged when it is first read, and what concerns the whole car too. */
export function evaluateSetup(job: Job, setup: Setup, options: EvaluateOptions = {}): SetupReport {
  const words = wordsIn(options.unit ?? 'mm');
  const { vehicle, brief } = job;
  const source = options.sweeps ?? RUN_SWEEPS;
  const fits = new EachAxle((axle) => fitCandidate(vehicle, axle, setup[axle]));
  const present = new EachAxle((axle) => fitPresent(vehicle, axle));
  const axles = new EachAxle(
    (axle) =>
      options.known?.[axle] ??
      evaluateAxle({ job, axle, setup, candidate: fits[axle], present: present[axle], source, words }),
  );
  return new JudgedSetup(setup, axles, {
    car() {
      const [next, now] = [diameters(fits), diameters(present)];
      const speedometer = speedometerReport({ vehicle, brief, next, now });
      const spare = spareReport(vehicle, setup, fits);
      const tpms = sensorReport(vehicle, setup);
      const checks = judgeAll(CAR_CHECKS, { job, setup, axles, next, now, speedometer, spare, tpms, words }, null);
      return { speedometer, spare, tpms, checks };
    },
    cost: () => costOf({ job, setup, words }),
  });
}

const diameters = ({ front, rear }: ByAxle<Fitted>): ByAxle<number | null> => ({
  front: front.overallDiameterMm,
  rear: rear.overallDiameterMm,
});

/**
 * The present car judged like a candidate, for laying setups beside it; it is swept as it was measured, without
 * allowances.
 */
export function evaluatePresent(job: Job, options: EvaluateOptions = {}): SetupReport {
  const source = options.sweeps ?? RUN_SWEEPS;
  const sweeps: SweepSource = { ...source, candidate: (_job, _setup, axle) => source.present(job.vehicle, axle) };
  return evaluateSetup(job, presentSetup(job), { ...options, sweeps });
}
