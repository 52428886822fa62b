import {
  AXLES,
  leftDiffers,
  presentAsSetupAxle,
  roomOn,
  type AxleName,
  type Job,
  type Setup,
  type Vehicle,
} from '#core/job';
import type { GeometryKey, ResolvedGeometry } from '#core/suspension';
import { wordsIn, type UnitChoice, type Words } from '#core/units';
import { limitInForce, RULES_VERSION, worstVerdict, type Check } from '#core/verdict';
import { brakeChecks, brakeOf } from './brake';
import { briefContradictions } from './briefContradictions';
import { axleChecks, axleMatchCheck } from './checks';
import { axleFigures } from './figures';
import { dualCheck, dualFigures } from './dualWheels';
import { clampedAsOne, fitCandidate, fitPresent, type Fitted } from './fitted';
import { hardwareChecks, hardwareOf, mixCheck } from './hardware';
import { contradictionsOf } from './contradictions';
import { axleCover, coverCheck } from './coverage';
import { hubReport } from './hubPattern';
import { insideOf } from './inside';
import { loadChecks } from './loadChecks';
import { loadFigures } from './loadFigures';
import { massFigures } from './massFigures';
import { positionFigures } from './positionFigures';
import { obstacleChecks, obstacleReports } from './obstacles';
import { axleParts, type AxleParts } from './parts';
import type { AxleReport, Report, SetupReport, SideGaps, VehicleReport } from './report';
import { RUN_SWEEPS, type AxleSweeps, type SweepSource } from './sweeps';
import { sensorCheck, sensorReport } from './sensors';
import { Sheet } from './sheet';
import { roomSpreadAssumed } from './spread';
import { spareCheck, spareReport } from './spare';
import { speedometerCheck, speedometerReport } from './speedometer';

export interface EvaluateOptions {
  /** The unit the working lines are written in; the figures themselves stay in mm. */
  unit?: UnitChoice;
  /** Where the sweeps come from; they are run when it is left out. */
  sweeps?: SweepSource;
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
    rules: RULES_VERSION,
    vehicle: { front: vehicleReport(job.vehicle, 'front', options), rear: vehicleReport(job.vehicle, 'rear', options) },
    brief: { contradictions: briefContradictions(job) },
    setups: job.setups.map((setup) => evaluateSetup(job, setup, options)),
  };
}

/** What the readings of an axle say of themselves. */
export function vehicleReport(vehicle: Vehicle, axle: AxleName, options: EvaluateOptions = {}): VehicleReport {
  const { resolved } = axleParts(vehicle, axle);
  const swept = (options.sweeps ?? RUN_SWEEPS).present(vehicle, axle);
  return {
    ...hubReport(vehicle[axle]?.hub),
    suspension: { assumed: resolved.geometry ? assumedOf(resolved) : [], missing: resolved.missing ?? [] },
    contradictions: contradictionsOf(vehicle, axle, swept, wordsIn(options.unit ?? 'mm')),
  };
}

/** The report of one setup. */
export function evaluateSetup(job: Job, setup: Setup, options: EvaluateOptions = {}): SetupReport {
  const words = wordsIn(options.unit ?? 'mm');
  const { vehicle, brief } = job;
  const [frontFit, rearFit] = [fitCandidate(vehicle, 'front', setup.front), fitCandidate(vehicle, 'rear', setup.rear)];
  const [frontNow, rearNow] = [fitPresent(vehicle, 'front'), fitPresent(vehicle, 'rear')];
  const source = options.sweeps ?? RUN_SWEEPS;
  const front = evaluateAxle(job, 'front', setup, frontFit, frontNow, source, words);
  const rear = evaluateAxle(job, 'rear', setup, rearFit, rearNow, source, words);
  const now = diameters({ front: frontNow, rear: rearNow });
  const speedometer = speedometerReport(vehicle, brief, { front, rear }, now);
  const spare = spareReport(vehicle, setup, { front: frontFit, rear: rearFit });
  const tpms = sensorReport(vehicle, setup);
  const checks: Check[] = [
    axleMatchCheck(
      diameters({ front: frontFit, rear: rearFit }),
      now,
      vehicle,
      limitInForce('axleMatchPct', job),
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
    rakeChangeMm:
      front.bodyHeightChangeMm === null || rear.bodyHeightChangeMm === null
        ? null
        : front.bodyHeightChangeMm - rear.bodyHeightChangeMm,
    checks,
    verdict: worstVerdict([front.verdict, rear.verdict, ...checks.map(({ verdict }) => verdict)]),
  };
}

const diameters = ({ front, rear }: Record<AxleName, Fitted>): Record<AxleName, number | null> => ({
  front: front.overallDiameterMm,
  rear: rear.overallDiameterMm,
});

/** The present car judged like a candidate, for laying setups beside it; it is swept as it was measured, without allowances. */
export function evaluatePresent(job: Job, options: EvaluateOptions = {}): SetupReport {
  const present: Setup = { id: 'now', label: 'now' };
  for (const axle of AXLES) present[axle] = presentAsSetupAxle(job.vehicle, axle) ?? {};
  const source = options.sweeps ?? RUN_SWEEPS;
  const sweeps: SweepSource = { ...source, candidate: (_job, _setup, axle) => source.present(job.vehicle, axle) };
  return evaluateSetup(job, present, { ...options, sweeps });
}

function evaluateAxle(
  job: Job,
  axle: AxleName,
  setup: Setup,
  candidate: Fitted,
  present: Fitted,
  source: SweepSource,
  words: Words,
): AxleReport {
  const vehicleAxle = job.vehicle[axle] ?? {};
  const wanted = clampedAsOne(setup[axle] ?? {}, vehicleAxle.dual ?? false);
  const hardware = hardwareOf(vehicleAxle.hub, wanted, job);
  const sheet = new Sheet(words, {
    boltPattern: hardware.match,
    centring: hardware.centring,
    fastening: hardware.fastening,
  });
  if (candidate.flangeAssumed) sheet.assumed.push('vehicle.flangeMm');
  if (vehicleAxle.baseline && vehicleAxle.baseline.stackMm == null)
    sheet.assumed.push(`vehicle.${axle}.baseline.stackMm`);
  axleFigures(sheet, candidate);
  const change = setup.suspensionChange?.[axle] ?? null;
  positionFigures(sheet, candidate, present, axle, vehicleAxle, change);
  const left = leftDiffers(vehicleAxle) ? new Sheet(words, sheet) : null;
  if (left) {
    positionFigures(left, candidate, present, axle, { ...vehicleAxle, room: roomOn(vehicleAxle, 'left') }, change);
    sheet.left = sideGaps(left);
  }
  const load = loadFigures(sheet, job.vehicle, axle, candidate, present);
  massFigures(sheet, candidate, setup[axle] ?? {}, present);
  dualFigures(sheet, candidate);
  const parts = axleParts(job.vehicle, axle);
  const sweeps: AxleSweeps = {
    present: source.present(job.vehicle, axle),
    candidate: source.candidate(job, setup, axle),
  };
  const pokes = [sheet, left].flatMap((side) => side?.pokeMm ?? []);
  const pokeMm = pokes.length > 0 ? Math.max(...pokes) : null;
  const tireRadiusMm = candidate.overallDiameterMm === null ? null : candidate.overallDiameterMm / 2;
  const brake = brakeOf(vehicleAxle.caliper, candidate, job, present);
  sheet.brake = brake.report;
  if (brake.report.assumed) sheet.assumed.push(`setups.${setup.id}.${axle}.wheel.innerFace`);
  sheet.assumed.push(...roomSpreadAssumed(vehicleAxle, axle));
  const spreads = source.spread?.(job, setup, axle);
  const inside = insideOf(candidate);
  const room = {
    job,
    axle,
    parts,
    tireRadiusMm,
    insideAssumed: inside?.assumed ? { backRadiusMm: Math.max(...inside.barrel.map(({ r }) => r)) } : null,
  };
  sheet.obstacles = obstacleReports(room, sweeps, source.sure?.(job, setup, axle) ?? spreads);
  if (sheet.obstacles.some(({ insideAssumed }) => insideAssumed))
    sheet.assumed.push(`setups.${setup.id}.${axle}.wheel.innerFace`);
  sheet.assumed.push(...assumedOfParts(axle, parts, sheet).filter((key) => !sheet.assumed.includes(key)));
  if (hardware.seatAssumed && hardware.seat) sheet.assumed.push(`setups.${setup.id}.${axle}.stack.seat`);
  if (hardware.hubPattern.circle?.readings.some(({ assumed }) => assumed))
    sheet.assumed.push(`vehicle.${axle}.hub.patternReadings.uncertaintyMm`);
  sheet.checks = [
    ...axleChecks({ job, axle, candidate, sheet, left }),
    ...obstacleChecks(room, sheet.obstacles, sweeps, words, spreads),
    ...coverCheck(job, axle, () => axleCover(parts, candidate, change, pokeMm), { candidate, present }, words),
    ...brakeChecks(axle, brake, words),
    ...dualCheck(axle, sheet, candidate, job),
    ...loadChecks(job, axle, load, candidate, present, words),
    ...hardwareChecks(axle, hardware, wanted, job, words),
  ];
  sheet.verdict = worstVerdict(sheet.checks.map(({ verdict }) => verdict));
  return sheet;
}

const sideGaps = ({ pokeMm, outboardGapMm, inboardGapMm, archGapMm }: Sheet): SideGaps => ({
  pokeMm,
  outboardGapMm,
  inboardGapMm,
  archGapMm,
});

/** What of a suspension nobody measured; its kind too, where that was not said. */
const assumedOf = (resolved: ResolvedGeometry): ('kind' | GeometryKey)[] =>
  resolved.geometry ? [...(resolved.kindAssumed ? (['kind'] as const) : []), ...resolved.assumed] : [];

/** What the sweep of an axle's parts rests on that nobody measured. */
function assumedOfParts(axle: AxleName, { resolved }: AxleParts, { obstacles }: Sheet): string[] {
  const moves = resolved.geometry !== null && obstacles.some(({ mount }) => mount !== 'knuckle');
  return [
    ...(moves ? assumedOf(resolved).map((key) => `vehicle.${axle}.suspension.${key}`) : []),
    ...obstacles.filter(({ assumed }) => assumed).map(({ id }) => `vehicle.${axle}.obstacles.${id}`),
  ];
}
