import type { Ranked } from '#core/uncertainty';
import type { Verdict } from '#core/verdict';

/**
 * One judged figure of a report. `margin` is the room left to the limit in the check's own unit, negative when it is
 * passed.
 */
export interface Check {
  code: string;
  label: string;
  /** The axle it concerns; null for the whole car. */
  axle: 'front' | 'rear' | null;
  value: number | null;
  limit: number | null;
  margin: number | null;
  unit: 'mm' | 'in' | '%' | 'kg' | 'km/h' | '';
  verdict: Verdict;
  /** P(value keeps its limit), and P(it touches) of a clearance; null where they are not computed. */
  probability: number | null;
  touchProbability: number | null;
  /** ± at 95 % of the value, in its unit; null where it is not computed. */
  plusMinus: number | null;
  /** What the value rests on, what would help most first; null where that is not computed. */
  restsOn: readonly Ranked[] | null;
  /** The arithmetic behind it, line by line; written when it is first read. */
  working: string[];
}
