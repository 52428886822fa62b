import {
  FileTextOutlined,
  MoonOutlined,
  QuestionOutlined,
  RedoOutlined,
  SunOutlined,
  UndoOutlined,
} from '@ant-design/icons';
import { Button, Dropdown, Tooltip } from 'antd';
import { Link } from 'react-router';
import { useJob } from '../../job/JobContext';
import { useLengths, usePreferences } from '../../preferences/PreferencesContext';
import { briefLine } from './briefLine';
import { SavedState } from './SavedState';
import { UnitSwitch } from './UnitSwitch';

/** The strip above every station: whose job, what is wished, units, history, saved state, papers, help. */
export function TopStrip({ openHelp }: { openHelp(): void }) {
  const { state, job, dispatch } = useJob();
  const lengths = useLengths();
  const { server } = state;
  const waiting = state.queue.some(({ kind }) => kind === 'edits');
  const undoName = waiting ? 'the last change' : server.undo;
  return (
    <header className="strip">
      <Link to="/" className="brand" title="To the bench">
        scoval
      </Link>
      <span className="strip-number figure">{server.number}</span>
      <strong className="strip-car">{job.vehicle.label || 'Unnamed car'}</strong>
      <span className="strip-brief">
        {job.title ? `${job.title} · ` : ''}
        {briefLine(job.brief, lengths)}
      </span>
      <SavedState />
      <span className="strip-tools">
        <Tooltip title={undoName ? `Undo: ${undoName} (Ctrl+Z)` : 'Nothing to undo'}>
          <Button
            type="text"
            aria-label="Undo"
            icon={<UndoOutlined />}
            disabled={!undoName}
            onClick={() => dispatch({ type: 'step', step: 'undo' })}
          />
        </Tooltip>
        <Tooltip title={server.redo && !waiting ? `Redo: ${server.redo} (Shift+Ctrl+Z)` : 'Nothing to redo'}>
          <Button
            type="text"
            aria-label="Redo"
            icon={<RedoOutlined />}
            disabled={!server.redo || waiting}
            onClick={() => dispatch({ type: 'step', step: 'redo' })}
          />
        </Tooltip>
        <UnitSwitch />
        <ThemeButton />
        <Papers />
        <Tooltip title="Keys (?)">
          <Button type="text" aria-label="Keys and help" icon={<QuestionOutlined />} onClick={openHelp} />
        </Tooltip>
      </span>
    </header>
  );
}

export function ThemeButton() {
  const { theme, choose } = usePreferences();
  const dark = theme === 'dark';
  const name = dark ? 'To the light table' : 'To the dark table';
  return (
    <Tooltip title={name}>
      <Button
        type="text"
        aria-label={name}
        icon={dark ? <SunOutlined /> : <MoonOutlined />}
        onClick={() => choose({ theme: dark ? 'light' : 'dark' })}
      />
    </Tooltip>
  );
}

function Papers() {
  const { state, job } = useJob();
  const empty = job.setups.length === 0;
  const unsaved = state.queue.length > 0;
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          {
            key: 'file',
            disabled: empty || unsaved,
            label: empty ? (
              'Job file: build a setup first'
            ) : unsaved ? (
              'Job file: saving first'
            ) : (
              <a href={`/jobs/${state.server.id}/file`} download>
                Job file (.json)
              </a>
            ),
          },
          { key: 'print', label: 'Print this station', onClick: () => window.print() },
        ],
      }}
    >
      <Button icon={<FileTextOutlined />}>Papers</Button>
    </Dropdown>
  );
}
