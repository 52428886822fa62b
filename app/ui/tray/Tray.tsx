import { memo, useEffect, useRef, useState } from 'react';
import { headlineOf, limitedBy, verdictWord, type Check, type SetupReport } from '#core/evaluate';
import { AXLES, isFitted, setupTitle, wheelCode, type AxleName, type Setup } from '#core/job';
import { offsetFigure } from '#core/units';
import { Button } from '../controls/Button';
import { Input } from '../controls/Input';
import { CopyOutlined, DeleteOutlined, PlusOutlined } from '../controls/icons';
import { Tip } from '../controls/Tip';
import { useDocument } from '../../job/DocumentContext';
import { useReports, type SetupOnTable } from '../../job/ReportsContext';
import { useSelection } from '../../job/SelectionContext';
import { useRaised } from '../../job/useRaised';
import { useIsStale } from '../../job/SweepsContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { Ring } from '../parts/Ring';
import { checkName } from '../checkWords';
import { costText } from '#core/cost';
import { faceText, stackLine, tireLine } from '../words';
import type { SetupActions } from './useSetupActions';
import '../parts/swept.css';
import './tray.css';

/** The setups, always in sight, the current one raised. */
export function Tray({ actions }: { actions: SetupActions }) {
  const { job } = useDocument();
  const { setups } = useReports();
  const current = useRaised();
  const { axle, raise } = useSelection();
  const staleOf = useIsStale();
  const [search, setSearch] = useState('');
  const isMany = setups.length > MANY;
  const wanted = isMany ? search.trim().toLowerCase() : '';
  const isFound = ({ setup }: SetupOnTable): boolean =>
    setup.id === current?.id || searchText(setup, job.vehicle.flangeMm).includes(wanted);
  const found = wanted === '' ? setups : setups.filter(isFound);
  return (
    <section className="tray" aria-label="Setups">
      <ul>
        {found.map(({ setup, report }) => (
          <Card
            key={setup.id}
            setup={setup}
            report={report}
            axle={axle}
            flangeMm={job.vehicle.flangeMm}
            raised={setup.id === current?.id}
            isChosen={setup.id === job.decision?.setup}
            isStale={AXLES.some((one) => staleOf(setup, one))}
            raise={raise}
          />
        ))}
      </ul>
      <div className="tray-tools">
        <Tools actions={actions} some={current !== null} fitted={current !== null && isFitted(job, current.id)} />
        {isMany && (
          <Input
            type="search"
            className="tray-search"
            aria-label="Search setups"
            placeholder={`Search ${setups.length} setups`}
            value={search}
            onChange={({ target }) => setSearch(target.value)}
          />
        )}
      </div>
    </section>
  );
}

/** From how many setups on they can be searched. */
const MANY = 8;

/** What a search looks through: letter, name, wheels, tires. */
const searchText = (setup: Setup, flangeMm: number | null | undefined): string =>
  [
    setup.id,
    setupTitle(setup, flangeMm),
    ...AXLES.flatMap((axle) => [wheelCode(setup[axle], flangeMm), tireLine(setup[axle])]),
  ]
    .join(' ')
    .toLowerCase();

interface CardProps {
  setup: Setup;
  report: SetupReport;
  axle: AxleName;
  flangeMm: number | null | undefined;
  raised: boolean;
  /** It was decided for. */
  isChosen: boolean;
  /** Its verdict is from before a change. */
  isStale: boolean;
  raise(id: string): void;
}

/** A setup in a few lines; drawn again only when it or its report is another. */
const Card = memo(({ setup, report, axle, flangeMm, raised, isChosen, isStale, raise }: CardProps) => {
  const lengths = useLengths();
  const held = limitedBy(report);
  const figures = report[axle];
  const said = heldText(report, held, axle);
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    const card = button.current?.parentElement;
    const row = card?.parentElement;
    if (!raised || !card || !row) return;
    // The row alone moves: on a narrow screen the page under it stays where it is read.
    const [from, to] = [card.offsetLeft - row.offsetLeft, card.offsetLeft - row.offsetLeft + card.offsetWidth];
    if (from < row.scrollLeft) row.scrollLeft = from;
    else if (to > row.scrollLeft + row.clientWidth) row.scrollLeft = to - row.clientWidth;
  }, [raised]);
  return (
    <li>
      <button
        type="button"
        className={`tray-card ${raised ? 'tray-raised' : ''}`}
        aria-pressed={raised}
        title={`${setupTitle(setup, flangeMm)}: ${said}`}
        ref={button}
        onClick={() => raise(setup.id)}
      >
        <span className="tray-title">
          <Ring check={held} />
          <b className="figure">{setup.id.toUpperCase()}</b>
          <span className="tray-name">{setupTitle(setup, flangeMm)}</span>
        </span>
        <span className="tray-line figure">{tireLine(setup[axle])}</span>
        <span className="tray-line figure">{stackLine(setup[axle], lengths)}</span>
        <span className="tray-figures">
          <span>{faceText(figures.pokeMm, lengths)}</span>
          <span>inner {lengths.figure(figures.inboardGapMm)}</span>
          <span>ETe {figures.effectiveOffsetMm === null ? '—' : offsetFigure(figures.effectiveOffsetMm)}</span>
          {report.cost.total !== null && report.cost.lines.length > 0 && <span>{costText(report.cost)}</span>}
          {isChosen && <b className="tray-chosen">chosen</b>}
        </span>
        <span className={`tray-held may-be-stale is-${held?.verdict ?? 'unknown'}`} data-stale={isStale}>
          {said}
        </span>
      </button>
    </li>
  );
});
Card.displayName = 'Card';

/** What limits a setup; while something is not measured, what of the axle is known already. */
function heldText(report: SetupReport, held: Check | null, axle: AxleName): string {
  if (!held) return 'not known';
  const headline = held.verdict === 'unknown' ? headlineOf(report[axle].checks) : null;
  return headline
    ? [headline.known, headline.open].filter(Boolean).join('; ')
    : `${verdictWord(held)}: ${checkName(held)}`;
}

interface ToolsProps {
  actions: SetupActions;
  some: boolean;
  /** The raised setup has been on the car. */
  fitted: boolean;
}

const Tools = memo(({ actions, some, fitted }: ToolsProps) => (
  <>
    <Tip title="New setup from what is on the car (N)">
      <Button icon={<PlusOutlined />} onClick={actions.add}>
        New
      </Button>
    </Tip>
    <Tip title="Duplicate this setup (D)">
      <Button icon={<CopyOutlined />} disabled={!some} onClick={actions.double}>
        Duplicate
      </Button>
    </Tip>
    <Tip
      title={
        fitted ? 'This setup has been on the car: it stays with its fittings' : 'Delete this setup; undo brings it back'
      }
    >
      <Button icon={<DeleteOutlined />} disabled={!some || fitted} onClick={actions.remove}>
        Delete
      </Button>
    </Tip>
    <p className="soft tray-keys">
      <kbd>[</kbd> <kbd>]</kbd> offset 1 <kbd>-</kbd> <kbd>=</kbd> stack 1<br />
      <kbd>J</kbd> <kbd>K</kbd> setup <kbd>W</kbd> working
    </p>
  </>
));
Tools.displayName = 'Tools';
