import type { AxialPoint } from '#core/brake';
import type { Verdict } from '#core/verdict';

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

/** A brake of whose room nothing is known, or no more than that it clears as it does now. */
export const unknownRoom = (verdict: Verdict): BrakeReport => ({
  spokeMm: null,
  barrelMm: null,
  weightMm: null,
  stackToClearMm: null,
  spokeAt: null,
  barrelAt: null,
  weightAt: null,
  assumed: false,
  verdict,
});

/** Nothing is known of a brake's room. */
export const NO_BRAKE: BrakeReport = unknownRoom('unknown');
