import { sigmaOf } from '#core/uncertainty';

/** One error of a prediction, with the ± at 95 % of the prediction and of the reading it is held against. */
export interface ErrorSeen {
  error: number;
  plusMinus: number;
  measuringPlusMinus: number;
}

/** How far off, in the unit of the errors; `cover` is the share within their ±, null where nothing was seen. */
export interface Estimate {
  n: number;
  biasMm: number;
  biasSdMm: number;
  scale: number;
  cover: number | null;
}

/** Degrees of freedom of the guess that the ± are right: it weighs as much as four readings. */
const PRIOR_FREEDOM = 4;

/** What errors add up to, each with its σᵢ = √((±ᵢ/1.96)² + (measuring ±ᵢ/1.96)²); `within` counts |eᵢ| ≤ ±ᵢ. */
export interface ErrorSums {
  n: number;
  within: number;
  /** Σ(1/σᵢ²). */
  weight: number;
  /** Σ(eᵢ/σᵢ²). */
  weighted: number;
}

/** Nothing was seen. */
export const NO_ERRORS: Readonly<ErrorSums> = { n: 0, within: 0, weight: 0, weighted: 0 };

/**
 * Bias b = Σ(eᵢ/σᵢ²) / (Σ(1/σᵢ²) + 1/τ²): a normal mean with known variances under a normal prior about 0 (textbook
 * conjugate Bayes).
 *
 * @param prior τ, in the unit of the errors
 */
export const biasOf = ({ weight, weighted }: ErrorSums, prior: number): number => weighted / (weight + prior ** -2);

/**
 * A shop's own error from what its errors add up to. The bias is that of {@link biasOf}, its sd 1/√(Σ(1/σᵢ²) + 1/τ²);
 * scale s = √((ν₀ + Σzᵢ²) / (ν₀ + n)), zᵢ = (eᵢ − b)/σᵢ, ν₀ = 4: a scaled inverse χ² about 1 (textbook Bayes); cover =
 * share within their ±, wanted 95 %.
 *
 * @param squares Σzᵢ²
 * @param prior τ, in the unit of the errors
 */
export function estimateFrom(sums: ErrorSums, squares: number, prior: number): Estimate {
  const { n, within, weight } = sums;
  return {
    n,
    biasMm: biasOf(sums, prior),
    biasSdMm: 1 / Math.sqrt(weight + prior ** -2),
    scale: Math.sqrt((PRIOR_FREEDOM + squares) / (PRIOR_FREEDOM + n)),
    cover: n === 0 ? null : within / n,
  };
}

/**
 * A shop's own error from its errors one by one, as {@link estimateFrom} has it. Errors that carry no ± at all weigh
 * nothing and are left out.
 *
 * @param prior τ, in the unit of the errors
 */
export function estimateError(errors: readonly ErrorSeen[], prior: number): Estimate {
  const seen = errors.flatMap((one) => {
    const sigma = Math.hypot(sigmaOf(one.plusMinus), sigmaOf(one.measuringPlusMinus));
    return sigma > 0 && Number.isFinite(sigma) ? [{ ...one, sigma }] : [];
  });
  const sums: ErrorSums = {
    n: seen.length,
    within: seen.filter(({ error, plusMinus }) => Math.abs(error) <= plusMinus).length,
    weight: sum(seen.map(({ sigma }) => sigma ** -2)),
    weighted: sum(seen.map(({ error, sigma }) => error / sigma ** 2)),
  };
  const bias = biasOf(sums, prior);
  return estimateFrom(sums, sum(seen.map(({ error, sigma }) => ((error - bias) / sigma) ** 2)), prior);
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
