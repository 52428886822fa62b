import type { Caliper } from '#core/brake';
import type { Hub } from '#core/hub';
import type { Origin } from '#core/instrument';
import type { CarSensors } from '#core/sensor';
import type { Lies } from '#core/spare';
import type { KnownSuspension } from '#core/suspension';
import type { Obstacle } from '#core/sweep';
import type { Tire } from '#core/tire';
import type { Instrument } from '#core/uncertainty';
import type { Measured } from '#core/units';
import type { Drive } from '#core/verdict';
import type { Room } from './room';
import type { Wheel } from './wheel';

/** A passenger car, or a truck, van or SUV: a passenger tire carries less on those. */
export const VEHICLE_CLASSES = ['passenger', 'truck'] as const;

/** The wheels that the speed is taken from. */
export const SPEED_SOURCES = ['driven', 'front', 'rear', 'all'] as const;

/** A car as it was read. */
export interface Vehicle {
  label?: string | undefined;
  drive?: Drive | undefined;
  class?: (typeof VEHICLE_CLASSES)[number] | undefined;
  flangeMm?: Measured;
  /** Between the hubs of its axles. */
  wheelbaseMm?: Measured;
  topSpeedKmh?: Measured;
  gearing?: Gearing | undefined;
  /** The axle that the speed is taken from; the driven one, assumed, where it is left out. */
  speedFrom?: (typeof SPEED_SOURCES)[number] | undefined;
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

/** Where the spare is carried, and the car’s own spare. */
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

/** What was read of an axle. */
export interface VehicleAxle {
  hub?: Hub | undefined;
  axleRatingKg?: Measured;
  /** Between the middles of the present tires. */
  trackMm?: Measured;
  /** How far the panel over the fender lip leans in, degrees. */
  panelFallDeg?: Measured;
  /** Cold pressure of the present tires. */
  pressureKpa?: Measured;
  /** Two wheels a side, disc on disc. */
  dual?: boolean | undefined;
  baseline?: Baseline | undefined;
  /** Read on the right side. */
  room?: Room | undefined;
  /** What was read on the left side; what is missing is as on the right. */
  left?: { room?: Room | undefined } | undefined;
  suspension?: KnownSuspension | undefined;
  obstacles?: Obstacle[] | undefined;
  caliper?: Caliper | undefined;
  readings?: ReadingRecord[] | undefined;
}

/** What is on an axle now. */
export interface Baseline {
  wheel?: Wheel | undefined;
  stackMm?: Measured;
  /** Spacer between the discs of dual wheels. */
  dualSpacerMm?: Measured;
  tire?: Tire | undefined;
}

/**
 * One reading as it was taken; the field it names holds the value that counts, the list is its history, oldest first.
 */
export interface ReadingRecord extends Origin {
  /** The field within the axle, e.g. `room.outboardGapMm`. */
  key: string;
  value: number | null;
  uncertaintyMm: number | null;
  instrument: Instrument | null;
  takenAt: string;
  /** Taken back by an undo. */
  withdrawn?: boolean | undefined;
}
