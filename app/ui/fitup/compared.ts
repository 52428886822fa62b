import type { Compared, Corner, MeasuredFigure } from '#core/fitting';
import { formatMeasure } from '#core/units';
import type { Expected } from '#core/sheet';
import type { Lengths } from '../../preferences/PreferencesContext';
import { faceText } from '../words';
import type { FittingInHand } from './useFittings';

type Asked = Pick<MeasuredFigure, 'figure' | 'steerDeg' | 'travelMm'>;

/** How a figure that was read at a corner stands to its prediction; undefined until it is read. */
export function comparedOf({ fitting, compared }: FittingInHand, corner: Corner, asked: Asked): Compared | undefined {
  const read = fitting.corners[corner]?.measured ?? [];
  const at = read.findIndex(
    (one) =>
      one.figure === asked.figure &&
      (one.steerDeg ?? 0) === (asked.steerDeg ?? 0) &&
      (one.travelMm ?? 0) === (asked.travelMm ?? 0),
  );
  return compared.corners[corner]?.compared[at];
}

/** A figure as people say it: poke or tuck, a speed, else a length. */
export function figureText(figure: Asked['figure'], value: number | null, lengths: Lengths): string {
  if (value === null) return 'not known';
  if (figure === 'trueSpeedAt100') return formatMeasure({ quantity: 'speed', value, unit: lengths.units });
  return figure === 'pokeMm' ? `${faceText(value, lengths)}` : lengths.text(value);
}

const plusMinusText = (figure: Asked['figure'], value: number | null, lengths: Lengths): string =>
  value === null ? '' : ` ±${figureText(figure === 'pokeMm' ? 'archGapMm' : figure, value, lengths)}`;

/** What is predicted, said before it is read. */
export const predictedText = ({ figure, predictedMm, plusMinusMm }: Expected, lengths: Lengths): string =>
  predictedMm === null
    ? 'no prediction'
    : `predicted ${figureText(figure, predictedMm, lengths)}${plusMinusText(figure, plusMinusMm, lengths)}`;

/** How far off a prediction was, as it is said at the car. */
export function errorText({ figure, errorMm, plusMinusMm }: Compared, lengths: Lengths): string {
  if (errorMm === null) return 'no prediction';
  const off = figureText(figure === 'pokeMm' ? 'archGapMm' : figure, Math.abs(errorMm), lengths);
  const zero = figureText(figure === 'pokeMm' ? 'archGapMm' : figure, 0, lengths);
  const way =
    off === zero ? 'as predicted' : `${off} ${figure === 'pokeMm' ? pokeWay(errorMm) : errorMm > 0 ? 'more' : 'less'}`;
  return plusMinusMm === null
    ? `${way} (± not known)`
    : `${way}, predicted${plusMinusText(figure, plusMinusMm, lengths)}`;
}

const pokeWay = (errorMm: number): string => (errorMm > 0 ? 'further out' : 'further in');
