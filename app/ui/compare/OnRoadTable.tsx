import { type Check, verdictWord } from '#core/evaluate';
import type { AxleName } from '#core/job';
import { formatNumber, measureFigure, measureSign } from '#core/units';
import { useReports } from '../../job/ReportsContext';
import { useRaised } from '../../job/useRaised';
import { useLengths } from '../../preferences/PreferencesContext';
import { SpeedChart } from '../car/SpeedChart';
import { marginText } from '../checkWords';
import { figureColumn } from '../parts/figureColumn';
import { Ring } from '../parts/Ring';
import { checkColumn, checkIn, CompareTable, rowOf, type Row } from './CompareTable';
import './compare.css';

/** Checks that are laid side by side: those of the axle, then those of the car. */
const CODES = ['load', 'wheel-rating', 'speed-rating', 'dual', 'speedometer', 'spare', 'tpms'] as const;

/** Every setup on the road: what it carries, what the speedometer shows, spare and sensors, turns and weight. */
export function OnRoadTable({ axle }: { axle: AxleName }) {
  const { setups, present } = useReports();
  const raised = useRaised();
  const lengths = useLengths();
  const rows = [rowOf(null, present, axle), ...setups.map(({ setup, report }) => rowOf(setup, report, axle))];
  const metric = lengths.sign === 'mm';
  const mass = (kg: number) => measureFigure({ quantity: 'mass', value: kg, unit: lengths.units, plus: true });
  const show = (check: Check) => (
    <span className="on-hub-cell" title={marginText(check, lengths)}>
      <Ring check={check} size={18} />
      <b className={`is-${check.verdict}`}>{verdictWord(check)}</b>
    </span>
  );
  const columns = [
    ...CODES.filter((code) => rows.some((row) => checkIn(row, code))).map((code) => checkColumn(code, show)),
    figureColumn<Row>(
      metric ? 'Turns a km' : 'Turns a mile',
      ({ tire }) => (metric ? tire.revolutionsPerKm : tire.revolutionsPerMile),
      (value) => formatNumber(value, 0),
    ),
    figureColumn<Row>(
      `Pressure, ${measureSign('pressure', lengths.units)}`,
      ({ pressureKpa }) => pressureKpa,
      (kpa) => `≈ ${measureFigure({ quantity: 'pressure', value: kpa, unit: lengths.units })}`,
    ),
    figureColumn<Row>(`Corner, ${measureSign('mass', lengths.units)}`, ({ massChangeKg }) => massChangeKg, mass),
    figureColumn<Row>(
      'Inertia, %',
      ({ inertiaChangePct }) => inertiaChangePct,
      (pct) => formatNumber(pct, 0, true),
    ),
  ];
  return (
    <CompareTable
      label="On the road"
      title={`On the road, ${axle} axle and whole car; weight and inertia against now, a corner`}
      rows={rows}
      columns={columns}
    >
      <div className="compare-chart">
        <SpeedChart lines={rows.map(({ key, report }) => ({ id: key, report }))} current={raised?.id ?? null} />
      </div>
    </CompareTable>
  );
}
