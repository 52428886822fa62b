import type { PatternReading } from './records';
import { SIGMAS_95, sigmaOf } from '#core/uncertainty';
import { boltCircleMm, chordRatio } from './chord';
import { centersMm, stepsOf, USUAL_UNCERTAINTY_MM } from './reading';

/** One reading brought to the circle. Lengths mm. */
export interface CircleReading {
  steps: number;
  centersMm: number;
  boltCircleMm: number;
  /** Standard deviation of the distance between middles. */
  sigmaMm: number;
  /** Its uncertainty was not stated and is taken as a steel rule's. */
  assumed: boolean;
}

/** What the readings say about the circle. Lengths mm. */
export interface MeasuredCircle {
  boltCircleMm: number;
  /** ± at 95 %. */
  uncertaintyMm: number;
  readings: CircleReading[];
  /** Readings that lie further apart than their uncertainties allow (95 %). */
  contradict: boolean;
}

/**
 * The exact circle from any readings of one hub: each gives PCDᵢ = cᵢ / sin(kᵢπ/n) with σᵢ = uᵢ / 1.96 / sin(kᵢπ/n);
 * together PCD = Σ PCDᵢ/σᵢ² / Σ 1/σᵢ² (weighted least squares), ± 1.96 / √(Σ 1/σᵢ²). Lengths mm. They contradict each
 * other when χ² = Σ ((PCDᵢ − PCD)/σᵢ)² exceeds its 95 % point.
 * @returns null without readings
 * @throws DomainError from a reading that cannot be, with its path
 */
export function measuredCircle(readings: readonly PatternReading[], lugCount: number): MeasuredCircle | null {
  if (readings.length === 0) return null;
  const brought = readings.map((reading): CircleReading => {
    const steps = stepsOf(reading, lugCount);
    const centers = centersMm(reading);
    return {
      steps,
      centersMm: centers,
      boltCircleMm: boltCircleMm(centers, lugCount, steps),
      sigmaMm: sigmaOf(Math.max(reading.uncertaintyMm ?? USUAL_UNCERTAINTY_MM, LEAST_UNCERTAINTY_MM)),
      assumed: reading.uncertaintyMm == null,
    };
  });
  let weights = 0;
  let sum = 0;
  for (const { boltCircleMm: circle, steps, sigmaMm } of brought) {
    const weight = (chordRatio(lugCount, steps) / sigmaMm) ** 2;
    weights += weight;
    sum += weight * circle;
  }
  const circle = sum / weights;
  const chi2 = brought.reduce(
    (total, one) => total + (((one.boltCircleMm - circle) * chordRatio(lugCount, one.steps)) / one.sigmaMm) ** 2,
    0,
  );
  return {
    boltCircleMm: circle,
    uncertaintyMm: SIGMAS_95 / Math.sqrt(weights),
    readings: brought,
    contradict: chi2 > chiSquare95(brought.length - 1),
  };
}

/** A reading stated as exact is still no better than a micrometer over a painted stud. */
const LEAST_UNCERTAINTY_MM = 0.02;

/** The 95 % point of χ² with so many degrees of freedom (Wilson and Hilferty, 1931); never reached with none. */
function chiSquare95(freedom: number): number {
  if (freedom === 0) return Infinity;
  const a = 2 / (9 * freedom);
  return freedom * (1 - a + 1.6448536269514722 * Math.sqrt(a)) ** 3;
}
