import type { InstrumentMark } from '#core/instrument';
import type { GapReading } from '#core/sweep';
import type { Instrument } from '#core/uncertainty';

/** The corners of a car; a dual axle has an inner wheel a side as well. */
export const CORNERS = ['frontLeft', 'frontRight', 'rearLeft', 'rearRight', 'rearLeftInner', 'rearRightInner'] as const;
export type Corner = (typeof CORNERS)[number];

/** Held against the car with nothing torqued for the road, or for good. */
export const FITTING_KINDS = ['mock-up', 'final'] as const;
export type FittingKind = (typeof FITTING_KINDS)[number];

/** What became of it. */
export const OUTCOMES = ['kept', 'changed', 'taken off'] as const;

/** What is read at a corner once a setup is on it; a part around the wheel has its own behind `obstacle:`. */
export const FITTED_FIGURES = [
  'pokeMm',
  'inboardGapMm',
  'archGapMm',
  'rideHeightMm',
  'brakeSpokeMm',
  'spareProudMm',
  'dualGapMm',
  'trueSpeedAt100',
] as const;
export type FittedFigure = (typeof FITTED_FIGURES)[number] | `obstacle:${string}`;

/** The pose that a part was looked at in; straight ahead and at rest where it is left out. */
interface InPose {
  steerDeg?: number | null | undefined;
  travelMm?: number | null | undefined;
}

/** A figure as it was read on the car: mm, but km/h for the true speed at 100. */
export interface MeasuredFigure extends InPose {
  figure: FittedFigure;
  valueMm: number;
  instrument?: Instrument | null | undefined;
  /** ± at 95 %. */
  uncertaintyMm?: number | null | undefined;
  takenAt?: string | undefined;
  /** The instrument of the shop that it was read with. */
  shopInstrument?: InstrumentMark | undefined;
}

/** What was predicted of it when it was fitted: kept, so that later edits of the setup do not rewrite it. */
export interface PredictedFigure extends InPose {
  figure: FittedFigure;
  valueMm: number | null;
  plusMinusMm: number | null;
  /** What the shop's own error had multiplied that ± by; left out where it had not. */
  scale?: number | undefined;
}

/** One click of a wrench, or a stage that was confirmed by hand. */
export interface TorqueRow {
  /** The wheel's own fasteners, or those that hold an adapter. */
  joint: Joint;
  stage: number;
  /** Counted from the top stud, clockwise, from 1. */
  fastener: number;
  nm: number;
  takenAt: string;
  tool?: (typeof TORQUE_TOOLS)[number] | undefined;
  /** The wrench of the shop that it was pulled with. */
  shopInstrument?: InstrumentMark | undefined;
}
export const JOINTS = ['wheel', 'adapter'] as const;
export type Joint = (typeof JOINTS)[number];
export const TORQUE_TOOLS = ['wrench', 'hand'] as const;

/** Where a part has touched the wheel, and in which pose. */
export interface Mark extends Omit<GapReading, 'gapMm' | 'radiusMm'> {
  id: string;
  lengthMm?: number | null | undefined;
  takenAt?: string | undefined;
  /** The part that did it. */
  on?: string | null | undefined;
  photo?: string | null | undefined;
  note?: string | undefined;
}

/** A step of the sheet as far as it went. */
export interface StepDone {
  doneAt?: string | null | undefined;
  by?: string | undefined;
  result?: string | undefined;
  /** Why it was not needed. */
  notNeeded?: string | undefined;
  note?: string | undefined;
}

/** What went on one corner, and what was found there. */
export interface FittedCorner {
  setup: string;
  steps?: Record<string, StepDone> | undefined;
  predicted?: PredictedFigure[] | undefined;
  measured?: MeasuredFigure[] | undefined;
  torque?: TorqueRow[] | undefined;
  marks?: Mark[] | undefined;
  /** By eye: how it looks, and by how much it should stand further out. */
  look?: { verdict?: string | undefined; byMm?: number | null | undefined } | undefined;
}

/** One attempt to put a setup, or several, on the car. */
export interface Fitting {
  id: string;
  kind: FittingKind;
  startedAt: string;
  finishedAt?: string | null | undefined;
  odometerKm?: number | null | undefined;
  note?: string | undefined;
  corners: Partial<Record<Corner, FittedCorner>>;
  retorque?: Retorque[] | undefined;
  outcome?: (typeof OUTCOMES)[number] | null | undefined;
  /** Why it was changed or taken off. */
  why?: string | undefined;
}

/** A check of torque after the first kilometers. */
export interface Retorque {
  joint: Joint;
  odometerKm?: number | null | undefined;
  doneAt: string;
  /** Fasteners that moved. */
  moved?: number[] | undefined;
}
