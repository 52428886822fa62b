import { Fragment, useState, type ReactNode } from 'react';
import type { Job } from '#core/job';
import type { SaveResult } from '#server/saved';
import { useDocument } from '../job/DocumentContext';
import { useReports } from '../job/ReportsContext';
import type { Unreachable } from '../job/jobState';
import { ChoiceField } from '../ui/fields/ChoiceField';
import { DRIVES } from '../ui/fields/choices';
import { DraftsContext } from '../ui/fields/DraftsContext';
import { LengthField, OffsetField } from '../ui/fields/LengthField';
import { MeasureField } from '../ui/fields/MeasureField';
import { NumberField } from '../ui/fields/NumberField';
import { TextField, ThreadField, TireSizeField } from '../ui/fields/TextField';
import { ConflictDialog } from '../ui/frame/ConflictDialog';
import { SavedState } from '../ui/frame/SavedState';
import { Ledger } from '../ui/ledger/Ledger';
import { AskedStatus } from '../ui/parts/AskedStatus';
import { RingMark } from '../ui/parts/Ring';
import { WordSwitch } from '../ui/parts/WordSwitch';
import { Tray } from '../ui/tray/Tray';
import { useSetupActions } from '../ui/tray/useSetupActions';
import { opened, saveAll, TableOf, type Sent } from './TableOf';

/** A part in one of its states. */
interface State {
  name: string;
  part: ReactNode;
}

const none = () => {};
const empty = { value: null, commit: none };

/** Fields as they are found: empty, filled, assumed, marked, with a text that is no value. */
const FIELDS: State[] = [
  { name: 'a length, empty', part: <LengthField name="s/1" label="Gap" range="thicknessMm" {...empty} /> },
  { name: 'a length', part: <LengthField name="s/2" label="Gap" range="thicknessMm" value={14} commit={none} /> },
  {
    name: 'a length that is assumed',
    part: <LengthField name="s/3" label="Flange" range="flangeMm" placeholder="12.7" assumed="usual" {...empty} />,
  },
  {
    name: 'a length with a text that is none',
    part: <LengthField name="s/faulty" label="Gap" range="thicknessMm" value={14} commit={none} />,
  },
  {
    name: 'a length, its name unseen',
    part: <LengthField name="s/4" label="Gap" range="thicknessMm" value={9.5} commit={none} bare />,
  },
  { name: 'an offset', part: <OffsetField name="s/5" label="Offset" value={42} commit={none} /> },
  {
    name: 'a count',
    part: <NumberField name="s/6" label="Lug count" range="lugCount" whole value={5} commit={none} />,
  },
  {
    name: 'a pressure',
    part: <MeasureField name="s/7" label="Cold" quantity="pressure" range="pressureKpa" value={230} commit={none} />,
  },
  { name: 'a tire size', part: <TireSizeField name="s/8" label="Tire size" value="205/55R16" commit={none} /> },
  { name: 'a thread', part: <ThreadField name="s/9" label="Thread" value="M12x1.5" commit={none} /> },
  { name: 'a text', part: <TextField name="s/10" label="Car" value="Brindle Kite 1.8 wagon" commit={none} /> },
  { name: 'a choice, open', part: <ChoiceField label="Driven wheels" choices={DRIVES} {...empty} /> },
  { name: 'a choice', part: <ChoiceField label="Driven wheels" choices={DRIVES} value="rwd" commit={none} /> },
];

/** A text that was typed and is no length. */
const DRAFTS = new Map([['s/faulty', 'as far as a thumb']]);

const RINGS: State[] = (
  [
    ['nothing used', 'ok', 0],
    ['half used', 'ok', 0.5],
    ['at its limit', 'caution', 0.75],
    ['at contact', 'fail', 1],
    ['not measured', 'unknown', null],
  ] as const
).map(([name, verdict, used]) => ({
  name: `a ring, ${name}`,
  part: <RingMark verdict={verdict} used={used} word={name} />,
}));

const asked = (name: 'idle' | 'running' | 'done', share: number) => ({
  ...{ name, share, value: null, isCurrent: false },
  start: none,
  stop: none,
});
const ASKED: State[] = [
  { name: 'a question, not asked', part: <AskedStatus asked={asked('idle', 0)} doing="Looking" again="Look" /> },
  { name: 'a question on its way', part: <AskedStatus asked={asked('running', 0.4)} doing="Looking" again="Look" /> },
];

const WORDS = [
  ['front', 'Front'],
  ['rear', 'Rear'],
] as const;

function SwitchState() {
  const [word, choose] = useState<'front' | 'rear'>('front');
  return (
    <WordSwitch<'front' | 'rear'>
      label="Axle"
      tip="Front or rear axle (A)"
      options={WORDS}
      value={word}
      choose={choose}
    />
  );
}

function TrayState() {
  return <Tray actions={useSetupActions()} />;
}

function LedgerState() {
  const { setups } = useReports();
  return setups
    .slice(0, 1)
    .map(({ setup, report }) => <Ledger key={setup.id} setup={setup} report={report} axle="front" allOpen={false} />);
}

/** The state of a save, with an edit that leads to it. */
function Save() {
  const { edit } = useDocument();
  return (
    <>
      <SavedState />
      <button type="button" onClick={() => edit({ op: 'set', path: ['title'], value: 'another' })}>
        Edit
      </button>
      <ConflictDialog />
    </>
  );
}

const answers = (job: Job): Record<string, (sent: Sent) => SaveResult | Unreachable> => ({
  saved: saveAll,
  'not reached': () => ({ status: 'unreachable', why: 'the server does not answer' }),
  refused: () => ({ status: 'invalid', faults: [{ path: 'title', message: 'is too long' }] }),
  'changed elsewhere': () => ({
    status: 'conflict',
    open: { ...opened(job), revision: 4 },
    changes: [{ at: '2026-03-01T09:40:00.000Z', label: 'title', edits: [], inverse: [], meets: true }],
    earlier: 3,
  }),
  gone: () => ({ status: 'gone' }),
});

/** Every shared part in all its states, for those who work on them. */
export function PartStates({ job }: { job: Job }) {
  return (
    <>
      <TableOf job={job}>
        <DraftsContext value={DRAFTS}>
          {[...FIELDS, ...RINGS, ...ASKED, { name: 'a switch', part: <SwitchState /> }].map(({ name, part }) => (
            <Fragment key={name}>
              <StateOf name={name}>{part}</StateOf>
            </Fragment>
          ))}
        </DraftsContext>
      </TableOf>
      <StateOf name="the ledger">
        <TableOf job={job}>
          <LedgerState />
        </TableOf>
      </StateOf>
      <StateOf name="the tray">
        <TableOf job={job}>
          <TrayState />
        </TableOf>
      </StateOf>
      <StateOf name="the tray, empty">
        <TableOf job={{ ...job, setups: [] }}>
          <TrayState />
        </TableOf>
      </StateOf>
      {Object.entries(answers(job)).map(([name, answer]) => (
        <StateOf key={name} name={`a save, ${name}`}>
          <TableOf job={job} answer={answer}>
            <Save />
          </TableOf>
        </StateOf>
      ))}
    </>
  );
}

const StateOf = ({ name, children }: { name: string; children: ReactNode }) => (
  <section aria-label={name} className="part-state">
    <h2 className="label">{name}</h2>
    {children}
  </section>
);
