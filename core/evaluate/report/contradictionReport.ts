import type { Pose } from '#core/kinematics';

/**
 * A reading that cannot be true beside the others, or one that says more than a gap: `rubs` the present car touches
 * there already, as read; `touches` it would touch in another pose; `nearer` another place of the wheel is nearer than
 * the named one; `inside` the part stands in the present wheel; `beyond` the pose lies beyond lock or stops; `unplaced`
 * the reading does not say where the part is.
 */
export interface Contradiction {
  id: string;
  label: string;
  kind: 'rubs' | 'touches' | 'nearer' | 'inside' | 'beyond' | 'unplaced';
  /** By how much, mm; degrees for a pose beyond the lock. */
  amount: number | null;
  pose: Pose | null;
  /** What is wrong, and what to read again. */
  text: string;
}

/** Two targets that no wheel can meet together, with where the one that gives way most easily stands. */
export interface BriefContradiction {
  path: string;
  message: string;
}
