import { useId } from 'react';
import type { AxleName } from '#core/job';
import { helpOf, takenWords } from '#formats/fields';
import type { HistoryEntry } from '#formats/openJob';
import { useDocument } from '../../job/DocumentContext';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { Moment } from '../parts/Moment';
import { Picture } from './Picture';
import { ToolSelect } from './ToolSelect';
import type { Tool } from './useTool';
import './help.css';

export interface ReadingItem {
  key: string;
  /** The value as text, null when it is not there yet. */
  shown: string | null;
  /** Not waited for. */
  optional?: boolean;
}

export interface ReadingPanelProps {
  axle: AxleName;
  items: readonly ReadingItem[];
  /** The reading the help belongs to. */
  inHand: string;
  goTo(key: string): void;
  tool: Tool;
}

/**
 * Help beside the drawing: where the rule goes for the reading in hand, what it was taken with, what is there and what
 * is missing.
 */
export function ReadingPanel({ axle, items, inHand, goTo, tool }: ReadingPanelProps) {
  const { readings } = useDocument();
  const lengths = useLengths();
  const id = useId();
  const help = helpOf(inHand);
  const historyOf = (key: string) => readings.filter((entry) => entry.corner === axle && entry.key === key);
  const history = historyOf(inHand);
  return (
    <aside className="panel" aria-label="Readings">
      <div className="field">
        <label className="label" htmlFor={id}>
          Readings are taken with
        </label>
        <ToolSelect tool={tool} id={id} />
      </div>
      {help && (
        <section aria-live="polite">
          <h2 className="label">{help.title}</h2>
          <div style={{ height: 8 }} />
          {help.picture && <Picture name={help.picture} title={help.title} />}
          <dl className="help-text">
            <dt>Where</dt>
            <dd>{help.where}</dd>
            <dt>With</dt>
            <dd>{help.tool}</dd>
            <dt>Common mistake</dt>
            <dd>{help.mistake}</dd>
          </dl>
          {history.length > 0 && (
            <ul className="history" aria-label={`History of ${help.title}`}>
              {history.toReversed().map((entry, index) => (
                <HistoryLine key={history.length - index} entry={entry} lengths={lengths} />
              ))}
            </ul>
          )}
        </section>
      )}
      <section>
        <h2 className="label">{axle === 'front' ? 'Front' : 'Rear'} axle</h2>
        <ul className="reading-list">
          {items.map(({ key, shown }) => {
            const latest = historyOf(key).findLast(({ withdrawn }) => !withdrawn);
            return (
              <li key={key}>
                <button type="button" aria-pressed={key === inHand} onClick={() => goTo(key)}>
                  <span>{helpOf(key)?.title ?? key}</span>
                  <span className="figure">{shown ?? '—'}</span>
                  <small>{shown === null ? 'not measured' : takenText(latest, lengths)}</small>
                </button>
              </li>
            );
          })}
        </ul>
      </section>
    </aside>
  );
}

function takenText(entry: HistoryEntry | undefined, lengths: Lengths): string {
  const name = entry && takenWords(entry);
  if (!name) return 'as entered';
  return entry.uncertaintyMm === null ? name : `${name}, ${lengths.plusMinus(entry.uncertaintyMm)}`;
}

function HistoryLine({ entry, lengths }: { entry: HistoryEntry; lengths: Lengths }) {
  return (
    <li className={entry.withdrawn ? 'withdrawn' : ''}>
      <span className="soft">
        <Moment at={entry.takenAt} />
      </span>
      <span className="figure">{lengths.text(entry.value)}</span>
      <span className="soft history-tool">{entry.withdrawn ? 'withdrawn' : takenText(entry, lengths)}</span>
    </li>
  );
}
