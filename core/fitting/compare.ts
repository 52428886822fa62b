import type { FittedCorner, FittedFigure, MeasuredFigure, PredictedFigure } from './records';

/** A measured figure against what was predicted of it; null where one of them is not known. */
export interface Compared {
  figure: FittedFigure;
  predictedMm: number | null;
  plusMinusMm: number | null;
  measuredMm: number;
  /** Measured less predicted. */
  errorMm: number | null;
  within: boolean | null;
}

/** A prediction, as it was kept or as it is made now. */
export type Predicted = Pick<PredictedFigure, 'valueMm' | 'plusMinusMm' | 'scale'>;

/** A figure in the pose that it is read in. */
export type AskedFigure = Pick<MeasuredFigure, 'figure' | 'steerDeg' | 'travelMm'>;

/** Whether two figures are the same one in the same pose; what is left out is straight ahead and at rest. */
export const isSameFigure = (one: AskedFigure, other: AskedFigure): boolean =>
  one.figure === other.figure &&
  (one.steerDeg ?? 0) === (other.steerDeg ?? 0) &&
  (one.travelMm ?? 0) === (other.travelMm ?? 0);

/** The prediction of a figure, in its pose, that was kept when the corner was fitted. */
export const keptPrediction = ({ predicted = [] }: FittedCorner, asked: AskedFigure): Predicted | undefined =>
  predicted.find((one) => isSameFigure(one, asked));

/**
 * The error of a prediction: e = measured − predicted, within its ± where |e| ≤ ± (the ± at 95 % of the prediction
 * alone). Lengths mm, speeds km/h.
 */
export function compare({ figure, valueMm }: MeasuredFigure, predicted: Predicted | undefined): Compared {
  const { valueMm: predictedMm = null, plusMinusMm = null } = predicted ?? {};
  const errorMm = predictedMm === null ? null : valueMm - predictedMm;
  return {
    figure,
    predictedMm,
    plusMinusMm,
    measuredMm: valueMm,
    errorMm,
    within: errorMm === null || plusMinusMm === null ? null : Math.abs(errorMm) <= plusMinusMm,
  };
}
