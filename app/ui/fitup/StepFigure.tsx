import type { FittingStep } from '#core/sheet';
import { wordsIn } from '#core/units';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { MeasureField } from '../fields/MeasureField';
import { useTool } from '../help/useTool';
import { comparedOf, predictedText } from './compared';
import { ComparedLine } from './ComparedLine';
import { figureWords } from './figures';
import { measure, readOf } from './fittingEdits';
import type { FittingInHand } from './useFittings';
import { useHand } from './useHand';
import './fitup.css';

/** What a step expects to be read, the field for it, and at once how far off it is. */
export function StepFigure({
  step,
  inHand,
  isClosed,
}: {
  step: FittingStep;
  inHand: FittingInHand;
  isClosed: boolean;
}) {
  const { job } = useDocument();
  const { units } = useLengths();
  const hand = useHand();
  const { expects, keptAt } = step;
  const words = figureWords(expects?.figure ?? 'pokeMm', job);
  const tool = useTool(words.instrument, { isWritten: words.instrument === 'label' });
  if (!expects) return null;
  const { fitting } = inHand;
  const { figure, steerDeg, travelMm } = expects;
  const pose = { ...(steerDeg === undefined ? {} : { steerDeg }), ...(travelMm === undefined ? {} : { travelMm }) };
  const read = readOf(fitting, keptAt, { figure, ...pose });
  const { name, range } = words;
  const compared = comparedOf(inHand, keptAt, { figure, ...pose });
  const commit = (valueMm: number | null) =>
    hand.edit(
      measure(fitting, keptAt, {
        figure,
        ...pose,
        valueMm,
        ...tool.taken,
        ...(figure === 'trueSpeedAt100' ? { uncertaintyMm: null } : {}),
        takenAt: hand.now(fitting),
      }),
    );
  const field = {
    name: `fitting/${fitting.id}/${keptAt}/${step.id}/figure`,
    label: figure === 'pokeMm' ? `${name}, minus is tuck` : name,
    range,
    width: 6,
    value: read?.valueMm ?? null,
    commit,
  };
  return (
    <div className="step-figure">
      {isClosed ? null : figure === 'trueSpeedAt100' ? (
        <MeasureField {...field} quantity="speed" />
      ) : (
        <LengthField {...field} />
      )}
      {compared ? (
        <ComparedLine compared={compared} corner={keptAt} setup={step.setup} />
      ) : (
        <p className="step-predicted">{predictedText(expects, wordsIn(units))}</p>
      )}
    </div>
  );
}
