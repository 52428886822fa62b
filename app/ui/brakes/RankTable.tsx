import { verdictWord } from '#core/evaluate';
import type { RankedWheel } from '#core/advice';
import { offsetFigure, rimFigure } from '#core/units';
import { type Verdict } from '#core/verdict';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LENGTH_WORDS } from '../words';
import type { Subject } from './subjects';
import './brakes.css';
import type { Column } from '../table/columns';
import { RowsTable } from '../table/RowsTable';

type Row = RankedWheel<Subject>;

/** Every wheel at hand by the room it leaves the brake: width and offset stand beside it and say nothing. */
export function RankTable({ ranked, choose }: { ranked: readonly Row[]; choose(key: string): void }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const clearance = (title: string, of: (row: Row) => number | null): Column<Row> => ({
    title,
    key: title,
    align: 'right',
    sorter: (one, other) => (of(one) ?? -Infinity) - (of(other) ?? -Infinity),
    render: (row) => <span className="figure">{lengths.figure(of(row))}</span>,
  });
  const columns: readonly Column<Row>[] = [
    {
      title: 'Wheel',
      key: 'wheel',
      render: ({ of }) => (
        <button type="button" className="link-button" onClick={() => choose(of.key)}>
          {of.name}
        </button>
      ),
    },
    {
      title: 'Width × offset',
      key: 'size',
      render: ({ wheel }) => {
        const offset = wheelOffsetMm(wheel, job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM);
        return (
          <span className="figure">
            {wheel.rimWidthIn == null ? '—' : rimFigure(wheel.rimWidthIn)}{' '}
            {offset === null ? '—' : offsetFigure(offset)}
          </span>
        );
      },
    },
    clearance('To spokes', ({ brake }) => brake.spokeMm),
    clearance('To barrel', ({ brake }) => brake.barrelMm),
    clearance('To weights', ({ brake }) => brake.weightMm),
    clearance('Margin', ({ spareMm }) => spareMm),
    clearance('Clears with stack', ({ brake }) => brake.stackToClearMm),
    {
      title: 'Verdict',
      key: 'verdict',
      render: ({ brake }) => (
        <>
          <b className={`is-${brake.verdict}`}>{verdictWord({ code: 'brake-spoke', verdict: brake.verdict })}</b>
          {brake.assumed && <em className="assumed"> assumed</em>}
        </>
      ),
    },
    { title: 'Bolts on', key: 'pattern', render: ({ pattern }) => <Fits verdict={pattern} /> },
  ];
  return (
    <div className="rank">
      <p className="soft">
        Sorted by the least margin over the limits at spokes, barrel and weights; lengths in{' '}
        {LENGTH_WORDS[lengths.sign]}. Setups with their stacks, shelf wheels without.
      </p>
      <RowsTable<Row> wide columns={columns} rows={ranked} rowKey={({ of }) => of.key} pageSize={50} />
    </div>
  );
}

const Fits = ({ verdict }: { verdict: Verdict }) => (
  <span className={`is-${verdict}`}>{verdictWord({ code: 'pattern', verdict })}</span>
);
