import type { Words } from '#core/units';
import type { FittedFigure, PredictedFigure } from './records';

/** A figure as it is said at the car: poke or tuck, a speed, else a length. */
export function figureText(figure: FittedFigure, value: number, words: Words): string {
  if (figure === 'trueSpeedAt100') return words.measure('speed', value);
  const length = words.length(figure === 'pokeMm' ? Math.abs(value) : value);
  if (figure !== 'pokeMm') return length;
  return length === words.length(0) ? 'flush' : `${length} ${value > 0 ? 'poke' : 'tuck'}`;
}

/** By how much a figure is off: its size in its own unit. */
export const offText = (figure: FittedFigure, value: number, words: Words): string =>
  figure === 'trueSpeedAt100' ? words.measure('speed', value) : words.length(value);

/** The ± of a figure, with a space before it; nothing where it is not known. */
export const plusMinusText = (figure: FittedFigure, value: number | null, words: Words): string =>
  value === null ? '' : ` ±${offText(figure, value, words)}`;

/** What is predicted with its ±; null where nothing is. */
export const predictionText = (
  { figure, valueMm, plusMinusMm }: Pick<PredictedFigure, 'figure' | 'valueMm' | 'plusMinusMm'>,
  words: Words,
): string | null =>
  valueMm === null ? null : figureText(figure, valueMm, words) + plusMinusText(figure, plusMinusMm, words);
