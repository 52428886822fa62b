/** What several takes of one reading come to. */
export interface TakenTogether {
  mean: number;
  /** ± at 95 %. */
  plusMinus: number;
  /** From the least to the largest. */
  spread: number;
}

/** Coverage factor for about 95 % (JCGM 100:2008, 6.3.3). */
export const COVERAGE = 2;

/**
 * The mean of takes of one reading with its ±: the root of the tool's ± squared and of 2·s/√n squared, s the sample's
 * standard deviation (JCGM 100:2008, type A beside type B); for one take the tool's alone.
 * @param values at least one, mm
 * @param toolPlusMinus ± of a single reading with the tool at 95 %, mm
 */
export function takenTogether(values: readonly number[], toolPlusMinus: number): TakenTogether {
  const n = values.length;
  const mean = values.reduce((sum, value) => sum + value, 0) / n;
  const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  const ofMean = n < 2 ? 0 : (COVERAGE * Math.sqrt(squares / (n - 1))) / Math.sqrt(n);
  return {
    mean,
    plusMinus: Math.hypot(toolPlusMinus, ofMean),
    spread: Math.max(...values) - Math.min(...values),
  };
}
