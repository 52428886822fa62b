import { memo } from 'react';
import { Link } from 'react-router';
import { Button } from '../controls/Button';
import { Menu, type MenuLine } from '../controls/Menu';
import {
  CameraOutlined,
  FileTextOutlined,
  MoonOutlined,
  QuestionOutlined,
  RedoOutlined,
  SunOutlined,
  UndoOutlined,
} from '../controls/icons';
import { PhoneButton } from '../doors/PhoneButton';
import { InstrumentButton } from '../instruments/InstrumentButton';
import { useNotePad } from '../notes/NotePad';
import { Tip } from '../controls/Tip';
import { useDispatch, useDocument, useSaves } from '../../job/DocumentContext';
import { useLengths, usePreferences } from '../../preferences/PreferencesContext';
import { useTheme } from '../../preferences/useTheme';
import { briefLine } from './briefLine';
import { MissingSetup } from './MissingSetup';
import { OthersHere } from './OthersHere';
import { SavedState } from './SavedState';
import { StorageNotice } from './StorageNotice';
import { StripMenu } from './StripMenu';
import { UnitSwitch } from './UnitSwitch';
import { WorkerNotice } from './WorkerNotice';

/** The strip above every station: whose job, what is wished, units, history, saved state, papers, help. */
export function TopStrip({ openHelp }: { openHelp(): void }) {
  const { job } = useDocument();
  const { state } = useSaves();
  const lengths = useLengths();
  const { server } = state;
  const waiting = state.queue.some(({ kind }) => kind === 'edits');
  const car = job.vehicle.label || 'Unnamed car';
  const brief = [job.title, briefLine(job.brief, lengths)].filter(Boolean).join(' · ');
  const undoName = waiting ? 'the last change' : server.undo;
  return (
    <header className="strip">
      <ToBench />
      <span className="strip-number figure">{server.number}</span>
      <strong className="strip-car" title={car}>
        {car}
      </strong>
      <span className="strip-brief" title={brief}>
        {brief}
      </span>
      <MissingSetup />
      <WorkerNotice />
      <StorageNotice />
      <OthersHere />
      <SavedState />
      <span className="strip-history">
        <NoteButton />
        <StepButton step="undo" name={undoName} />
        <StepButton step="redo" name={waiting ? null : server.redo} />
      </span>
      <Tools
        id={server.id}
        number={server.number}
        car={car}
        brief={brief}
        unsaved={state.queue.length > 0}
        photos={job.photos?.length ?? 0}
        isNamed={job.customer !== undefined}
        openHelp={openHelp}
      />
    </header>
  );
}

// The parts below are drawn again only when what they show changes: a nudge redraws the drawing, not the strip.

const ToBench = memo(() => (
  <Link to="/" className="brand" title="Back to the bench">
    scoval
  </Link>
));
ToBench.displayName = 'ToBench';

const STEPS = {
  undo: { name: 'Undo', keys: 'Ctrl+Z', icon: <UndoOutlined /> },
  redo: { name: 'Redo', keys: 'Shift+Ctrl+Z', icon: <RedoOutlined /> },
};

interface StepButtonProps {
  step: 'undo' | 'redo';
  /** What would be undone or redone; null when nothing can be. */
  name: string | null;
}

const StepButton = memo(({ step, name }: StepButtonProps) => {
  const dispatch = useDispatch();
  return (
    <Tip title={name ? `${STEPS[step].name}: ${name} (${STEPS[step].keys})` : `Nothing to ${step}`}>
      <Button
        kind="text"
        aria-label={STEPS[step].name}
        icon={STEPS[step].icon}
        disabled={!name}
        onClick={() => dispatch({ type: 'step', step })}
      />
    </Tip>
  );
});
StepButton.displayName = 'StepButton';

const NoteButton = memo(() => {
  const { write } = useNotePad();
  return (
    <Tip title="Note or photo (O)">
      <Button kind="text" aria-label="Note or photo" icon={<CameraOutlined />} onClick={() => write()} />
    </Tip>
  );
});
NoteButton.displayName = 'NoteButton';

interface ToolsProps extends PapersProps {
  number: string;
  car: string;
  brief: string;
  openHelp(): void;
}

const Tools = memo(({ number, car, brief, openHelp, ...papers }: ToolsProps) => (
  <StripMenu>
    <span className="strip-whole">
      <b>
        <span className="figure">{number}</span> {car}
      </b>
      <span className="soft">{brief}</span>
    </span>
    <UnitSwitch />
    <ThemeButton />
    <InstrumentButton />
    <PhoneButton jobId={papers.id} />
    <Papers {...papers} />
    <Tip title="Keys (?)">
      <Button kind="text" aria-label="Keys and help" icon={<QuestionOutlined />} onClick={openHelp} />
    </Tip>
  </StripMenu>
));
Tools.displayName = 'Tools';

export const ThemeButton = memo(() => {
  const { choose } = usePreferences();
  const dark = useTheme() === 'dark';
  const name = dark ? 'Switch to light' : 'Switch to dark';
  return (
    <Tip title={name}>
      <Button
        kind="text"
        aria-label={name}
        icon={dark ? <SunOutlined /> : <MoonOutlined />}
        onClick={() => choose({ theme: dark ? 'light' : 'dark' })}
      />
    </Tip>
  );
});
ThemeButton.displayName = 'ThemeButton';

interface PapersProps {
  id: string;
  unsaved: boolean;
  /** How many photos it has. */
  photos: number;
  /** It says whose car it is. */
  isNamed: boolean;
}

function Papers({ id, unsaved, photos, isNamed }: PapersProps) {
  const whole = photos > 0 ? ('zip' as const) : ('file' as const);
  const photosText = photos === 1 ? '1 photo' : `${photos} photos`;
  const lines: MenuLine[] = [
    unsaved
      ? { key: 'file', label: 'Job file: saving first', disabled: true }
      : { key: 'file', label: 'Job file (.json)', href: `/jobs/${id}/file` },
    photos === 0 || unsaved
      ? { key: 'zip', label: `Job with photos: ${photos === 0 ? 'there are none' : 'saving first'}`, disabled: true }
      : { key: 'zip', label: `Job with ${photosText} (.zip)`, href: `/jobs/${id}/zip` },
    ...(isNamed && !unsaved
      ? [
          {
            key: 'customer',
            label: `With the customer in it (${photos > 0 ? '.zip' : '.json'})`,
            href: `/jobs/${id}/${whole}?customer=yes`,
          },
        ]
      : []),
    { key: 'print', label: 'Print this station', onClick: () => window.print() },
  ];
  return (
    <Menu
      label="Papers"
      lines={lines}
      button={(opens) => (
        <Button icon={<FileTextOutlined />} {...opens}>
          Papers
        </Button>
      )}
    />
  );
}
