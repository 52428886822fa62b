import { memo, useCallback, useId, useState } from 'react';
import {
  allChecks,
  type SetupReport,
  headlineOf,
  limitedBy,
  usedShare,
  verdictWord,
  type Check,
  checkOf,
  type CheckGroup,
} from '#core/evaluate';
import { AXLES, setupTitle, type AxleName, type Setup } from '#core/job';
import { likelihoodWord } from '#core/uncertainty';
import { type Verdict } from '#core/verdict';
import { useDocument } from '../../job/DocumentContext';
import { useIsStale } from '../../job/SweepsContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { RingMark } from '../parts/Ring';
import { checkName, marginText } from '../checkWords';
import { SweepStatus } from '../sweep/SweepStatus';
import { LedgerPull } from './LedgerPull';
import { RulesNotice } from './RulesNotice';
import { assumedNames, brakeRows, carRows, checkRow, tireRows, wheelRows, type Row } from './rows';
import './ledger.css';
import '../parts/judgedRow.css';
import '../parts/swept.css';

interface LedgerProps {
  setup: Setup;
  report: SetupReport;
  axle: AxleName;
  /** What the sheet shows stands first. */
  first?: 'room' | 'hub' | 'tire' | 'car';
  /** Every row shows its working. */
  allOpen: boolean;
}

/** Every figure of a setup with its limit and its working; what holds the setup stands at the top. */
export function Ledger({ setup, report, axle, first = 'room', allOpen }: LedgerProps) {
  const lengths = useLengths();
  const { job } = useDocument();
  const staleOf = useIsStale();
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const [pulled, setPulled] = useState(false);
  const toggle = useCallback(
    (key: string) =>
      setOpen((now) => {
        const next = new Set(now);
        if (!next.delete(key)) next.add(key);
        return next;
      }),
    [],
  );
  const isStale = staleOf(setup, axle);
  const verdictStale = AXLES.some((one) => staleOf(setup, one));
  const shown = { open, allOpen, toggle, isStale };
  const held = limitedBy(report);
  const checks = allChecks(report).filter((check) => check.axle === axle || check.axle === null);
  const headline = held?.verdict === 'unknown' ? headlineOf(checks) : null;
  const inGroup = (group: CheckGroup) =>
    checks.filter(({ code }) => checkOf(code).group === group).map((check) => checkRow(check, lengths));
  const room = <Group key="room" title={`Room, ${axle}`} rows={inGroup('room')} {...shown} />;
  const tire = (
    <Group
      key="tire"
      title={`Tire, ${axle}`}
      rows={[...inGroup('tire'), ...tireRows(report[axle], lengths)]}
      {...shown}
    />
  );
  const car = (
    <Group key="car" title="Whole car" rows={[...inGroup('car'), ...carRows(report, axle, lengths)]} {...shown} />
  );
  const onHub = (
    <Group
      key="hub"
      title={`Wheel on hub, ${axle}`}
      rows={[...inGroup('hub'), ...wheelRows(report[axle], lengths)]}
      {...shown}
    />
  );
  const brake = (
    <Group
      key="brake"
      title={`Brake, ${axle}`}
      rows={[...inGroup('brake'), ...brakeRows(report[axle], lengths)]}
      {...shown}
    />
  );
  const groups = { room, hub: onHub, tire, car, brake };
  return (
    <aside className="ledger" aria-label="Ledger" data-pulled={pulled}>
      <header>
        <LedgerPull pulled={pulled} pull={setPulled} />
        <h2>
          <span className="figure">{setup.id.toUpperCase()}</span> {setupTitle(setup, job.vehicle.flangeMm)}
        </h2>
        {held && (
          <strong
            className={`ledger-word may-be-stale is-${headline?.known ? 'ok' : held.verdict}`}
            data-stale={verdictStale}
          >
            {headline?.known || verdictWord(held)}
          </strong>
        )}
        <SweepStatus />
        {held && (
          <p className="soft may-be-stale" data-stale={verdictStale}>
            {headline ? (
              headline.open
            ) : (
              <>
                limited by <b>{checkName(held)}</b>: {marginText(held, lengths)}
              </>
            )}
          </p>
        )}
        {held && <Unsure check={held} />}
        <p className="visually-hidden" aria-live="polite">
          {held && !verdictStale && `Now ${verdictWord(held)}: ${checkName(held)}, ${marginText(held, lengths)}`}
        </p>
        <RulesNotice />
      </header>
      {ORDER[first].map((name) => groups[name])}
      {report[axle].assumed.length > 0 && (
        <p className="assumed-note">
          <span className="assumed">Assumed, not measured:</span> {assumedNames(report[axle].assumed).join('; ')}.
        </p>
      )}
      <p className="assumed-note">Figures are geometry. The test fit on the car decides.</p>
    </aside>
  );
}

/** Where what holds a setup is not sure, the reading that would narrow it most. */
function Unsure({ check }: { check: Check }) {
  const lengths = useLengths();
  const { probability, plusMinus, restsOn } = check;
  const [first] = restsOn ?? [];
  if (!first || probability === null || probability <= 0.025 || probability >= 0.975) return null;
  return (
    <p className="soft ledger-unsure">
      ±{lengths.text(plusMinus)}: {likelihoodWord(probability)} to clear. Most helpful to measure: {first.name}, to ±
      {lengths.text(first.leftPlusMinus)}.
    </p>
  );
}

/** The group of what the sheet shows comes first, the others in the order of the work. */
const ORDER = {
  room: ['room', 'brake', 'hub', 'tire', 'car'],
  hub: ['hub', 'brake', 'room', 'tire', 'car'],
  tire: ['tire', 'room', 'brake', 'hub', 'car'],
  car: ['car', 'tire', 'room', 'brake', 'hub'],
} as const;

interface GroupProps {
  title: string;
  rows: Row[];
  open: ReadonlySet<string>;
  allOpen: boolean;
  /** What comes of a sweep is from before a change. */
  isStale: boolean;
  toggle(key: string): void;
}

function Group({ title, rows, open, allOpen, isStale, toggle }: GroupProps) {
  return (
    <section>
      <h3 className="label">{title}</h3>
      {rows.map(({ working, check, key, ...row }) => {
        const isOpen = allOpen || open.has(key);
        return (
          <LedgerRow
            key={key}
            name={key}
            {...row}
            verdict={check?.verdict ?? null}
            used={check ? usedShare(check) : null}
            word={check ? verdictWord(check) : ''}
            isStale={isStale && check !== undefined && checkOf(check.code).swept === true}
            lines={isOpen ? working().join('\n') || 'not known: a reading is missing' : null}
            toggle={toggle}
          />
        );
      })}
    </section>
  );
}

interface LedgerRowProps {
  name: string;
  label: string;
  note: string;
  value: string;
  unit: string;
  /** Null for a figure that is not judged. */
  verdict: Verdict | null;
  used: number | null;
  word: string;
  isStale: boolean;
  /** The working, null while the row is closed. */
  lines: string | null;
  toggle(key: string): void;
}

/** Drawn again only when what it says has changed: most figures stay as they are under a nudge. */
const LedgerRow = memo((props: LedgerRowProps) => {
  const { name, label, note, value, unit, verdict, used, word, isStale, lines, toggle } = props;
  const id = useId();
  return (
    <div className={`ledger-row may-be-stale ${verdict ? '' : 'ledger-plain'}`} data-row={name} data-stale={isStale}>
      <button
        type="button"
        aria-expanded={lines !== null}
        aria-controls={lines === null ? undefined : id}
        onClick={() => toggle(name)}
      >
        <span className="ledger-ring">{verdict && <RingMark verdict={verdict} used={used} word={word} />}</span>
        <span className="judged-text">
          <span className="judged-label">{label}</span>
          <span className="judged-note">
            {isStale && <span className="visually-hidden">from before the change: </span>}
            {note}
          </span>
        </span>
        <span className={`ledger-value figure ${verdict ? `is-${verdict}` : ''}`}>
          {value}
          <span className="ledger-unit">{unit}</span>
        </span>
      </button>
      {lines !== null && (
        <div id={id} className="judged-working figure">
          {lines.split('\n').map((line) => (
            <p key={line}>{line}</p>
          ))}
        </div>
      )}
    </div>
  );
});
LedgerRow.displayName = 'LedgerRow';
