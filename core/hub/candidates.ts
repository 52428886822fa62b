import { chordMm } from './chord';
import type { MeasuredCircle } from './circle';
import { knownCirclesMm, type BoltPattern } from './patterns';

/** A known pattern that the readings may mean. */
export interface PatternCandidate extends BoltPattern {
  /** Measured circle less this one's, mm. */
  residualMm: number;
  /** Share of probability among the known patterns within reach. */
  probability: number;
}

/** A circle further than this from every known one is no known pattern, mm; a blunter reading reaches further. */
export const PATTERN_REACH_MM = 3;

/**
 * The known patterns within 3 mm of a measured circle (or within its own ± where that is more), best first, with their
 * share of probability: L = exp(−½ Σ ((cᵢ − chordᵢ)/σᵢ)²), all patterns alike before the reading, shares adding up to
 * 1.
 * @returns an empty list when none is near: a custom pattern, or a reading to take again
 */
export function patternCandidates(circle: MeasuredCircle, lugCount: number): PatternCandidate[] {
  const reach = Math.max(PATTERN_REACH_MM, circle.uncertaintyMm);
  const near = knownCirclesMm(lugCount)
    .filter((known) => Math.abs(circle.boltCircleMm - known) <= reach)
    .map((known) => ({
      known,
      exponent: circle.readings.reduce(
        (sum, { centersMm, steps, sigmaMm }) =>
          sum - 0.5 * ((centersMm - chordMm(known, lugCount, steps)) / sigmaMm) ** 2,
        0,
      ),
    }));
  // Against the best one, so that sharp readings do not underflow to nothing at all.
  const best = Math.max(...near.map(({ exponent }) => exponent));
  const likelihoods = near.map(({ exponent }) => Math.exp(exponent - best));
  const total = likelihoods.reduce((sum, likelihood) => sum + likelihood, 0);
  return near
    .map(({ known }, index) => ({
      lugCount,
      boltCircleMm: known,
      residualMm: circle.boltCircleMm - known,
      probability: likelihoods[index]! / total,
    }))
    .sort((one, other) => other.probability - one.probability);
}

/** From this share on a pattern counts as found. */
const DECIDED_SHARE = 0.95;

/** The pattern that the readings decide for, null while they leave a choice. */
export function decidedPattern(candidates: readonly PatternCandidate[]): PatternCandidate | null {
  const [best] = candidates;
  return best && best.probability >= DECIDED_SHARE ? best : null;
}
