import type { Centring } from '#core/centring';
import type { Fastening } from '#core/fastener';
import type { PatternCandidate } from '#core/hub';
import type { AxleName } from '#core/job';
import type { Check, Verdict } from '#core/verdict';

/** What `evaluate` says about a job. Full precision; a value that cannot be known is null. Lengths mm, angles degrees. */
export interface Report {
  format: 'scoval.report';
  version: 1;
  /** What the readings of each hub say about its pattern. */
  vehicle: Record<AxleName, VehicleReport>;
  setups: SetupReport[];
}

export interface VehicleReport {
  /** Known patterns that the readings may mean, best first; null without readings. */
  pattern: PatternCandidate[] | null;
  /** The circle they measure, with its ± at 95 %; null without readings. */
  boltCircleMm: number | null;
  uncertaintyMm: number | null;
}

export interface SetupReport {
  id: string;
  label: string | null;
  front: AxleReport;
  rear: AxleReport;
  /** Checks that concern the whole car. */
  checks: Check[];
  verdict: Verdict;
}

export interface TireReport {
  overallDiameterMm: number | null;
  sectionWidthMm: number | null;
  treadWidthMm: number | null;
  measuringRimIn: number | null;
  rimMinIn: number | null;
  rimMaxIn: number | null;
  loadCapacityKg: number | null;
  circumferenceMm: number | null;
}

/** The figures of an axle that stand for themselves. */
export interface AxleFigures {
  effectiveOffsetMm: number | null;
  backspacingOverallMm: number | null;
  backspacingNominalMm: number | null;
  frontspacingMm: number | null;
  overallWidthMm: number | null;
  pokeMm: number | null;
  outboardGapMm: number | null;
  inboardGapMm: number | null;
  archGapMm: number | null;
  outerChangeMm: number | null;
  innerChangeMm: number | null;
  trackChangeMm: number | null;
  scrubRadiusMm: number | null;
  scrubChangeMm: number | null;
  diameterChangePct: number | null;
  trueSpeedAt100: number | null;
  rideHeightChangeMm: number | null;
}

export interface ObstacleReport {
  id: string;
  clearanceMm: number | null;
  steerDeg: number | null;
  travelMm: number | null;
  baselineClearanceMm: number | null;
  trimMm: number | null;
  verdict: Verdict;
}

export interface AxleReport extends AxleFigures {
  tire: TireReport;
  boltPattern: { verdict: Verdict; deltaMm: number | null };
  centring: Centring;
  fastening: Fastening;
  brake: null;
  obstacles: ObstacleReport[];
  checks: Check[];
  verdict: Verdict;
  /** What was taken as usual because nobody measured it, e.g. `vehicle.flangeMm`. */
  assumed: string[];
  /** The arithmetic of each figure, by its name. */
  working: Partial<Record<keyof AxleFigures | keyof TireReport, string[]>>;
}
