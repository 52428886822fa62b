import type { Corner, FittedFigure, Joint } from '#core/fitting';

/** What a step expects to be read, by what was predicted; mm, km/h of a speed. */
export interface Expected {
  figure: FittedFigure;
  /** The pose that a part is looked at in; left out straight ahead and at rest. */
  steerDeg?: number;
  travelMm?: number;
  predictedMm: number | null;
  plusMinusMm: number | null;
}

/** One step at the car: why it is there, and the number that goes with it. */
export interface SheetStep {
  id: string;
  /** Null for the whole car. */
  corner: Corner | null;
  text: string;
  because: string;
  expects: Expected | null;
  /** Torque, stage by stage. */
  torqueNm: number[] | null;
}

/** What is done at the car to put a setup on it, in order. */
export interface Sheet {
  format: 'scoval.sheet';
  setup: string;
  steps: SheetStep[];
}

/** What a step tightens; the count is null where it is not known. */
export interface Tightens {
  joint: Joint;
  lugCount: number | null;
}

/** A step as it is gone through at a fitting. */
export interface FittingStep extends SheetStep {
  /** The setup that asks for it. */
  setup: string;
  /** The corner that keeps how far it is; for the whole car, the first one that the setup is on. */
  keptAt: Corner;
  tightens: Tightens | null;
}
