import type { Mount, Side } from '#core/sweep';
import type { Verdict } from '#core/verdict';

/** What a part leaves of room to a setup, over all steering and travel. */
export interface ObstacleReport {
  id: string;
  label: string;
  /** Null for a part on both sides. */
  side: Side | null;
  mount: Mount;
  /** Made from the readings at rest because nobody measured it. */
  assumed: boolean;
  /** Whether all poses were looked at; else rest alone, or none. */
  swept: boolean;
  /** Least distance, and the pose in which it is. */
  clearanceMm: number | null;
  steerDeg: number | null;
  travelMm: number | null;
  /** Straight ahead, at rest. */
  restMm: number | null;
  /** Short of full lock, told where it touches. */
  beforeLockMm: number | null;
  /** Over all poses, those too that the brief leaves out. */
  allPosesMm: number | null;
  /** At ride height from lock to lock; at full bump, and full droop, straight ahead. */
  lockAtRestMm: number | null;
  bumpMm: number | null;
  droopMm: number | null;
  /** It is nearest to the inside of a wheel that nobody measured. */
  insideAssumed: boolean;
  /** The same for the wheel that is on the car. */
  baselineClearanceMm: number | null;
  limitMm: number;
  /** max(0, limit − clearance): how much would have to give. */
  trimMm: number | null;
  verdict: Verdict;
}
