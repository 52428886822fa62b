import { placeOfCorner, type AskedFigure, type Corner } from '#core/fitting';
import type { AxleName, Job } from '#core/job';
import type { FittingStep } from '#core/sheet';
import type { Words } from '#core/units';
import { predictedText } from '../../fitup/compared';
import { figureWords } from '../../fitup/figures';
import { measure, readOf, timeIn } from '../../fitup/fittingEdits';
import type { FittingInHand } from '../../fitup/useFittings';
import { cardOf, type WalkCard } from './card';

/** What is read at a fitting that is under way, each with what was predicted. */
export function fitUpCards(job: Job, inHand: FittingInHand | null, { axle, words }: { axle: AxleName; words: Words }) {
  if (!inHand || inHand.fitting.finishedAt != null) return [];
  const corners = Object.keys(inHand.fitting.corners) as Corner[];
  const asked = inHand.steps.flatMap((step): Asked[] => {
    const { expects, keptAt } = step;
    if (!expects) return [];
    const { figure, steerDeg, travelMm } = expects;
    const pose = { ...(steerDeg === undefined ? {} : { steerDeg }), ...(travelMm === undefined ? {} : { travelMm }) };
    return [{ id: step.id, corner: keptAt, figure: { figure, ...pose }, step }];
  });
  const inner = corners.map((corner): Asked => ({
    id: 'inner',
    corner,
    figure: { figure: 'inboardGapMm' },
    step: null,
  }));
  return [...asked, ...inner]
    .filter(({ corner }) => placeOfCorner(corner).axle === axle)
    .map((one) => figureCard(job, inHand, { ...one, words }));
}

/** A figure that is read at a corner; a step that asks for it. */
interface Asked {
  id: string;
  corner: Corner;
  figure: AskedFigure;
  step: FittingStep | null;
}

function figureCard(
  job: Job,
  { fitting }: FittingInHand,
  { id, corner, figure, step, words }: Asked & { words: Words },
): WalkCard {
  const { name, range, instrument: tool } = figureWords(figure.figure, job);
  const isInner = corner.endsWith('Inner');
  const isSpeed = figure.figure === 'trueSpeedAt100';
  return cardOf({
    ...placeOfCorner(corner),
    id: `fit-up.${corner}.${id}`,
    title: [name, ...(figure.figure === 'pokeMm' ? ['minus is tuck'] : []), ...(isInner ? ['inner wheel'] : [])].join(
      ', ',
    ),
    station: 'fit-up',
    entry: isSpeed ? 'speed' : 'length',
    range,
    tool,
    help: step ? { where: step.text } : { where: 'Where there is room for a rule.' },
    value: readOf(fitting, corner, figure)?.valueMm ?? null,
    optional: true,
    isWorth: step !== null,
    pose: { steerDeg: figure.steerDeg ?? undefined, travelMm: figure.travelMm ?? undefined },
    ...(step?.expects ? { expected: predictedText(step.expects, words) } : {}),
    put: (_job, { value, taken: { fromJob: _, ...taken } }) =>
      measure(fitting, corner, {
        ...figure,
        valueMm: Number(value),
        ...taken,
        ...(isSpeed ? { uncertaintyMm: null } : {}),
        takenAt: timeIn(fitting, new Date()),
      }),
  });
}
