import {
  figureText,
  isSameFigure,
  offText,
  plusMinusText,
  predictionText,
  type AskedFigure,
  type Compared,
  type Corner,
} from '#core/fitting';
import type { Expected } from '#core/sheet';
import type { Words } from '#core/units';
import type { FittingInHand } from './useFittings';

/** How a figure that was read at a corner stands to its prediction; undefined until it is read. */
export function comparedOf({ fitting, compared }: FittingInHand, corner: Corner, asked: AskedFigure) {
  const at = (fitting.corners[corner]?.measured ?? []).findIndex((one) => isSameFigure(one, asked));
  return compared.corners[corner]?.compared[at];
}

/** A figure as people say it, or that it is not known. */
export const figureOr = (figure: AskedFigure['figure'], value: number | null, words: Words): string =>
  value === null ? 'not known' : figureText(figure, value, words);

/** What is predicted, said before it is read. */
export function predictedText({ figure, predictedMm, plusMinusMm }: Expected, words: Words): string {
  const text = predictionText({ figure, valueMm: predictedMm, plusMinusMm }, words);
  return text === null ? 'no prediction' : `predicted ${text}`;
}

/** How far off a prediction was, as it is said at the car. */
export function errorText({ figure, errorMm, plusMinusMm }: Compared, words: Words): string {
  if (errorMm === null) return 'no prediction';
  const off = offText(figure, Math.abs(errorMm), words);
  const ways = figure === 'pokeMm' ? ['further out', 'further in'] : ['more', 'less'];
  const way = off === offText(figure, 0, words) ? 'as predicted' : `${off} ${ways[errorMm > 0 ? 0 : 1]}`;
  return plusMinusMm === null
    ? `${way} (± not known)`
    : `${way}, predicted${plusMinusText(figure, plusMinusMm, words)}`;
}
