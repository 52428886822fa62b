import { DomainError } from '#core/errors';

/** Orders that cross the wheel, studs counted clockwise from the top, 0 first (common practice, no source). */
const ORDERS: Record<number, readonly number[]> = {
  3: [0, 1, 2],
  4: [0, 2, 1, 3],
  5: [0, 2, 4, 1, 3],
  6: [0, 3, 1, 4, 2, 5],
  8: [0, 4, 2, 6, 1, 5, 3, 7],
  10: [0, 5, 2, 7, 4, 9, 1, 6, 3, 8],
};

/**
 * The order in which nuts or bolts are tightened, as places clockwise from the top stud: each next one across from the
 * last, so that the pad is drawn down evenly. Counts nobody lists (7, 9) step on by the count nearest half that shares
 * no divisor with it.
 * @throws DomainError for fewer than 3 or more than 10 studs
 */
export function starOrder(lugCount: number): readonly number[] {
  if (!Number.isInteger(lugCount) || lugCount < 3 || lugCount > 10)
    throw new DomainError(`${lugCount} studs: must be 3 to 10`, 'lugCount');
  const listed = ORDERS[lugCount];
  if (listed) return listed;
  const step = Math.floor(lugCount / 2);
  return Array.from({ length: lugCount }, (_, turn) => (turn * step) % lugCount);
}

/** Shares of the full torque, stage by stage (common practice, no source). */
const STAGES = [0.5, 0.85, 1] as const;
const STEP_NM = 5;

/** Torque in stages of about 50, 85 and 100 %, N·m, rounded to 5 but the last, which is the maker's own figure. */
export const torqueStages = (torqueNm: number): number[] =>
  STAGES.map((share) => (share === 1 ? torqueNm : Math.round((torqueNm * share) / STEP_NM) * STEP_NM));
