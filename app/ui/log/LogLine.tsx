import { memo } from 'react';
import { Link } from 'react-router';
import { CORNER_NAMES } from '#core/fitting';
import { capital } from '#core/text';
import type { LogEntry, LogPlace } from '#formats/log';
import { Button } from '../controls/Button';
import { cornerSight } from '../../job/sight';
import { useSelection } from '../../job/SelectionContext';
import { useDocument } from '../../job/DocumentContext';
import { useNotePad } from '../notes/NotePad';
import { Photos } from '../notes/Photos';
import { EditOutlined } from '../controls/icons';
import { Moment } from '../parts/Moment';
import { KIND_NAMES } from './kinds';
import './log.css';

/** What is looked at where an entry leads. */
const sightOf = ({ axle, side, setup, fitting, view, mark }: LogPlace) => ({
  ...cornerSight({ axle, side }),
  ...(setup ? { setup } : {}),
  ...(fitting ? { fitting } : {}),
  ...(view ? { view } : {}),
  ...(mark ? { mark } : {}),
});

/** One entry: when, what, where and by whom, and the way to its place. */
export const LogLine = memo(({ entry }: { entry: LogEntry }) => {
  const { addressOf } = useSelection();
  const { at, kind, corner, text, by, place, note } = entry;
  const { job } = useDocument();
  const { change } = useNotePad();
  const written = note === undefined ? undefined : job.notes?.find(({ id }) => id === note);
  return (
    <li className="log-line" data-kind={kind}>
      <span className="figure soft">
        <Moment at={at} format="HH:mm" until="--:--" />
      </span>
      <span className="log-kind">{KIND_NAMES[kind]}</span>
      <span className="log-text">
        <Link to={addressOf(place.station, sightOf(place))}>{text}</Link>
        {corner && <span className="soft"> {capital(CORNER_NAMES[corner])}</span>}
        {by && <span className="soft"> by {by}</span>}
        {entry.photos && <Photos ids={entry.photos} />}
      </span>
      {written && (
        <Button
          size="small"
          kind="text"
          icon={<EditOutlined />}
          aria-label="Change the note"
          onClick={() => change(written)}
        />
      )}
    </li>
  );
});
LogLine.displayName = 'LogLine';
