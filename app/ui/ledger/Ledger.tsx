import { memo, useCallback, useId, useState } from 'react';
import { allChecks, heldBy, type AxleReport, type SetupReport } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { formatNumber, offsetFigure } from '#core/units';
import { usedShare, verdictWord, type Check, type Verdict } from '#core/verdict';
import { useJob } from '../../job/JobContext';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { RingMark } from '../parts/Ring';
import { checkName, limitText, marginText, setupTitle, valueFigure } from '../words';
import './ledger.css';

interface Row {
  key: string;
  label: string;
  note: string;
  value: string;
  unit: string;
  /** The arithmetic; asked for only where the row is open. */
  working(): string[];
  check?: Check;
}

interface LedgerProps {
  setup: Setup;
  report: SetupReport;
  axle: AxleName;
  /** What the sheet shows stands first. */
  first?: 'room' | 'hub';
  /** Every row shows its working. */
  allOpen: boolean;
}

/** Every figure of a setup with its limit and its working; what holds the setup stands at the top. */
export function Ledger({ setup, report, axle, first = 'room', allOpen }: LedgerProps) {
  const lengths = useLengths();
  const { job } = useJob();
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const toggle = useCallback(
    (key: string) =>
      setOpen((now) => {
        const next = new Set(now);
        if (!next.delete(key)) next.add(key);
        return next;
      }),
    [],
  );
  const shown = { open, allOpen, toggle };
  const held = heldBy(report);
  const checks = allChecks(report).filter((check) => check.axle === axle || check.axle === null);
  const pick = (...codes: string[]) =>
    checks
      .filter(({ code }) => codes.some((known) => code === known || code.startsWith(`${known}:`)))
      .map((check) => checkRow(check, lengths));
  const room = (
    <Group key="room" title={`Room, ${axle}`} rows={pick('fender', 'inboard', 'arch', 'obstacle')} {...shown} />
  );
  const tire = (
    <Group
      key="tire"
      title={`Tire, ${axle}`}
      rows={[...pick('rim-diameter', 'rim-width', 'diameter', 'axle-match'), ...tireRows(report[axle], lengths)]}
      {...shown}
    />
  );
  const onHub = (
    <Group
      key="hub"
      title={`Wheel on hub, ${axle}`}
      rows={[
        ...pick('pattern', 'centring', 'fastening', 'seat', 'lug-hole', 'bolt-lengths'),
        ...wheelRows(report[axle], lengths),
      ]}
      {...shown}
    />
  );
  return (
    <aside className="ledger" aria-label="Ledger">
      <header>
        <h2>
          <span className="figure">{setup.id.toUpperCase()}</span> {setupTitle(setup, job.vehicle.flangeMm)}
        </h2>
        {held && <strong className={`ledger-word is-${held.verdict}`}>{verdictWord(held)}</strong>}
        {held && (
          <p className="soft">
            held by <b>{checkName(held)}</b>: {marginText(held, lengths)}
          </p>
        )}
      </header>
      {first === 'hub' ? [onHub, room, tire] : [room, onHub, tire]}
      {report[axle].assumed.length > 0 && (
        <p className="ledger-assumed">
          <span className="assumed">Assumed, not measured:</span> {report[axle].assumed.map(assumedName).join(', ')}.
        </p>
      )}
      <p className="ledger-assumed">Figures are geometry. The test fit on the car decides.</p>
    </aside>
  );
}

const ASSUMED: Record<string, string> = {
  flangeMm: 'flange thickness 12.7 mm a side',
  stackMm: 'no spacer on the car now',
  kingpinInclinationDeg: 'kingpin inclination of its kind',
  kingpinOffsetMm: 'kingpin offset of its kind',
};
const assumedName = (path: string): string => ASSUMED[path.split('.').at(-1)!] ?? path;

function checkRow(check: Check, lengths: Lengths): Row {
  return {
    key: check.code,
    label: check.label,
    note: `${verdictWord(check)} · ${limitText(check, lengths)}`,
    value: valueFigure(check, lengths),
    unit:
      check.value === null || valueFigure(check, lengths) === 'same'
        ? ''
        : check.unit === 'mm'
          ? lengths.sign
          : check.unit,
    working: () => check.working,
    check,
  };
}

function wheelRows(axle: AxleReport, lengths: Lengths): Row[] {
  const length = (
    key: Exclude<keyof AxleReport['working'], keyof AxleReport['tire']>,
    label: string,
    note: string,
    plus = false,
  ): Row => ({
    key,
    label,
    note,
    value: lengths.figure(axle[key], plus),
    unit: axle[key] === null ? '' : lengths.sign,
    working: () => axle.working[key] ?? [],
  });
  const offset = axle.effectiveOffsetMm;
  return [
    {
      key: 'effectiveOffsetMm',
      label: 'Effective offset',
      note: 'offset less stack',
      value: offset === null ? '—' : offsetFigure(offset),
      unit: offset === null ? '' : 'mm',
      working: () => axle.working.effectiveOffsetMm ?? [],
    },
    length('backspacingOverallMm', 'Backspacing, overall', 'as a straight-edge reads it'),
    length('backspacingNominalMm', 'Backspacing, nominal', 'arithmetic on the nominal width'),
    length('frontspacingMm', 'Front spacing', 'overall width less backspacing'),
    length('overallWidthMm', 'Overall width', 'nominal width and both flanges'),
    length('outerChangeMm', 'Outer face moves', 'against now, + outboard', true),
    length('innerChangeMm', 'Inner face moves', 'against now, + inboard', true),
    length('trackChangeMm', 'Track', 'against now', true),
    ...(axle.scrubRadiusMm === null
      ? []
      : [
          length(
            'scrubRadiusMm',
            'Scrub radius',
            axle.assumed.some((path) => path.includes('kingpin')) ? 'steering axis assumed' : 'steering axis measured',
            true,
          ),
          length('scrubChangeMm', 'Scrub radius moves', 'against now', true),
        ]),
  ];
}

function tireRows(axle: AxleReport, lengths: Lengths): Row[] {
  const { tire } = axle;
  const length = (
    key: 'overallDiameterMm' | 'sectionWidthMm' | 'treadWidthMm' | 'circumferenceMm',
    label: string,
    note: string,
  ): Row => ({
    key,
    label,
    note,
    value: lengths.figure(tire[key]),
    unit: tire[key] === null ? '' : lengths.sign,
    working: () => axle.working[key] ?? [],
  });
  const speed = axle.trueSpeedAt100;
  return [
    length('overallDiameterMm', 'Overall diameter', 'new and inflated'),
    length('sectionWidthMm', 'Section width', 'on this rim'),
    {
      key: 'trueSpeedAt100',
      label: 'True speed at 100 shown',
      note: speed !== null && speed > 100 ? 'the speedometer now reads lower' : 'had it been exact before',
      value: speed === null ? '—' : formatNumber(speed),
      unit: '',
      working: () => axle.working.trueSpeedAt100 ?? [],
    },
    {
      key: 'rideHeightChangeMm',
      label: 'Ride height',
      note: 'by the tire alone',
      value: lengths.figure(axle.rideHeightChangeMm, true),
      unit: axle.rideHeightChangeMm === null ? '' : lengths.sign,
      working: () => axle.working.rideHeightChangeMm ?? [],
    },
  ];
}

interface GroupProps {
  title: string;
  rows: Row[];
  open: ReadonlySet<string>;
  allOpen: boolean;
  toggle(key: string): void;
}

function Group({ title, rows, open, allOpen, toggle }: GroupProps) {
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
  /** The working, null while the row is closed. */
  lines: string | null;
  toggle(key: string): void;
}

/** Drawn again only when what it says has changed: most figures stay as they are under a nudge. */
const LedgerRow = memo(({ name, label, note, value, unit, verdict, used, word, lines, toggle }: LedgerRowProps) => {
  const id = useId();
  return (
    <div className={`ledger-row ${verdict ? '' : 'ledger-plain'}`} data-row={name}>
      <button type="button" aria-expanded={lines !== null} aria-controls={id} onClick={() => toggle(name)}>
        {verdict ? <RingMark verdict={verdict} used={used} word={word} /> : <span />}
        <span className="ledger-text">
          <span className="ledger-label">{label}</span>
          <span className="ledger-note">{note}</span>
        </span>
        <span className={`ledger-value figure ${verdict ? `is-${verdict}` : ''}`}>
          {value}
          <span className="ledger-unit">{unit}</span>
        </span>
      </button>
      <div id={id} className="ledger-working figure" hidden={lines === null}>
        {lines?.split('\n').map((line) => (
          <p key={line}>{line}</p>
        ))}
      </div>
    </div>
  );
});
LedgerRow.displayName = 'LedgerRow';
