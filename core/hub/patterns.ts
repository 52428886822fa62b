import { diameterFigure, type Measured } from '#core/units';

/** A bolt pattern: studs and the circle through their middles, mm. */
export interface BoltPattern {
  lugCount: number;
  boltCircleMm: number;
}

/** Bolt circles in use, mm, by lug count (common practice, no source). */
const KNOWN: Record<number, readonly number[]> = {
  3: [112],
  4: [95.25, 98, 100, 108, 110, 114.3, 130, 140],
  5: [98, 100, 105, 108, 110, 112, 114.3, 115, 118, 120, 120.65, 127, 130, 135, 139.7, 150, 160, 165.1, 205],
  6: [114.3, 115, 120, 125, 127, 130, 132, 135, 139.7, 180, 205],
  8: [165.1, 170, 180, 200, 210],
  10: [225],
};

/** The circles in use for a lug count, mm, smallest first; none for a count no car uses. */
export const knownCirclesMm = (lugCount: number): readonly number[] => KNOWN[lugCount] ?? [];

/** All patterns in use, by count and circle. */
export const KNOWN_PATTERNS: readonly BoltPattern[] = Object.entries(KNOWN).flatMap(([count, circles]) =>
  circles.map((boltCircleMm) => ({ lugCount: Number(count), boltCircleMm })),
);

/** A pattern as the trade writes it: `5 × 114.3`. */
export const patternName = ({ lugCount, boltCircleMm }: BoltPattern): string =>
  `${lugCount} × ${diameterFigure(boltCircleMm)}`;

interface Patterned {
  lugCount?: Measured;
  boltCircleMm?: Measured;
}

/** What is known of a part's pattern. */
export function patternOf(part: Patterned | undefined): Partial<BoltPattern> {
  const known: Partial<BoltPattern> = {};
  if (part?.lugCount != null) known.lugCount = part.lugCount;
  if (part?.boltCircleMm != null) known.boltCircleMm = part.boltCircleMm;
  return known;
}

/** A part's pattern where count and circle are known, else null. */
export const wholePattern = (part: Patterned | undefined): BoltPattern | null =>
  part?.lugCount == null || part.boltCircleMm == null
    ? null
    : { lugCount: part.lugCount, boltCircleMm: part.boltCircleMm };
