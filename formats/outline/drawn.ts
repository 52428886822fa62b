import { DomainError } from '#core/errors';
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

/** The most lines, and points in all, that one outline is chosen from. */
const MOST_LINES = 20_000;
const MOST_POINTS_IN_ALL = 100_000;

/** Reads a drawing whatever stands in it: what cannot be read is a fault in words, never an error that is thrown. */
export function guarded(read: () => ReadDrawing): ReadDrawing {
  try {
    return bounded(read());
  } catch (error) {
    return wholeFile(error instanceof DomainError ? error.message : 'cannot be read: it is nested too deep, or odd');
  }
}

/** A drawing of which every place is a number, and that is no larger than somebody can choose from. */
function bounded(read: ReadDrawing): ReadDrawing {
  if (read.faults) return read;
  const { lines } = read.drawing;
  if (lines.length > MOST_LINES)
    return wholeFile(`has ${lines.length} lines, more than ${MOST_LINES}: keep the section`);
  let all = 0;
  for (const { name, points } of lines) {
    all += points.length;
    if (points.some(({ x, y }) => !Number.isFinite(x) || !Number.isFinite(y)))
      return wholeFile(`has a ${name} with a place that is not a number`);
  }
  return all > MOST_POINTS_IN_ALL
    ? wholeFile(`comes to ${all} points, more than ${MOST_POINTS_IN_ALL}: keep the section`)
    : read;
}
