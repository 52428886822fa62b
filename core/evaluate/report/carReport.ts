import type { Place } from '#core/dual';
import type { AxleName, SpareChoice } from '#core/job';
import type { Extension } from '#core/spare';
import type { Verdict } from '#core/verdict';

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

/** The spare of a setup: in its well, under its hold-down, and on the car. */
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
