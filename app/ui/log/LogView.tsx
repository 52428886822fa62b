import dayjs from 'dayjs';
import { useId, useMemo, useState } from 'react';
import { CORNER_NAMES, OUTER_CORNERS, placeOfCorner, type Corner } from '#core/fitting';
import { wordsIn } from '#core/units';
import { capital } from '#core/text';
import { LOG_KINDS, logOf, type LogEntry, type LogKind, type LoggedChange } from '#formats/log';
import { Button } from '../controls/Button';
import { Input } from '../controls/Input';
import { Choice } from '../controls/Choice';
import { useDocument } from '../../job/DocumentContext';
import { useSightText } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { DownloadOutlined } from '../controls/icons';
import { useOnClient } from '../controls/useOnClient';
import { KIND_NAMES } from './kinds';
import { LogLine } from './LogLine';
import './log.css';

/** How many entries are shown at first, and more at a time. */
const SOME = 100;

/** Whether an entry belongs to a corner: what was read of an axle belongs to both of its corners. */
const isAt = (entry: LogEntry, corner: Corner): boolean =>
  entry.corner === null ? entry.axle === placeOfCorner(corner).axle : entry.corner.startsWith(corner);

interface LogViewProps {
  /** Null where they could not be asked for. */
  changes: readonly LoggedChange[] | null;
}

/** The log: found by kind, corner and words, each entry with the way to its place. */
export function LogView({ changes }: LogViewProps) {
  const { id, job, readings } = useDocument();
  const { units } = useLengths();
  const names = useId();
  const [asked, setKind] = useSightText('kind');
  const kind = LOG_KINDS.find((one) => one === asked) ?? null;
  const [corner, setCorner] = useSightText('corner');
  const [words, setWords] = useSightText('words');
  const [most, setMost] = useState(SOME);
  const isLocal = useOnClient<boolean>(() => true, false);
  const entries = useMemo(
    () => logOf({ job, readings, changes: changes ?? [] }, wordsIn(units)),
    [job, readings, changes, units],
  );
  const sought = (words ?? '').toLowerCase().split(/\s+/).filter(Boolean);
  const at = OUTER_CORNERS.find((one) => one === corner) ?? null;
  const found = entries.filter(
    (entry) =>
      (kind === null || entry.kind === kind) &&
      (at === null || isAt(entry, at)) &&
      sought.every((word) => entry.text.toLowerCase().includes(word) || entry.by?.toLowerCase() === word),
  );
  const shown = found.slice(0, most);
  return (
    <div className="page log-page">
      <header className="log-head">
        <h1>Log</h1>
        <div className="field">
          <label className="label" htmlFor={`${names}-kind`}>
            Kind
          </label>
          <Choice<LogKind | ''>
            id={`${names}-kind`}
            value={kind ?? ''}
            onChange={(value) => setKind(value || null)}
            options={[
              { value: '', label: 'Everything' },
              ...LOG_KINDS.map((value) => ({ value, label: KIND_NAMES[value] })),
            ]}
          />
        </div>
        <div className="field">
          <label className="label" htmlFor={`${names}-corner`}>
            Corner
          </label>
          <Choice<Corner | ''>
            id={`${names}-corner`}
            value={at ?? ''}
            onChange={(value) => setCorner(value || null)}
            options={[
              { value: '', label: 'Whole car' },
              ...OUTER_CORNERS.map((value) => ({ value, label: capital(CORNER_NAMES[value]) })),
            ]}
          />
        </div>
        <Input
          className="log-search"
          aria-label="Search"
          placeholder="Search the log"
          type="search"
          maxLength={100}
          value={words ?? ''}
          onChange={({ target }) => setWords(target.value || null)}
        />
        <Button icon={<DownloadOutlined />} href={`/jobs/${id}/log.csv`}>
          Export CSV
        </Button>
      </header>
      {changes === null && (
        <p role="alert" className="is-caution">
          The server cannot be reached: changes of setups and brief are missing here.
        </p>
      )}
      <p className="soft" role="status">
        {found.length === entries.length ? `${entries.length} entries` : `${found.length} of ${entries.length} entries`}
      </p>
      {entries.length === 0 && <p>Nothing yet: readings, setups and fittings are told here as they are made.</p>}
      {daysOf(shown, isLocal).map(([day, some]) => (
        <section key={day} className="log-day" aria-label={day}>
          <h2>{day}</h2>
          <ol>
            {some.map((entry, order) => (
              <LogLine key={`${entry.at} ${entry.text} ${order}`} entry={entry} />
            ))}
          </ol>
        </section>
      ))}
      {found.length > most && <Button onClick={() => setMost(most + SOME)}>Show {SOME} more</Button>}
    </div>
  );
}

/** Entries by their day, as the reader's own clock has it. */
function daysOf(entries: readonly LogEntry[], isLocal: boolean): [string, LogEntry[]][] {
  const days = new Map<string, LogEntry[]>();
  for (const entry of entries) {
    const day = isLocal ? dayjs(entry.at).format('D MMMM YYYY') : entry.at.slice(0, 10);
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return [...days];
}
