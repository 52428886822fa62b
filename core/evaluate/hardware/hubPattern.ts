import { keptFor } from '#core/kept';
import {
  decidedPattern,
  measuredCircle,
  patternCandidates,
  type BoltPattern,
  type MeasuredCircle,
  type PatternCandidate,
  type Hub,
} from '#core/hub';

/** What is known about a hub's pattern. */
export interface HubPattern {
  /** The pattern that counts: the one written down, else the one the readings decide for. */
  pattern: Partial<BoltPattern>;
  circle: MeasuredCircle | null;
  candidates: PatternCandidate[];
  /** `given` is written down, `read` follows from readings, `open` they leave a choice or fit nothing. */
  origin: 'given' | 'read' | 'open' | 'none';
}

/**
 * A hub's pattern from what is written down or read; an edit makes the hub another object, so it is worked out once.
 */
export const hubPatternOf = keptFor<Hub, HubPattern>(workOut);

function workOut(hub: Hub): HubPattern {
  const count = hub.lugCount == null ? {} : { lugCount: hub.lugCount };
  const readings = hub.patternReadings ?? [];
  const circle = hub.lugCount == null ? null : measuredCircle(readings, hub.lugCount);
  const candidates = circle ? patternCandidates(circle, hub.lugCount!) : [];
  if (hub.boltCircleMm != null)
    return { pattern: { ...count, boltCircleMm: hub.boltCircleMm }, circle, candidates, origin: 'given' };
  const decided = decidedPattern(candidates);
  if (decided && !circle!.contradict)
    return { pattern: { ...count, boltCircleMm: decided.boltCircleMm }, circle, candidates, origin: 'read' };
  return { pattern: count, circle, candidates, origin: circle ? 'open' : 'none' };
}
