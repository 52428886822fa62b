import type { CentringRule } from '#core/centring';
import type { NearPatternRule } from '#core/hub';
import type { StackPiece } from '#core/stack';
import type { SuspensionKind } from '#core/suspension';
import type { Drive } from '#core/verdict';
import type { BackspacingConvention } from '#core/wheel';

/** A number that may be missing: left out or null. */
export type Measured = number | null | undefined;

export type AxleName = 'front' | 'rear';
export const AXLES: readonly AxleName[] = ['front', 'rear'];

export type Seat = 'cone60' | 'ball-r12' | 'ball-r13' | 'ball-r14' | 'flat';

/** A whole job as the job file keeps it. Lengths mm, angles degrees, unless the name says otherwise. */
export interface Job {
  format: 'scoval.job';
  version: 1;
  title?: string | undefined;
  vehicle: Vehicle;
  brief?: Brief | undefined;
  setups: Setup[];
}

export interface Vehicle {
  label?: string | undefined;
  drive?: Drive | undefined;
  class?: 'passenger' | 'truck' | undefined;
  flangeMm?: Measured;
  front?: VehicleAxle | undefined;
  rear?: VehicleAxle | undefined;
}

export interface VehicleAxle {
  hub?: Hub | undefined;
  axleRatingKg?: Measured;
  baseline?: Baseline | undefined;
  room?: Room | undefined;
  suspension?: Suspension | undefined;
  obstacles?: Obstacle[] | undefined;
  caliper?: { outline: AxialPoint[] } | undefined;
  readings?: ReadingRecord[] | undefined;
}

export interface Hub {
  lugCount?: Measured;
  boltCircleMm?: Measured;
  patternReadings?: PatternReading[] | undefined;
  boreMm?: Measured;
  lipHeightMm?: Measured;
  /** A cone meets the edge of a square bore before the pad seats. */
  lipForm?: 'straight' | 'conical' | undefined;
  /** Diameter of the flange that carries the studs, and of the hole a stud sits in: for redrilling. */
  flangeDiameterMm?: Measured;
  studHoleMm?: Measured;
  fastener?: Fastener | undefined;
}

/** A distance between two studs of a hub, or between two holes of a wheel. */
export interface PatternReading {
  kind: 'opposite' | 'widest' | 'neighbours' | 'apart';
  /** How many studs apart the ends are; with `apart` only. */
  steps?: Measured;
  from: 'centres' | 'same-edge' | 'outer-edges' | 'inner-edges';
  valueMm: number;
  studDiameterMm?: Measured;
  uncertaintyMm?: Measured;
  instrument?: Instrument | null | undefined;
}

export interface Fastener {
  kind?: 'stud' | 'bolt' | undefined;
  thread?: string | undefined;
  lengthMm?: Measured;
  seat?: Seat | undefined;
  torqueNm?: Measured;
  threadDepthMm?: Measured;
}

export interface Baseline {
  wheel?: Wheel | undefined;
  stackMm?: Measured;
  tire?: Tire | undefined;
}

export interface Room {
  outboardGapMm?: Measured;
  inboardGapMm?: Measured;
  archGapMm?: Measured;
  uncertaintyMm?: Measured;
}

export interface Suspension {
  kind?: SuspensionKind | undefined;
  lockOutDeg?: Measured;
  lockInDeg?: Measured;
  bumpMm?: Measured;
  droopMm?: Measured;
  kingpinInclinationDeg?: Measured;
  casterDeg?: Measured;
  kingpinOffsetMm?: Measured;
  kingpinForeMm?: Measured;
  camberDeg?: Measured;
  camberGainDegPer100?: Measured;
  lateralPerMm?: Measured;
  lateralPerMm2?: Measured;
}

export interface Obstacle {
  id: string;
  label?: string | undefined;
  mount?: 'body' | 'knuckle' | undefined;
  limitMm?: Measured;
  gap?: ObstacleGap | undefined;
  points?: { out: number; fwd: number; up: number }[] | undefined;
}

export interface ObstacleGap {
  surface: 'tread' | 'outer-sidewall' | 'inner-sidewall' | 'outer-shoulder' | 'inner-shoulder' | 'inner-rim-flange';
  clockDeg: number;
  gapMm: number;
  axialMm?: Measured;
  steerDeg?: Measured;
  travelMm?: Measured;
}

export interface AxialPoint {
  a: number;
  r: number;
}

export interface Brief {
  pokeMm?: { min?: Measured; max?: Measured } | undefined;
  limits?: { inboardMm?: Measured; fullLockMm?: Measured; archMm?: Measured; diameterPct?: Measured } | undefined;
  /** House rules set aside for this job. */
  rules?: { centring?: CentringRule | undefined; nearPatterns?: NearPatternRule | undefined } | undefined;
  /** Prices of the hardware and work that a wish may need, in the shop's currency. */
  prices?: Prices | undefined;
  notes?: string | undefined;
}

export interface Prices {
  currency?: string | undefined;
  adapterEach?: Measured;
  fastenerSetAxle?: Measured;
  redrillWheelEach?: Measured;
  redrillHubEach?: Measured;
  hubSwapEach?: Measured;
}

export interface Setup {
  id: string;
  label?: string | undefined;
  front?: SetupAxle | undefined;
  rear?: SetupAxle | undefined;
  suspensionChange?: { front?: SuspensionChange | undefined; rear?: SuspensionChange | undefined } | undefined;
}

export interface SuspensionChange {
  kind: 'spring' | 'strut-top' | 'body';
  mm: number;
}

export interface SetupAxle {
  wheel?: Wheel | undefined;
  tire?: Tire | undefined;
  stack?: StackPart[] | undefined;
  /** Nuts, bolts or studs that come with the setup; what is left out stays as the hub has it. */
  fastener?: Pick<Fastener, 'thread' | 'lengthMm' | 'seat'> | undefined;
  /** A dry fit has shown that the wheel seats flush on the pad. */
  dryFitFlush?: boolean | undefined;
}

export interface Wheel {
  rimDiameterIn?: Measured;
  rimWidthIn?: Measured;
  offsetMm?: Measured;
  backspacingMm?: Measured;
  backspacingConvention?: BackspacingConvention | undefined;
  lugCount?: Measured;
  boltCircleMm?: Measured;
  boreMm?: Measured;
  /** Straight depth of the bore from the pad, and the form of its edge. */
  boreDepthMm?: Measured;
  boreForm?: 'square' | 'chamfered' | undefined;
  /** How far in from the pad the centre cap reaches. */
  capDepthMm?: Measured;
  seat?: Seat | undefined;
  /** Lug hole and seat diameters. */
  lugHoleMm?: Measured;
  seatDiameterMm?: Measured;
  padThicknessMm?: Measured;
  pocketDepthMm?: Measured;
  ratingKg?: Measured;
  innerFace?: { barrel?: AxialPoint[] | undefined; spoke?: AxialPoint[] | undefined } | undefined;
}

export interface Tire {
  size?: string | undefined;
  sectionWidthMm?: Measured;
  overallDiameterMm?: Measured;
  treadWidthMm?: Measured;
  loadIndex?: Measured;
  speed?: string | undefined;
}

export interface StackPart extends StackPiece {
  label?: string | undefined;
  innerBoreMm?: Measured;
  boreDepthMm?: Measured;
  boreForm?: Wheel['boreForm'];
  /** Height of its own lip on the wheel side. */
  lipMm?: Measured;
  /** Diameter of that lip. */
  outerLipMm?: Measured;
  seatThicknessMm?: Measured;
  /** The studs of an adapter that carry the wheel: thread, length from its outer face, seat of their nuts. */
  thread?: string | undefined;
  studLengthMm?: Measured;
  seat?: Seat | undefined;
  toLugCount?: Measured;
  toBoltCircleMm?: Measured;
  torqueNm?: Measured;
  outerMm?: Measured;
  innerMm?: Measured;
}

/** What a reading was taken with. */
export type Instrument = 'steel-rule' | 'tape' | 'caliper' | 'label' | 'assumed';

/** One reading as it was taken; the field it names holds the value that counts, the list is its history, oldest first. */
export interface ReadingRecord {
  /** The field within the axle, e.g. `room.outboardGapMm`. */
  key: string;
  value: number | null;
  uncertaintyMm: number | null;
  instrument: Instrument | null;
  takenAt: string;
  /** Taken back by an undo. */
  withdrawn?: boolean | undefined;
}
