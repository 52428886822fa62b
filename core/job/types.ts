import type { CarSensors, SensorChoice, SensorSeat } from '#core/sensor';
import type { Lies } from '#core/spare';
import type { StackPiece } from '#core/stack';
import type { Change } from '#core/suspension';
import type { Drive } from '#core/verdict';
import type { BackspacingConvention } from '#core/wheel';
import type { Caliper, InnerFace } from './brake';
import type { Brief, House } from './brief';
import type { Instrument, Measured } from './measured';
import type { Obstacle, Room, Suspension } from './room';

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
  /** The shop's own limits and rules, as they were when the file was written. */
  house?: House | undefined;
  setups: Setup[];
}

export interface Vehicle {
  label?: string | undefined;
  drive?: Drive | undefined;
  class?: 'passenger' | 'truck' | undefined;
  flangeMm?: Measured;
  topSpeedKmh?: Measured;
  gearing?: Gearing | undefined;
  /** The axle that the speed is taken from; the driven one, assumed, where it is left out. */
  speedFrom?: 'driven' | 'front' | 'rear' | 'all' | undefined;
  /** Whether brake and stability control compare the speeds of its wheels; taken as so where it is left out. */
  stabilityControl?: boolean | undefined;
  /** The speedometer compared once with the true speed, on the present tires. */
  speedometer?: { indicatedKmh?: Measured; trueKmh?: Measured } | undefined;
  spare?: Spare | undefined;
  tpms?: CarSensors | undefined;
  front?: VehicleAxle | undefined;
  rear?: VehicleAxle | undefined;
}

/** Ratios between engine and wheels. */
export interface Gearing {
  axleRatio?: Measured;
  /** Of the gear that is engaged; direct drive, 1, is taken where nobody said. */
  gearRatio?: Measured;
}

/** Where the spare is carried, and the spare that is kept. */
export interface Spare {
  /** Across its rim; and across its floor where it tapers. */
  wellDiameterMm?: Measured;
  wellFloorDiameterMm?: Measured;
  wellDepthMm?: Measured;
  /** Room over the well's rim. */
  roomAboveMm?: Measured;
  /** How high over the well's floor the hold-down reaches. */
  holdDownMm?: Measured;
  holdDownThread?: string | undefined;
  lies?: Lies | undefined;
  wheel?: Wheel | undefined;
  tire?: Tire | undefined;
}

/** The form of a lip: conical all the way, or straight with a chamfer at its foot or its end. */
export const LIP_FORMS = ['straight', 'conical', 'chamfered'] as const;
export type LipForm = (typeof LIP_FORMS)[number];

/** What a dry fit showed at a face: no feeler goes in all round, or one does. */
export const DRY_FIT_RESULTS = ['flush', 'gap'] as const;
export type DryFitResult = (typeof DRY_FIT_RESULTS)[number];

/** The faces of a stack that are tried dry, from the hub outward. */
export const DRY_FITS = ['hubToSpacer', 'spacerToSpacer', 'spacerToWheel', 'hubToWheel'] as const;
export type DryFit = { [face in (typeof DRY_FITS)[number]]?: DryFitResult | undefined };

/** A nut is open, or closed with a thread that ends inside. */
export const NUT_FORMS = ['open', 'closed'] as const;

export interface VehicleAxle {
  hub?: Hub | undefined;
  axleRatingKg?: Measured;
  /** Cold pressure of the present tires. */
  pressureKpa?: Measured;
  /** Two wheels a side, disc on disc. */
  dual?: boolean | undefined;
  baseline?: Baseline | undefined;
  /** Read on the right side. */
  room?: Room | undefined;
  /** What was read on the left side; what is missing is as on the right. */
  left?: { room?: Room | undefined } | undefined;
  suspension?: Suspension | undefined;
  obstacles?: Obstacle[] | undefined;
  caliper?: Caliper | undefined;
  readings?: ReadingRecord[] | undefined;
}

export interface Hub {
  lugCount?: Measured;
  boltCircleMm?: Measured;
  patternReadings?: PatternReading[] | undefined;
  boreMm?: Measured;
  lipHeightMm?: Measured;
  /** A cone meets the edge of a square bore before the pad seats. */
  lipForm?: LipForm | undefined;
  /** Diameter of the flange that carries the studs, and of the hole a stud sits in: for redrilling. */
  flangeDiameterMm?: Measured;
  studHoleMm?: Measured;
  fastener?: Fastener | undefined;
}

/** How a rule may lie over two studs or holes. */
export const READ_FROM = ['centres', 'same-edge', 'outer-edges', 'inner-edges', 'center-to-far-edge'] as const;

/** A distance between two studs of a hub, or between two holes of a wheel. */
export interface PatternReading {
  kind: 'opposite' | 'widest' | 'neighbours' | 'apart';
  /** How many studs apart the ends are; with `apart` only. */
  steps?: Measured;
  from: (typeof READ_FROM)[number];
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
  /** Of the nuts that go on studs; the depth of the thread in a closed one. */
  nut?: (typeof NUT_FORMS)[number] | undefined;
  nutDepthMm?: Measured;
}

export interface Baseline {
  wheel?: Wheel | undefined;
  stackMm?: Measured;
  /** Spacer between the discs of dual wheels. */
  dualSpacerMm?: Measured;
  tire?: Tire | undefined;
}

export interface Setup {
  id: string;
  label?: string | undefined;
  front?: SetupAxle | undefined;
  rear?: SetupAxle | undefined;
  suspensionChange?: { front?: SuspensionChange | undefined; rear?: SuspensionChange | undefined } | undefined;
  /** The speedometer is set anew for these tires. */
  speedometerSet?: boolean | undefined;
  /** What is carried as the spare: a wheel of this setup, the one that is kept, or none. */
  spare?: SpareChoice | undefined;
  sensors?: SensorChoice | undefined;
}

export type SpareChoice = 'front' | 'rear' | 'kept' | 'none';

export type SuspensionChange = Change;

export interface SetupAxle {
  wheel?: Wheel | undefined;
  tire?: Tire | undefined;
  stack?: StackPart[] | undefined;
  /** Spacer between the discs of dual wheels. */
  dualSpacerMm?: Measured;
  /** Nuts, bolts or studs that come with the setup; what is left out stays as the hub has it. */
  fastener?: Pick<Fastener, 'thread' | 'lengthMm' | 'seat' | 'nut' | 'nutDepthMm'> | undefined;
  /** What a dry fit showed, face by face. */
  dryFit?: DryFit | undefined;
  /** The same said of all faces at once. */
  dryFitFlush?: boolean | undefined;
}

export interface Wheel extends SensorSeat {
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
  massKg?: Measured;
  innerFace?: InnerFace | undefined;
}

export interface Tire {
  size?: string | undefined;
  /** Make and model. */
  label?: string | undefined;
  sectionWidthMm?: Measured;
  /** The rim on which that section was measured or is listed; this wheel where it is left out. */
  testRimIn?: Measured;
  overallDiameterMm?: Measured;
  /** From the ground to the wheel's center, the car standing on it. */
  staticLoadedRadiusMm?: Measured;
  treadWidthMm?: Measured;
  loadIndex?: Measured;
  /** Load index in dual fitment. */
  loadIndexDual?: Measured;
  speed?: string | undefined;
  /** Marked M+S or for severe snow. */
  snow?: boolean | undefined;
  loadRange?: string | undefined;
  /** The maker's least distance between the centrelines of dual tires. */
  minDualSpacingMm?: Measured;
  massKg?: Measured;
}

export interface StackPart extends StackPiece {
  label?: string | undefined;
  massKg?: Measured;
  innerBoreMm?: Measured;
  boreDepthMm?: Measured;
  boreForm?: Wheel['boreForm'];
  /** Height of its own lip on the wheel side. */
  lipMm?: Measured;
  lipForm?: LipForm | undefined;
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
