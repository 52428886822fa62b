import type { Corner, FittedFigure } from '#core/fitting';

/** What a step expects to be read, by what was predicted; mm, km/h of a speed. */
export interface Expected {
  figure: FittedFigure;
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
