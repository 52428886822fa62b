import { figureCheck } from '#core/evaluate';
import { placeOfCorner, type Compared, type Corner } from '#core/fitting';
import { wordsIn } from '#core/units';
import type { Verdict } from '#core/verdict';
import { useReports } from '../../job/ReportsContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { RingMark } from '../parts/Ring';
import { errorText } from './compared';
import './fitup.css';

interface ComparedLineProps {
  compared: Compared;
  corner: Corner;
  setup: string;
}

/** The share of a ring that is full at the ±, as a ring is three quarters full at a limit. */
const AT_THE_LIMIT = 0.75;

const verdictOf = ({ within }: Compared): Verdict => (within === null ? 'unknown' : within ? 'ok' : 'caution');

/** A measured figure against its prediction, ringed; one beyond its ± asks for another look, and at what. */
export function ComparedLine({ compared, corner, setup }: ComparedLineProps) {
  const { units } = useLengths();
  const { setups } = useReports();
  const { figure, errorMm, plusMinusMm, within } = compared;
  const report = setups.find((one) => one.setup.id === setup)?.report;
  const rests = report && figureCheck(report[placeOfCorner(corner).axle], figure)?.restsOn;
  const used =
    errorMm === null || plusMinusMm === null || plusMinusMm === 0
      ? null
      : Math.min(1, (Math.abs(errorMm) / plusMinusMm) * AT_THE_LIMIT);
  return (
    <div className="compared">
      <p className="compared-line">
        <RingMark verdict={verdictOf(compared)} used={used} word={WORDS[verdictOf(compared)]} />
        <span>{errorText(compared, wordsIn(units))}</span>
      </p>
      {within === false && (
        <p className="compared-doubt">
          Beyond its ±: read it again. If it stays,{' '}
          {rests?.[0] ? (
            <>
              look at <b>{rests[0].name}</b>: the prediction rests on it most.
            </>
          ) : (
            'a reading of the car is off.'
          )}
        </p>
      )}
    </div>
  );
}

const WORDS: Record<Verdict, string> = {
  ok: 'within its ±',
  caution: 'beyond its ±',
  fail: 'beyond its ±',
  unknown: 'not known',
};
