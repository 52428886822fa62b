import { AXLES, presentAsSetupAxle, type AxleName, type Job, type Setup } from '#core/job';
import { wordsIn, type LengthUnit, type Words } from '#core/units';
import { limitInForce, worstVerdict, type Check } from '#core/verdict';
import { axleChecks, axleMatchCheck } from './checks';
import { axleFigures } from './figures';
import { dualCheck, dualFigures } from './dualWheels';
import { clampedAsOne, fitCandidate, fitPresent, type Fitted } from './fitted';
import { hardwareChecks, hardwareOf, mixCheck } from './hardware';
import { vehicleReport } from './hubPattern';
import { loadChecks } from './loadChecks';
import { loadFigures } from './loadFigures';
import { massFigures } from './massFigures';
import { positionFigures } from './positionFigures';
import type { AxleReport, Report, SetupReport } from './report';
import { sensorCheck, sensorReport } from './sensors';
import { Sheet } from './sheet';
import { spareCheck, spareReport } from './spare';
import { speedometerCheck, speedometerReport } from './speedometer';

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
  const { vehicle, brief } = job;
  const [frontFit, rearFit] = [fitCandidate(vehicle, 'front', setup.front), fitCandidate(vehicle, 'rear', setup.rear)];
  const [frontNow, rearNow] = [fitPresent(vehicle, 'front'), fitPresent(vehicle, 'rear')];
  const front = evaluateAxle(job, 'front', setup, frontFit, frontNow, words);
  const rear = evaluateAxle(job, 'rear', setup, rearFit, rearNow, words);
  const speedometer = speedometerReport(
    vehicle,
    brief,
    { front, rear },
    {
      front: frontNow.overallDiameterMm,
      rear: rearNow.overallDiameterMm,
    },
  );
  const spare = spareReport(vehicle, setup, { front: frontFit, rear: rearFit });
  const tpms = sensorReport(vehicle, setup);
  const checks: Check[] = [
    axleMatchCheck(
      front.tire.overallDiameterMm,
      rear.tire.overallDiameterMm,
      vehicle.drive ?? null,
      limitInForce('axleMatchPct', brief),
      words,
    ),
    speedometerCheck(vehicle, setup, speedometer, words),
    ...(spare ? [spareCheck(vehicle, setup, spare, words)] : []),
    ...(tpms ? [sensorCheck(tpms)] : []),
    ...mixCheck(front.fastening, rear.fastening, { front: setup.front ?? {}, rear: setup.rear ?? {} }, words),
  ];
  return {
    id: setup.id,
    label: setup.label ?? null,
    front,
    rear,
    speedometer,
    spare,
    tpms,
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

function evaluateAxle(
  job: Job,
  axle: AxleName,
  setup: Setup,
  candidate: Fitted,
  present: Fitted,
  words: Words,
): AxleReport {
  const vehicleAxle = job.vehicle[axle] ?? {};
  const wanted = clampedAsOne(setup[axle] ?? {}, vehicleAxle.dual ?? false);
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
  const load = loadFigures(sheet, job.vehicle, axle, candidate, present);
  massFigures(sheet, candidate, setup[axle] ?? {}, present);
  dualFigures(sheet, candidate);
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
    ...dualCheck(axle, sheet, candidate),
    ...loadChecks(job.vehicle, axle, load, candidate, present, words),
    ...hardwareChecks(axle, hardware, wanted, job.brief, words),
  ];
  sheet.verdict = worstVerdict(sheet.checks.map(({ verdict }) => verdict));
  return sheet;
}
