import type { SetupReport, SpeedometerReport } from '#core/evaluate';
import { formatNumber, inReadersUnit, measureSign } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import './car.css';

/** True speed and engine speed at the speeds that are looked at. */
export function SpeedTable({ report, present }: { report: SetupReport; present: SetupReport }) {
  const { units: unit } = useLengths();
  const { points, engine } = report.speedometer;
  const sign = measureSign('speed', unit);
  const speed = (kmh: number | null | undefined) =>
    kmh == null ? '—' : formatNumber(inReadersUnit('speed', kmh, unit));
  return (
    <table className="speed-table">
      <thead>
        <tr>
          <th scope="col">Shown, {sign}</th>
          <th scope="col">True speed now</th>
          <th scope="col">True speed after</th>
          <th scope="col">Lowest allowed</th>
          {engine && <th scope="col">Engine speed now</th>}
          {engine && <th scope="col">Engine speed after</th>}
        </tr>
      </thead>
      <tbody>
        {points.map(({ shownKmh, trueKmh, leastKmh, mostKmh }, at) => (
          <tr key={shownKmh}>
            <th scope="row" className="figure">
              {speed(shownKmh)}
            </th>
            <td className="figure">{speed(present.speedometer.points[at]?.trueKmh)}</td>
            <td className={isOut({ trueKmh, leastKmh, mostKmh }) ? 'figure is-fail' : 'figure'}>
              {speed(trueKmh)}
              {trueKmh !== null && trueKmh > mostKmh + 1e-6 && ' low'}
            </td>
            <td className="figure soft">{speed(leastKmh)}</td>
            {engine && (
              <td className="figure soft">{engine[at]?.nowRpm == null ? '—' : formatNumber(engine[at].nowRpm, 0)}</td>
            )}
            {engine && <td className="figure">{formatNumber(engine[at]!.rpm, 0)}</td>}
          </tr>
        ))}
      </tbody>
      <caption className="soft">
        {report.speedometer.ownRatio === null
          ? 'Assumes the speedometer is exact today: enter what it shows against the true speed.'
          : `By the car's own reading, ${formatNumber(100 * report.speedometer.ownRatio, 1)} true at 100 shown.`}
        {engine &&
          ' Engine a minute, at that speed driven' +
            ` truly${report.speedometer.gearAssumed ? ', direct gear assumed' : ''}.`}
      </caption>
    </table>
  );
}

type Point = SpeedometerReport['points'][number];

const isOut = ({ trueKmh, leastKmh, mostKmh }: Pick<Point, 'trueKmh' | 'leastKmh' | 'mostKmh'>): boolean =>
  trueKmh !== null && (trueKmh > mostKmh + 1e-6 || trueKmh < leastKmh);
