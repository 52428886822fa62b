import { poseWords } from '#core/evaluate';
import { placeOfCorner, type Compared, type Corner, type Fitting, type MeasuredFigure } from '#core/fitting';
import { readingPose } from '#core/sweep';
import { wordsIn } from '#core/units';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { useTool } from '../help/useTool';
import { ToStation } from '../parts/ToStation';
import { ComparedLine } from './ComparedLine';
import { figureOr } from './compared';
import { figureWords } from './figures';
import { isAfterEnd, measure, readOf } from './fittingEdits';
import type { FittingInHand } from './useFittings';
import { useHand } from './useHand';
import { restMmOf } from './useMarks';
import './fitup.css';

interface ReadFiguresProps {
  inHand: FittingInHand;
  corner: Corner;
  isClosed: boolean;
}

/** Every figure that was read at a corner against its prediction, and the field of one that no step asks for. */
export function ReadFigures({ inHand, corner, isClosed }: ReadFiguresProps) {
  const { fitting, compared } = inHand;
  const fitted = fitting.corners[corner]!;
  const first = inHand.steps.find(({ expects, keptAt }) => expects !== null && keptAt === corner);
  const rows = compared.corners[corner]?.compared ?? [];
  return (
    <section aria-label="Measured on the car">
      <h2 className="label">Measured on the car</h2>
      {rows.length === 0 && <p className="soft">Nothing is read here yet.</p>}
      {!isClosed && first && (
        <ToStation station="measure" sight={{ card: `fit-up.${corner}.${first.id}` }}>
          Measure one by one
        </ToStation>
      )}
      <ul className="read-figures">
        {rows.map((row, at) => (
          <ReadFigure key={at} {...{ row, corner, fitting }} read={fitted.measured![at]!} setup={fitted.setup} />
        ))}
      </ul>
      {!isClosed && <InnerClearance inHand={inHand} corner={corner} />}
    </section>
  );
}

interface ReadFigureProps {
  row: Compared;
  read: MeasuredFigure;
  corner: Corner;
  setup: string;
  fitting: Fitting;
}

function ReadFigure({ row, read, corner, setup, fitting }: ReadFigureProps) {
  const { job } = useDocument();
  const words = wordsIn(useLengths().units);
  const { figure, measuredMm, predictedMm } = row;
  const on = job.setups.find(({ id }) => id === setup);
  const restMm = on ? restMmOf(on, placeOfCorner(corner).axle) : 0;
  const isPosed = read.steerDeg != null || read.travelMm != null;
  return (
    <li>
      <p className="read-name">
        <span>
          {figureWords(figure, job).name}
          {isPosed && <small> {poseWords(readingPose(read), words, restMm)}</small>}
        </span>
        <b className="figure">{figureOr(figure, measuredMm, words)}</b>
      </p>
      <p className="soft read-predicted">
        predicted <span className="figure">{figureOr(figure, predictedMm, words)}</span>
      </p>
      {isAfterEnd(fitting, read.takenAt) && (
        <p className="compared-doubt">Read after the fitting was closed: it is kept, and counts.</p>
      )}
      <ComparedLine compared={row} corner={corner} setup={setup} />
    </li>
  );
}

/** No step asks for it: it is read where there is room for a rule. */
function InnerClearance({ inHand: { fitting }, corner }: { inHand: FittingInHand; corner: Corner }) {
  const { job } = useDocument();
  const hand = useHand();
  const { name, instrument, range } = figureWords('inboardGapMm', job);
  const tool = useTool(instrument);
  return (
    <LengthField
      name={`fitting/${fitting.id}/${corner}/inboard`}
      label={name}
      range={range}
      width={6}
      value={readOf(fitting, corner, { figure: 'inboardGapMm' })?.valueMm ?? null}
      commit={(valueMm) =>
        hand.edit(
          measure(fitting, corner, {
            figure: 'inboardGapMm',
            valueMm,
            ...tool.taken,
            takenAt: hand.now(fitting),
          }),
        )
      }
    />
  );
}
