import { DomainError } from '#core/errors';

/** The printed check dimensions, mm: across the sheet and along its feed. */
export const CHECK_MM = { across: 150, along: 200 } as const;

/** A print is true when a steel rule cannot tell it from its dimension, mm (common practice, no source). */
const TRUE_WITHIN_MM = 0.5;

/** No printer is off by more than this share; what is farther off was read on something else. */
const MOST_OFF = 0.15;

export type Way = keyof typeof CHECK_MM;
export const WAYS: readonly Way[] = ['across', 'along'];

/** By how much a sheet is stretched each way, 1 for none. */
export type PrintScale = Record<Way, number>;

/** What a rule says of a print. */
export interface PrintProof {
  isTrue: boolean;
  /** How much too long (+) or short each check dimension came out, mm and percent. */
  offMm: Record<Way, number>;
  offPct: Record<Way, number>;
  /** The scale with which the next print comes out true. */
  next: PrintScale;
}

/**
 * Whether a print is true, from what a rule reads on its two check dimensions (mm): off = read / nominal − 1 each way;
 * the next print is scaled by what this one was, times nominal / read.
 * @param printedWith the scale of the sheet that was read
 * @throws DomainError with the way whose reading cannot be of this dimension
 */
export function printProof(read: Record<Way, number>, printedWith: PrintScale): PrintProof {
  const each = <T>(of: (way: Way) => T): Record<Way, T> => ({ across: of('across'), along: of('along') });
  for (const way of WAYS)
    if (!(Math.abs(read[way] / CHECK_MM[way] - 1) <= MOST_OFF))
      throw new DomainError(`cannot be the line of ${CHECK_MM[way]} mm: no printer is that far off`, way);
  const offMm = each((way) => read[way] - CHECK_MM[way]);
  return {
    isTrue: WAYS.every((way) => Math.abs(offMm[way]) <= TRUE_WITHIN_MM),
    offMm,
    offPct: each((way) => (100 * offMm[way]) / CHECK_MM[way]),
    next: each((way) => (printedWith[way] * CHECK_MM[way]) / read[way]),
  };
}
