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

/**
 * A shop's own error from errors eᵢ with σᵢ = √((±ᵢ/1.96)² + (measuring ±ᵢ/1.96)²):
 *
 * - Bias b = Σ(eᵢ/σᵢ²) / (Σ(1/σᵢ²) + 1/τ²), sd = 1/√(Σ(1/σᵢ²) + 1/τ²): a normal mean with known variances under a
 *   normal prior about 0 (textbook conjugate Bayes);
 * - Scale s = √((ν₀ + Σzᵢ²) / (ν₀ + n)), zᵢ = (eᵢ − b)/σᵢ, ν₀ = 4: a scaled inverse χ² about 1 (textbook Bayes);
 * - Cover = share with |eᵢ| ≤ ±ᵢ, wanted 95 %.
 *
 * Errors that carry no ± at all weigh nothing and are left out.
 *
 * @param prior τ, in the unit of the errors
 */
export function estimateError(errors: readonly ErrorSeen[], prior: number): Estimate {
  const seen = errors.flatMap((one) => {
    const sigma = Math.hypot(sigmaOf(one.plusMinus), sigmaOf(one.measuringPlusMinus));
    return sigma > 0 && Number.isFinite(sigma) ? [{ ...one, sigma }] : [];
  });
  const weight = sum(seen.map(({ sigma }) => sigma ** -2)) + prior ** -2;
  const bias = sum(seen.map(({ error, sigma }) => error / sigma ** 2)) / weight;
  const squares = sum(seen.map(({ error, sigma }) => ((error - bias) / sigma) ** 2));
  const n = seen.length;
  return {
    n,
    biasMm: bias,
    biasSdMm: 1 / Math.sqrt(weight),
    scale: Math.sqrt((PRIOR_FREEDOM + squares) / (PRIOR_FREEDOM + n)),
    cover: n === 0 ? null : seen.filter(({ error, plusMinus }) => Math.abs(error) <= plusMinus).length / n,
  };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
