import { Table, type TableColumnsType } from 'antd';
import { type AxleReport, type SetupReport, limitedBy, usedShare, verdictWord } from '#core/evaluate';
import { AXLES, type AxleName, type Setup } from '#core/job';
import { formatNumber, offsetFigure } from '#core/units';
import { WORST_FIRST } from '#core/verdict';
import { useDocument } from '../../job/DocumentContext';
import { useIsStale } from '../../job/SweepsContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { checkName, marginText } from '../checkWords';
import type { Rung } from '../ladder/Ladder';
import { Ring } from '../parts/Ring';
import { faceText, setupTitle } from '../words';
import '../parts/swept.css';
import './compare.css';

interface Row {
  key: string;
  setup: Setup | null;
  figures: AxleReport;
  report: SetupReport;
}

const byNumber = (of: (figures: AxleReport) => number | null) => (a: Row, b: Row) =>
  (of(a.figures) ?? -Infinity) - (of(b.figures) ?? -Infinity);

/** How near a setup is to what holds it: worst verdict first, then least room left. */
const strain = ({ report }: Row): number => {
  const held = limitedBy(report);
  return held ? (WORST_FIRST.length - WORST_FIRST.indexOf(held.verdict)) * 10 + (usedShare(held) ?? 0) : 0;
};

/** Every setup against the present car, figure by figure. */
export function Differences({ rungs, axle }: { rungs: readonly Rung[]; axle: AxleName }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const staleOf = useIsStale();
  const isStale = (setup: Setup) => AXLES.some((one) => staleOf(setup, one));
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
          <span className="held-cell may-be-stale" data-stale={isStale(setup)}>
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
