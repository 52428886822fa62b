import type { Fault } from '#formats/faults';

/** A place in a drawing, in its own units, y up. */
export interface DrawnPoint {
  x: number;
  y: number;
}

/** A line read from a drawing, curves as chords. */
export interface DrawnLine {
  /** What it is called in the drawing, or what it is made of. */
  name: string;
  points: DrawnPoint[];
  /** Its end is joined to its beginning; the first point is not repeated. */
  closed: boolean;
  /** Why it cannot be taken, where it cannot. */
  fault: string | null;
}

export interface Drawing {
  lines: DrawnLine[];
  /** Millimetres a drawing unit; null where the file does not say. */
  unitMm: number | null;
  /** What the file says of its unit, in words. */
  unitSays: string;
  /** What was left out, in words. */
  leftOut: string[];
}

export type ReadDrawing = { drawing: Drawing; faults?: undefined } | { drawing?: undefined; faults: Fault[] };

/** How far a chord may leave its curve, mm. */
export const FLAT_MM = 0.05;
/** Ends nearer than this are joined, mm. */
export const JOIN_MM = 0.05;
/** The largest unit that is offered where a file names none; curves are cut fine enough for it. */
const LARGEST_UNIT_MM = 25.4;

/** A length in mm in the drawing's units, small enough for whatever unit is chosen later. */
export const inUnits = (mm: number, unitMm: number | null): number => mm / (unitMm ?? LARGEST_UNIT_MM);

export const wholeFile = (message: string): ReadDrawing => ({ faults: [{ path: '', message }] });
