import type { AxialPoint, InnerFace } from './records';
import { brakeRoom } from './wheelRoom';

/** Least clearances a brake must have, mm. */
export interface BrakeLimits {
  spokeMm: number;
  barrelMm: number;
}

/** No stack thicker than this is looked for, mm. */
const MOST_STACK_MM = 150;

/** How exactly the stack is told, mm, and the least step toward it. */
const EXACT_MM = 1e-5;
const STEP_MM = 1e-3;

/**
 * The thinnest stack in mm, from 0 on, that gives a brake its room to spokes, barrel and weights alike. A wheel that
 * moves by a millimeter changes no distance by more, so nothing nearer than what is short can be enough: the search
 * never steps over a stack that clears.
 * @returns null where none up to 150 mm clears, or no face is known
 */
export function stackToClearMm(outline: readonly AxialPoint[], face: InnerFace, limits: BrakeLimits): number | null {
  const short = (stackMm: number): number => {
    const { spoke, barrel, weight } = brakeRoom(outline, face, stackMm);
    return Math.max(
      spoke ? limits.spokeMm - spoke.mm : -Infinity,
      barrel ? limits.barrelMm - barrel.mm : -Infinity,
      weight ? limits.barrelMm - weight.mm : -Infinity,
    );
  };
  let [before, stackMm] = [0, 0];
  let missing = short(0);
  if (missing === -Infinity) return null;
  while (missing > EXACT_MM) {
    before = stackMm;
    stackMm += Math.max(missing, STEP_MM);
    if (stackMm > MOST_STACK_MM) return null;
    missing = short(stackMm);
  }
  // Only the last, least step may have gone too far.
  if (stackMm - before > STEP_MM || stackMm === 0) return stackMm;
  for (let i = 0; i < 12; i++) {
    const middle = (before + stackMm) / 2;
    if (short(middle) > EXACT_MM) before = middle;
    else stackMm = middle;
  }
  return stackMm;
}
