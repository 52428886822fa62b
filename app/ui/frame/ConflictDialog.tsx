import dayjs from 'dayjs';
import { type Edit, placeOf } from '#core/job';
import { editName } from '#formats/fields';
import { Button } from '../controls/Button';
import { Dialog } from '../controls/Dialog';
import { useDispatch, useSaves } from '../../job/DocumentContext';
import { waitingEdits } from '../../job/jobState';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { useHandRests } from '../parts/useHandRests';

/** Somebody else saved the job meanwhile: says what, and lets the person choose. Nothing is written before. */
export function ConflictDialog() {
  const { state } = useSaves();
  const dispatch = useDispatch();
  const lengths = useLengths();
  const { save } = state;
  const handRests = useHandRests(save.name === 'conflict');
  if (save.name !== 'conflict' || !handRests) return null;
  const mine = waitingEdits(state);
  return (
    <Dialog
      width={620}
      title="This job was changed elsewhere"
      footer={[
        <Button key="theirs" onClick={() => dispatch({ type: 'take-theirs' })}>
          Discard my edits
        </Button>,
        <Button key="mine" kind="primary" onClick={() => dispatch({ type: 'keep-mine' })}>
          Apply my edits on top
        </Button>,
      ]}
    >
      <div className="conflict">
        <h3>Saved in the meantime</h3>
        {save.earlier > 0 && (
          <p className="soft">
            {save.earlier} {save.earlier === 1 ? 'change' : 'changes'} before these, not listed
          </p>
        )}
        <ul>
          {save.changes.flatMap((change) =>
            change.edits.map((edit, index) => (
              <li key={`${change.at}${index}`}>
                <span className="figure soft">{dayjs(change.at).format('HH:mm')}</span> {editName(edit)}
                {shownChange(edit, change.inverse, lengths)}
                {change.meets && <em className="is-caution"> you changed this too</em>}
              </li>
            )),
          )}
        </ul>
        <h3>Yours, not saved yet</h3>
        <ul>
          {mine.map((edit, index) => (
            <li key={index}>
              {editName(edit)}
              {edit.op === 'set' && `: ${shownValue(edit.path, edit.value, lengths)}`}
              {edit.op === 'clear' && ': emptied'}
            </li>
          ))}
        </ul>
      </div>
    </Dialog>
  );
}

function shownChange(edit: Edit, inverse: Edit[], lengths: Lengths): string {
  if (edit.op !== 'set' && edit.op !== 'clear') return '';
  const place = placeOf(edit).join('/');
  const back = inverse.find((other) => placeOf(other).join('/') === place);
  const before = back?.op === 'set' ? shownValue(edit.path, back.value, lengths) : '—';
  return `: ${before} → ${edit.op === 'set' ? shownValue(edit.path, edit.value, lengths) : '—'}`;
}

function shownValue(path: readonly string[], value: unknown, lengths: Lengths): string {
  if (value === null || value === undefined || value === '') return '—';
  if (typeof value === 'number') return path.at(-1)!.endsWith('Mm') ? lengths.text(value) : String(value);
  return typeof value === 'string' ? `“${value.slice(0, 80)}”` : 'changed';
}
