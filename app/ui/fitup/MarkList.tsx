import { useHotkeys } from 'react-hotkeys-hook';
import { poseWords, type MarkedPart } from '#core/evaluate';
import type { Mark } from '#core/fitting';
import { readingPose } from '#core/sweep';
import { formatNumber, wordsIn } from '#core/units';
import { capital } from '#core/text';
import { Button } from '../controls/Button';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { BY_SIGN } from '../frame/useJobKeys';
import { SURFACE_NAMES } from '#formats/fields';
import { Photos } from '../notes/Photos';
import { MarkPhoto } from './MarkPhoto';
import type { Marks } from './useMarks';
import './fitup.css';

/** The marks of a corner, and what the one in hand says of the nearest part. */
export function MarkList({ marks, isClosed }: { marks: Marks; isClosed: boolean }) {
  const lengths = useLengths();
  return (
    <section aria-label="Marks">
      <h2 className="label">Marks</h2>
      {marks.marks.length === 0 && <p className="soft">No mark yet. Click the wheel where it rubbed.</p>}
      <ul className="mark-list">
        {marks.marks.map((mark) => {
          return (
            <li key={mark.id} data-chosen={mark.id === marks.chosen}>
              <button type="button" aria-pressed={mark.id === marks.chosen} onClick={() => marks.choose(mark.id)}>
                <b>{capital(SURFACE_NAMES[mark.surface].replace('the ', ''))}</b>{' '}
                <span className="figure">{formatNumber(mark.clockDeg, 0, true)}°</span>
                <small>{poseWords(readingPose(mark), wordsIn(lengths.units), marks.restMm)}</small>
              </button>
              <Photos ids={mark.photo ? [mark.photo] : []} />
              {mark.id === marks.chosen && !isClosed && (
                <MarkPhoto key={`photo ${mark.id}`} mark={mark} place={marks.placeOf(mark)} />
              )}
              {mark.id === marks.chosen && <Nearest key={mark.id} {...{ mark, marks, isClosed }} />}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** What is predicted of a part in the pose of a mark; once its reading is corrected, that it touches. */
function predictedThere({ on }: Mark, { id, clearanceMm }: MarkedPart, lengths: Lengths): string {
  if (on === id && Math.abs(clearanceMm) < TOUCHING_MM) return 'As it is read now, it touches in this position.';
  return clearanceMm > 0
    ? `In this position it was predicted to clear by ${lengths.text(clearanceMm)}.`
    : `In this position it is predicted to touch by ${lengths.text(-clearanceMm)}.`;
}

/** Less than this is a touch, mm. */
const TOUCHING_MM = 0.1;

/** The part that is nearest to a mark, with what had been predicted of it, and the key that corrects it. */
function Nearest({ mark, marks, isClosed }: { mark: Mark; marks: Marks; isClosed: boolean }) {
  const lengths = useLengths();
  const { parts, fault } = marks.partsAt(mark);
  const [nearest] = parts;
  const correct = () => {
    if (nearest && !isClosed) marks.correct(mark, nearest);
  };
  useHotkeys('c', correct, BY_SIGN, [correct]);
  if (fault) return <p className="field-fault">The mark {fault}.</p>;
  return (
    <div className="mark-nearest">
      {nearest ? (
        <p>
          Nearest: <b>{nearest.label}</b>
          {nearest.isAssumed && <em className="assumed"> assumed</em>}, {lengths.text(nearest.fromMarkMm)} from the
          mark. {predictedThere(mark, nearest, lengths)}
        </p>
      ) : (
        <p>No part is placed around this wheel yet.</p>
      )}
      {!isClosed && (
        <div className="torque-hands">
          {nearest && (
            <Button onClick={correct} title="Correct the reading (C)">
              {nearest.isAssumed ? 'Measure it by this mark' : 'Correct its reading'}
            </Button>
          )}
          <Button onClick={() => marks.makePart(mark)}>Make it a part of its own</Button>
        </div>
      )}
      {mark.on && <p className="soft">Kept as a touch of this part: sweep, fixes and window follow.</p>}
    </div>
  );
}
