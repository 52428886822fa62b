import { Table, type TableColumnsType } from 'antd';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { type AxleReport, type SetupReport, limitedBy, usedShare, verdictWord } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { formatNumber, offsetFigure } from '#core/units';
import { WORST_FIRST } from '#core/verdict';
import { useJob } from '../job/JobContext';
import { useLengths } from '../preferences/PreferencesContext';
import { Ladder, type Rung } from '../ui/ladder/Ladder';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { Ring } from '../ui/parts/Ring';
import { OnHubTable } from '../ui/stations/OnHubTable';
import { OnRoadTable } from '../ui/stations/OnRoadTable';
import { checkName, marginText } from '../ui/checkWords';
import { faceText, setupTitle } from '../ui/words';
import '../ui/stations/compare.css';

interface Row {
  key: string;
  setup: Setup | null;
  figures: AxleReport;
  report: SetupReport;
}

/** Candidates side by side and against the present car: on one lateral scale, and in a table of differences. */
export default function ComparePage() {
  const { job, axle, setups, present, current, raise, state } = useJob();
  const rungs = useMemo<Rung[]>(
    () => [
      { id: 'now', setup: null, report: present },
      ...setups.map(({ setup, report }) => ({ id: setup.id, setup, report })),
    ],
    [setups, present],
  );
  return (
    <div className="compare">
      <header className="sheet-head">
        <h1>
          {axle === 'front' ? 'Front' : 'Rear'} axle, every setup on one scale{' '}
          <span className="soft">numbers left: inner gap, right: face against fender</span>
        </h1>
        <AxleSwitch />
      </header>
      <Ladder job={job} axle={axle} rungs={rungs} current={current?.id ?? null} raise={raise} />
      {setups.length === 0 ? (
        <p className="empty-line">
          No setup yet. <Link to={`/jobs/${state.server.id}/setups`}>Build the first one</Link>; it stands here beside
          the present car.
        </p>
      ) : (
        <>
          <Differences rungs={rungs} axle={axle} />
          <OnHubTable axle={axle} />
          <OnRoadTable axle={axle} />
        </>
      )}
    </div>
  );
}

const byNumber = (of: (figures: AxleReport) => number | null) => (a: Row, b: Row) =>
  (of(a.figures) ?? -Infinity) - (of(b.figures) ?? -Infinity);

/** How near a setup is to what holds it: worst verdict first, then least room left. */
const strain = ({ report }: Row): number => {
  const held = limitedBy(report);
  return held ? (WORST_FIRST.length - WORST_FIRST.indexOf(held.verdict)) * 10 + (usedShare(held) ?? 0) : 0;
};

function Differences({ rungs, axle }: { rungs: readonly Rung[]; axle: AxleName }) {
  const { job } = useJob();
  const lengths = useLengths();
  const rows: Row[] = rungs.map(({ id, setup, report }) => ({ key: id, setup, figures: report[axle], report }));
  const figure = (
    title: string,
    of: (figures: AxleReport) => number | null,
    show: (value: number) => string,
  ): TableColumnsType<Row>[number] => ({
    title,
    key: title,
    align: 'right',
    sorter: byNumber(of),
    render: (_, { figures }) => {
      const value = of(figures);
      return <span className="figure">{value === null ? '—' : show(value)}</span>;
    },
  });
  const length = (value: number) => lengths.figure(value);
  const change = (value: number) => lengths.figure(value, true);
  const columns: TableColumnsType<Row> = [
    {
      title: 'Setup',
      key: 'setup',
      sorter: (a, b) => (a.setup?.id ?? '').localeCompare(b.setup?.id ?? ''),
      render: (_, { setup }) =>
        setup ? (
          <>
            <b className="figure">{setup.id.toUpperCase()}</b> {setupTitle(setup, job.vehicle.flangeMm)}
          </>
        ) : (
          <span className="soft">on the car now</span>
        ),
    },
    {
      title: 'Face',
      key: 'face',
      align: 'right',
      sorter: byNumber(({ pokeMm }) => pokeMm),
      render: (_, { figures }) => <span className="figure">{faceText(figures.pokeMm, lengths)}</span>,
    },
    figure(`Inner gap`, ({ inboardGapMm }) => inboardGapMm, length),
    figure('Arch gap', ({ archGapMm }) => archGapMm, length),
    figure('ETe, mm', ({ effectiveOffsetMm }) => effectiveOffsetMm, offsetFigure),
    figure('Outer face', ({ outerChangeMm }) => outerChangeMm, change),
    figure('Inner face', ({ innerChangeMm }) => innerChangeMm, change),
    figure('Track', ({ trackChangeMm }) => trackChangeMm, change),
    figure(
      '⌀, %',
      ({ diameterChangePct }) => diameterChangePct,
      (value) => formatNumber(value, 1, true),
    ),
    {
      title: 'Held by',
      key: 'held',
      sorter: (a, b) => strain(a) - strain(b),
      render: (_, { setup, report }) => {
        const held = setup && limitedBy(report);
        return held ? (
          <span className="held-cell">
            <Ring check={held} size={18} />
            <span>
              <b className={`is-${held.verdict}`}>{verdictWord(held)}</b>: {checkName(held)},{' '}
              {marginText(held, lengths)}
            </span>
          </span>
        ) : (
          <span className="soft">—</span>
        );
      },
    },
  ];
  return (
    <section className="differences" aria-label="Differences">
      <h2 className="label">
        Differences, {axle} axle, lengths in {lengths.sign}; changes are against the present car
      </h2>
      <Table<Row>
        columns={columns}
        dataSource={rows}
        pagination={false}
        size="small"
        rowKey="key"
        showSorterTooltip={false}
      />
    </section>
  );
}
