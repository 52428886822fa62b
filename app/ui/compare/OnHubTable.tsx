import { Table, type TableColumnsType } from 'antd';
import { type AxleReport, verdictWord, type Check, CHECKS, type CheckCode, findCheck } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { diameterFigure } from '#core/units';
import { WORST_FIRST } from '#core/verdict';
import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { Ring } from '../parts/Ring';
import { valueFigure } from '../checkWords';
import { setupTitle } from '../words';
import './compare.css';

interface Row {
  key: string;
  setup: Setup;
  figures: AxleReport;
}

const CODES = [
  'pattern',
  'centring',
  'fastening',
  'seat',
  'brake-spoke',
  'brake-barrel',
] as const satisfies readonly CheckCode[];

const found = ({ figures }: Row, code: CheckCode): Check | undefined => findCheck(figures.checks, code);
const rank = (row: Row, code: CheckCode): number => WORST_FIRST.indexOf(found(row, code)?.verdict ?? 'unknown');

/** Every setup at the hub: what bolts to what, and whether it holds. */
export function OnHubTable({ axle }: { axle: AxleName }) {
  const { job } = useDocument();
  const { setups } = useReports();
  const lengths = useLengths();
  const rows = setups.map(({ setup, report }): Row => ({ key: setup.id, setup, figures: report[axle] }));
  const columns: TableColumnsType<Row> = [
    {
      title: 'Setup',
      key: 'setup',
      render: (_, { setup }) => (
        <>
          <b className="figure">{setup.id.toUpperCase()}</b> {setupTitle(setup, job.vehicle.flangeMm)}
        </>
      ),
    },
    ...CODES.map((code) => ({
      title: CHECKS[code].short ?? CHECKS[code].label,
      key: code,
      sorter: (one: Row, other: Row) => rank(one, code) - rank(other, code),
      render: (_: unknown, row: Row) => {
        const check = found(row, code);
        return check ? (
          <span className="on-hub-cell">
            <Ring check={check} size={18} />
            <b className={`is-${check.verdict}`}>{verdictWord(check)}</b>
            <span className="figure">{check.value === null ? '' : valueFigure(check, lengths)}</span>
          </span>
        ) : (
          '—'
        );
      },
    })),
    {
      title: 'To order',
      key: 'order',
      render: (_, { figures }) => <span className="figure">{toOrder(figures, lengths.text).join('; ') || '—'}</span>,
    },
  ];
  return (
    <section className="differences" aria-label="On the hub">
      <h2 className="label">
        Wheel on hub, {axle} axle: bore play and thread in {lengths.sign}
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

/** What a setup still needs at the hub: rings by their diameters, longer studs or bolts. */
function toOrder({ centring, fastening }: AxleReport, length: (mm: number) => string): string[] {
  const rings = centring.interfaces.flatMap(({ state, ring }) =>
    state === 'ring-needed' && ring ? [`ring ${diameterFigure(ring.outerMm)} / ${diameterFigure(ring.innerMm)}`] : [],
  );
  const [joint] = fastening.joints;
  const longer =
    joint?.verdict === 'fail' && joint.tooLongMm === 0 && fastening.requiredLengthMm !== null
      ? [`${joint.kind} ${length(fastening.standardLengthMm ?? fastening.requiredLengthMm)}`]
      : [];
  return [...rings, ...longer];
}
