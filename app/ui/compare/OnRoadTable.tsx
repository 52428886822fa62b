import { Table, type TableColumnsType } from 'antd';
import {
  type AxleReport,
  type SetupReport,
  verdictWord,
  type Check,
  CHECKS,
  type CheckCode,
  findCheck,
} from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { formatNumber, measureFigure, measureSign } from '#core/units';
import { WORST_FIRST } from '#core/verdict';
import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { useRaised } from '../../job/useRaised';
import { useLengths } from '../../preferences/PreferencesContext';
import { Ring } from '../parts/Ring';
import { SpeedChart } from '../car/SpeedChart';
import { setupTitle } from '../words';
import { marginText } from '../checkWords';
import './compare.css';

interface Row {
  key: string;
  setup: Setup | null;
  figures: AxleReport;
  report: SetupReport;
}

/** Checks that are laid side by side: those of the axle, then those of the car. */
const CODES = [
  'load',
  'wheel-rating',
  'speed-rating',
  'dual',
  'speedometer',
  'spare',
  'tpms',
] as const satisfies readonly CheckCode[];

const found = ({ figures, report }: Row, code: CheckCode): Check | undefined =>
  findCheck([...figures.checks, ...report.checks], code);
const rank = (row: Row, code: CheckCode): number => WORST_FIRST.indexOf(found(row, code)?.verdict ?? 'unknown');

/** Every setup on the road: what it carries, what the speedometer shows, spare and sensors, turns and weight. */
export function OnRoadTable({ axle }: { axle: AxleName }) {
  const { job } = useDocument();
  const { setups, present } = useReports();
  const current = useRaised();
  const lengths = useLengths();
  const rows: Row[] = [
    { key: 'now', setup: null, figures: present[axle], report: present },
    ...setups.map(({ setup, report }) => ({ key: setup.id, setup, figures: report[axle], report })),
  ];
  const metric = lengths.sign === 'mm';
  const shown = CODES.filter((code) => rows.some((row) => found(row, code)));
  const figure = (title: string, of: (figures: AxleReport) => number | null, show: (value: number) => string) => ({
    title,
    key: title,
    align: 'right' as const,
    sorter: (one: Row, other: Row) => (of(one.figures) ?? -Infinity) - (of(other.figures) ?? -Infinity),
    render: (_: unknown, { figures }: Row) => {
      const value = of(figures);
      return <span className="figure">{value === null ? '—' : show(value)}</span>;
    },
  });
  const mass = (kg: number) => measureFigure({ quantity: 'mass', value: kg, unit: lengths.units, plus: true });
  const columns: TableColumnsType<Row> = [
    {
      title: 'Setup',
      key: 'setup',
      render: (_, { setup }) =>
        setup ? (
          <>
            <b className="figure">{setup.id.toUpperCase()}</b> {setupTitle(setup, job.vehicle.flangeMm)}
          </>
        ) : (
          <span className="soft">on the car now</span>
        ),
    },
    ...shown.map((code) => ({
      title: CHECKS[code].short ?? CHECKS[code].label,
      key: code,
      sorter: (one: Row, other: Row) => rank(one, code) - rank(other, code),
      render: (_: unknown, row: Row) => {
        const check = found(row, code);
        return check ? (
          <span className="on-hub-cell" title={marginText(check, lengths)}>
            <Ring check={check} size={18} />
            <b className={`is-${check.verdict}`}>{verdictWord(check)}</b>
          </span>
        ) : (
          '—'
        );
      },
    })),
    figure(
      metric ? 'Turns a km' : 'Turns a mile',
      ({ tire }) => (metric ? tire.revolutionsPerKm : tire.revolutionsPerMile),
      (value) => formatNumber(value, 0),
    ),
    figure(
      `Pressure, ${measureSign('pressure', lengths.units)}`,
      ({ pressureKpa }) => pressureKpa,
      (kpa) => `≈ ${measureFigure({ quantity: 'pressure', value: kpa, unit: lengths.units })}`,
    ),
    figure(`Corner, ${measureSign('mass', lengths.units)}`, ({ massChangeKg }) => massChangeKg, mass),
    figure(
      'Inertia, %',
      ({ inertiaChangePct }) => inertiaChangePct,
      (pct) => formatNumber(pct, 0, true),
    ),
  ];
  return (
    <section className="differences" aria-label="On the road">
      <h2 className="label">On the road, {axle} axle and whole car; weight and inertia against now, a corner</h2>
      <Table<Row>
        columns={columns}
        dataSource={rows}
        pagination={false}
        size="small"
        rowKey="key"
        showSorterTooltip={false}
      />
      <div className="compare-chart">
        <SpeedChart lines={rows.map(({ key, report }) => ({ id: key, report }))} current={current?.id ?? null} />
      </div>
    </section>
  );
}
