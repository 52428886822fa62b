import type { AxialPoint } from '#core/brake';
import type { Centering } from '#core/centering';
import type { Fastening } from '#core/fastener';
import type { PatternCandidate } from '#core/hub';
import type { Place } from '#core/dual';
import type { AxleName, SpareChoice } from '#core/job';
import type { GeometryKey } from '#core/suspension';
import type { Mount, Side } from '#core/sweep';
import type { BriefContradiction } from './briefContradictions';
import type { Contradiction } from './contradictions';
import type { SensorFit } from '#core/sensor';
import type { Extension } from '#core/spare';
import type { Check, Verdict } from '#core/verdict';

/** What `evaluate` says about a job. Full precision; a value that cannot be known is null. Lengths mm, angles degrees. */
export interface Report {
  format: 'scoval.report';
  version: 1;
  /** The version of the rules it was judged by. */
  rules: string;
  /** What the readings of each hub say about its pattern. */
  vehicle: Record<AxleName, VehicleReport>;
  /** What of the brief cannot be had together. */
  brief: { contradictions: BriefContradiction[] };
  setups: SetupReport[];
}

export interface VehicleReport {
  /** Known patterns that the readings may mean, best first; null without readings. */
  pattern: PatternCandidate[] | null;
  /** The circle they measure, with its ± at 95 %; null without readings. */
  boltCircleMm: number | null;
  uncertaintyMm: number | null;
  /** How its wheels move; null where a kind or its values are missing. */
  suspension: { assumed: ('kind' | GeometryKey)[]; missing: string[] };
  /** Readings of its room that cannot all be true. */
  contradictions: Contradiction[];
}

export interface SetupReport {
  id: string;
  label: string | null;
  front: AxleReport;
  rear: AxleReport;
  speedometer: SpeedometerReport;
  /** Null where no spare is carried or asked for. */
  spare: SpareReport | null;
  /** Null on a car without tire-pressure sensors. */
  tpms: SensorFit | null;
  /** Change of the body's height, front less rear: + nose up. */
  rakeChangeMm: number | null;
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
  /** The widest and the tallest it may grow in service. */
  serviceWidthMm: number | null;
  serviceDiameterMm: number | null;
  revolutionsPerKm: number | null;
  revolutionsPerMile: number | null;
}

/** What speedometer and engine show on a setup. */
export interface SpeedometerReport {
  /** New over present diameter of the axle that is counted. */
  ratio: number | null;
  /** The wheels that the speed is taken from; null where nobody said how the car is driven. */
  from: 'front' | 'rear' | 'both' | null;
  /** That it is the driven axle is assumed. */
  fromAssumed: boolean;
  /** True over shown speed of the car's own reading. */
  ownRatio: number | null;
  points: { shownKmh: number; trueKmh: number | null; leastKmh: number; mostKmh: number }[];
  /** Engine speed at those speeds, driven truly. */
  engine: { speedKmh: number; rpm: number; nowRpm: number | null }[] | null;
  /** Gear ratio taken as 1 because nobody gave it. */
  gearAssumed: boolean;
  /** The arithmetic of the engine speed. */
  working: string[];
}

export interface SpareReport {
  choice: SpareChoice;
  /** Nobody said what is carried; front and rear are alike. */
  assumed: boolean;
  playMm: number | null;
  /** How high over the floor a well that tapers holds it. */
  ridesMm: number | null;
  proudMm: number | null;
  deflate: boolean;
  /** Height over the floor at which it is clamped, and how much longer the hold-down must be. */
  clampMm: number | null;
  longerMm: number | null;
  /** What lengthens it, where its thread is known. */
  extension: Extension | null;
  serves: Place[];
  /** Its diameter against the wheels of each axle, %. */
  differencePct: Record<AxleName, number | null>;
  verdict: Verdict;
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
  /** Between the centrelines, and between the sidewalls, of dual wheels. */
  dualSpacingMm: number | null;
  dualGapMm: number | null;
}

/** What a part leaves of room to a setup, over all steer and travel. */
export interface ObstacleReport {
  id: string;
  label: string;
  /** Null for a part on both sides. */
  side: Side | null;
  mount: Mount;
  /** Made from the readings at rest because nobody measured it. */
  assumed: boolean;
  /** Whether all poses were looked at; else rest alone, or none. */
  swept: boolean;
  /** Least distance, and the pose in which it is. */
  clearanceMm: number | null;
  steerDeg: number | null;
  travelMm: number | null;
  /** Straight ahead, at rest. */
  restMm: number | null;
  /** Short of full lock, told where it touches. */
  beforeLockMm: number | null;
  /** Over all poses, those too that the brief leaves out. */
  allPosesMm: number | null;
  /** At ride height from lock to lock; at full bump, and full droop, straight ahead. */
  lockAtRestMm: number | null;
  bumpMm: number | null;
  droopMm: number | null;
  /** It is nearest to the inside of a wheel that nobody measured. */
  insideAssumed: boolean;
  /** The same for the wheel that is on the car. */
  baselineClearanceMm: number | null;
  limitMm: number;
  /** max(0, limit − clearance): how much would have to give. */
  trimMm: number | null;
  verdict: Verdict;
}

/** Gaps of the left side, where it was read for itself. */
export interface SideGaps {
  pokeMm: number | null;
  outboardGapMm: number | null;
  inboardGapMm: number | null;
  archGapMm: number | null;
}

/** Two places that are nearest to each other, in the half section: a from the hub face, r from its axis. */
export interface NearPlaces {
  caliper: AxialPoint;
  wheel: AxialPoint;
}

/** The room of the brake in the wheel; null without an outline, or without that part of the wheel's inner face. */
export interface BrakeReport {
  spokeMm: number | null;
  barrelMm: number | null;
  weightMm: number | null;
  /** The thinnest stack, in all, with which everything known clears by its limit; null where none does. */
  stackToClearMm: number | null;
  spokeAt: NearPlaces | null;
  barrelAt: NearPlaces | null;
  weightAt: NearPlaces | null;
  /** The wheel's face is its family's, not measured. */
  assumed: boolean;
  verdict: Verdict;
}

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
