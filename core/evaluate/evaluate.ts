import {
  AXLES,
  presentAsSetupAxle,
  type AxleName,
  type Job,
  type Setup,
  type SetupAxle,
  type Vehicle,
} from '#core/job';
import { wordsIn, type LengthUnit, type Words } from '#core/units';
import { worstVerdict, type Check } from '#core/verdict';
import { axleChecks, axleMatchCheck } from './checks';
import { axleFigures } from './figures';
import { fit, type Fitted } from './fitted';
import { hardwareChecks, hardwareOf, mixCheck } from './hardware';
import { vehicleReport } from './hubPattern';
import { positionFigures } from './positionFigures';
import type { AxleReport, Report, SetupReport } from './report';
import { Sheet } from './sheet';

export interface EvaluateOptions {
  /** The unit the working lines are written in; the figures themselves stay in mm. */
  unit?: LengthUnit;
}

/**
 * From readings to verdicts: every figure and check of every setup of a job, with its working. The one road that the screens, the
 * command line, the papers and the tests take.
 * @param job a job that has passed the job file's validation
 * @throws DomainError on nonsense that the validation would have refused
 */
export function evaluate(job: Job, options: EvaluateOptions = {}): Report {
  return {
    format: 'scoval.report',
    version: 1,
    vehicle: { front: vehicleReport(job.vehicle.front?.hub), rear: vehicleReport(job.vehicle.rear?.hub) },
    setups: job.setups.map((setup) => evaluateSetup(job, setup, options)),
  };
}

/** The report of one setup. */
export function evaluateSetup(job: Job, setup: Setup, options: EvaluateOptions = {}): SetupReport {
  const words = wordsIn(options.unit ?? 'mm');
  const front = evaluateAxle(job, 'front', setup, words);
  const rear = evaluateAxle(job, 'rear', setup, words);
  const checks: Check[] = [
    axleMatchCheck(front.tire.overallDiameterMm, rear.tire.overallDiameterMm, job.vehicle.drive ?? null, words),
    ...mixCheck(front.fastening, rear.fastening, { front: setup.front ?? {}, rear: setup.rear ?? {} }, words),
  ];
  return {
    id: setup.id,
    label: setup.label ?? null,
    front,
    rear,
    checks,
    verdict: worstVerdict([front.verdict, rear.verdict, ...checks.map(({ verdict }) => verdict)]),
  };
}

/** The present car judged like a candidate, for laying setups beside it. */
export function evaluatePresent(job: Job, options: EvaluateOptions = {}): SetupReport {
  const present: Setup = { id: 'now', label: 'now' };
  for (const axle of AXLES) present[axle] = presentAsSetupAxle(job.vehicle, axle) ?? {};
  return evaluateSetup(job, present, options);
}

/** What is on an axle now, put together; a stack nobody recorded is taken as none and marked by {@link evaluate}. */
export const fitPresent = (vehicle: Vehicle, axle: AxleName): Fitted =>
  fit(presentAsSetupAxle(vehicle, axle) ?? {}, vehicle.flangeMm);

/** A candidate for an axle, put together. */
export const fitCandidate = (vehicle: Vehicle, candidate: SetupAxle | undefined): Fitted =>
  fit(candidate ?? {}, vehicle.flangeMm);

function evaluateAxle(job: Job, axle: AxleName, setup: Setup, words: Words): AxleReport {
  const vehicleAxle = job.vehicle[axle] ?? {};
  const candidate = fitCandidate(job.vehicle, setup[axle]);
  const present = fitPresent(job.vehicle, axle);
  const wanted = setup[axle] ?? {};
  const hardware = hardwareOf(vehicleAxle.hub, wanted, job.brief);
  const sheet = new Sheet(words, {
    boltPattern: hardware.match,
    centring: hardware.centring,
    fastening: hardware.fastening,
  });
  if (candidate.flangeAssumed) sheet.assumed.push('vehicle.flangeMm');
  if (vehicleAxle.baseline && vehicleAxle.baseline.stackMm == null)
    sheet.assumed.push(`vehicle.${axle}.baseline.stackMm`);
  axleFigures(sheet, candidate);
  positionFigures(sheet, candidate, present, axle, vehicleAxle, setup.suspensionChange?.[axle] ?? null);
  sheet.obstacles = (vehicleAxle.obstacles ?? []).map(({ id }) => ({
    id,
    clearanceMm: null,
    steerDeg: null,
    travelMm: null,
    baselineClearanceMm: null,
    trimMm: null,
    verdict: 'unknown',
  }));
  if (hardware.seatAssumed && hardware.seat) sheet.assumed.push(`setups.${setup.id}.${axle}.stack.seat`);
  if (hardware.hubPattern.circle?.readings.some(({ assumed }) => assumed))
    sheet.assumed.push(`vehicle.${axle}.hub.patternReadings.uncertaintyMm`);
  sheet.checks = [
    ...axleChecks({ job, axle, vehicleAxle, candidate, sheet }),
    ...hardwareChecks(axle, hardware, wanted, job.brief, words),
  ];
  sheet.verdict = worstVerdict(sheet.checks.map(({ verdict }) => verdict));
  return sheet;
}
