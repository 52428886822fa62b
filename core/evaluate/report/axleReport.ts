import type { Centering } from '#core/centering';
import type { Fastening } from '#core/fastener';
import type { Verdict } from '#core/verdict';
import type { Check } from '../check';
import type { BrakeReport } from './brakeReport';
import type { ObstacleReport } from './partReport';

/** What a tire is on its rim. */
export interface TireReport {
  overallDiameterMm: number | null;
  sectionWidthMm: number | null;
  treadWidthMm: number | null;
  measuringRimIn: number | null;
  rimMinIn: number | null;
  rimMaxIn: number | null;
  loadCapacityKg: number | null;
  circumferenceMm: number | null;
  /** The widest and the tallest it may grow in service. */
  serviceWidthMm: number | null;
  serviceDiameterMm: number | null;
  revolutionsPerKm: number | null;
  revolutionsPerMile: number | null;
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
  /** The body over the ground at this axle: tire and suspension change together. */
  bodyHeightChangeMm: number | null;
  /** From the ground to the lowest part of the body at this axle, on the lower side. */
  groundClearanceMm: number | null;
  /** What each wheel must carry. */
  loadNeedKg: number | null;
  /** Cold pressure for the load of the present tires at theirs; an estimate. */
  pressureKpa: number | null;
  /** Of one corner: wheel, tire and stack; both wheels of a dual pair. */
  massKg: number | null;
  massChangeKg: number | null;
  inertiaKgM2: number | null;
  inertiaChangePct: number | null;
  equivalentChangeKg: number | null;
  /** Between the centerlines, and between the sidewalls, of dual wheels. */
  dualSpacingMm: number | null;
  dualGapMm: number | null;
}

/** Gaps of the left side, where it was read for itself. */
export interface SideGaps {
  pokeMm: number | null;
  outboardGapMm: number | null;
  inboardGapMm: number | null;
  archGapMm: number | null;
}

/** What `evaluate` says about an axle of a setup. */
export interface AxleReport extends AxleFigures {
  tire: TireReport;
  boltPattern: { verdict: Verdict; deltaMm: number | null };
  centring: Centering;
  fastening: Fastening;
  brake: BrakeReport;
  obstacles: ObstacleReport[];
  left: SideGaps | null;
  checks: Check[];
  verdict: Verdict;
  /** What was taken as usual because nobody measured it, e.g. `vehicle.flangeMm`. */
  assumed: string[];
  /** The arithmetic of each figure, by its name. */
  working: Partial<Record<keyof AxleFigures | keyof TireReport, string[]>>;
}
