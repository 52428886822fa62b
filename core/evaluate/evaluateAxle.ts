import { leftDiffers, roomOn, type AxleName, type Job, type SetupOnAxle } from '#core/job';
import type { GeometryKey, ResolvedGeometry } from '#core/suspension';
import type { Words } from '#core/units';
import { worstVerdict } from '#core/verdict';
import { obstacleReports } from './around';
import { brakeOf } from './brake';
import { judgeAll } from './check';
import { AXLE_CHECKS, type AxleCase } from './checks';
import { clampedAsOne, type Fitted } from './fit';
import { hardwareOf } from './hardware';
import { axleParts, type AxleParts } from './parts';
import { positionFigures } from './position';
import { Sheet, type AxleReport, type SideGaps } from './report';
import { asSureAsShown, roomSpreadAssumed, type ObstacleSpreads } from './spread';
import type { AxleSweeps, SweepSource } from './sweeps';
import { dualFigures, loadFigures, massFigures, tireFigures, wheelFigures } from './tire';

/** What of a job is evaluated. */
export interface AxleAsk extends SetupOnAxle {
  candidate: Fitted;
  present: Fitted;
  source: SweepSource;
  words: Words;
}

/** The report of an axle of a setup: its figures first, then what they are judged by. */
export function evaluateAxle(ask: AxleAsk): AxleReport {
  const { job, axle, setup, candidate, present, source, words } = ask;
  const vehicleAxle = job.vehicle[axle] ?? {};
  const own = setup[axle] ?? {};
  const clamped = clampedAsOne(own, vehicleAxle.dual ?? false);
  const hardware = hardwareOf(vehicleAxle.hub, clamped, job);
  const sheet = new Sheet(words, {
    boltPattern: hardware.match,
    centring: hardware.centring,
    fastening: hardware.fastening,
  });
  if (candidate.flangeAssumed) sheet.assumed.push('vehicle.flangeMm');
  if (vehicleAxle.baseline && vehicleAxle.baseline.stackMm == null)
    sheet.assumed.push(`vehicle.${axle}.baseline.stackMm`);
  wheelFigures(sheet, candidate);
  tireFigures(sheet, candidate);
  const change = setup.suspensionChange?.[axle] ?? null;
  positionFigures({ job, axle, vehicleAxle, candidate, present, change, sheet });
  const left = leftDiffers(vehicleAxle) ? new Sheet(words, sheet) : null;
  if (left) {
    const onLeft = { ...vehicleAxle, room: roomOn(vehicleAxle, 'left') };
    positionFigures({ job, axle, vehicleAxle: onLeft, candidate, present, change, sheet: left });
    sheet.left = sideGaps(left);
  }
  const load = loadFigures({ sheet, vehicle: job.vehicle, axle, candidate, present });
  massFigures({ sheet, candidate, stack: own.stack ?? [], present });
  dualFigures(sheet, candidate);
  const parts = axleParts(job.vehicle, axle);
  const sweeps: AxleSweeps = {
    present: source.present(job.vehicle, axle),
    candidate: source.candidate(job, setup, axle),
  };
  const tireRadiusMm = candidate.overallDiameterMm === null ? null : candidate.overallDiameterMm / 2;
  const brake = brakeOf({ caliper: vehicleAxle.caliper, fitted: candidate, terms: job, present });
  const spreads = shownBy(job, source.spread?.(job, setup, axle));
  // Written out: an object that begins with another one's fields is several times slower to make.
  const one: AxleCase = {
    job,
    axle,
    vehicleAxle,
    candidate,
    present,
    change,
    sheet,
    left,
    clamped,
    hardware,
    load,
    brake,
    parts,
    sweeps,
    tireRadiusMm,
    spreads,
  };
  sheet.brake = brake.report;
  sheet.obstacles = obstacleReports(one, shownBy(job, source.sure?.(job, setup, axle)) ?? spreads);
  assume(one, setup.id);
  sheet.checks = judgeAll(AXLE_CHECKS, one, axle);
  sheet.verdict = worstVerdict(sheet.checks.map(({ verdict }) => verdict));
  return sheet;
}

/** What is asked of how sure clearances are, as sure as the shop has shown to be. */
const shownBy = (job: Job, spreads: (() => ObstacleSpreads) | undefined): (() => ObstacleSpreads) | undefined =>
  spreads && job.house?.ownError ? () => asSureAsShown(spreads(), job) : spreads;

const sideGaps = ({ pokeMm, outboardGapMm, inboardGapMm, archGapMm }: Sheet): SideGaps => ({
  pokeMm,
  outboardGapMm,
  inboardGapMm,
  archGapMm,
});

/** Marks on the sheet what was taken as usual because nobody measured it. */
function assume({ axle, vehicleAxle, sheet, brake, parts, hardware }: AxleCase, setupId: string): void {
  const { assumed } = sheet;
  const on = `setups.${setupId}.${axle}`;
  if (brake.report.assumed) assumed.push(`${on}.wheel.innerFace`);
  if (roomSpreadAssumed(vehicleAxle)) assumed.push(`vehicle.${axle}.room.uncertaintyMm`);
  if (sheet.obstacles.some(({ insideAssumed }) => insideAssumed)) assumed.push(`${on}.wheel.innerFace`);
  if (sheet.obstacles.length > 0) assumeParts(axle, parts, sheet);
  if (hardware.seatAssumed && hardware.seat) assumed.push(`${on}.stack.seat`);
  if (hardware.hubPattern.circle?.readings.some((reading) => reading.assumed))
    assumed.push(`vehicle.${axle}.hub.patternReadings.uncertaintyMm`);
}

/** What of a suspension nobody measured; its kind too, where that was not said. */
export const assumedOf = (resolved: ResolvedGeometry): ('kind' | GeometryKey)[] =>
  resolved.geometry ? [...(resolved.kindAssumed ? (['kind'] as const) : []), ...resolved.assumed] : [];

/** Marks what the sweep of an axle's parts rests on that nobody measured. */
function assumeParts(axle: AxleName, { resolved }: AxleParts, { assumed, obstacles }: Sheet): void {
  const moves = resolved.geometry !== null && obstacles.some(({ mount }) => mount !== 'knuckle');
  const keys = [
    ...(moves ? assumedOf(resolved).map((key) => `vehicle.${axle}.suspension.${key}`) : []),
    ...obstacles.filter((part) => part.assumed).map(({ id }) => `vehicle.${axle}.obstacles.${id}`),
  ];
  assumed.push(...keys.filter((key) => !assumed.includes(key)));
}
