import type { SetupReport } from '#core/evaluate';
import { AXLES } from '#core/job';
import type { CornerPlaces, StanceScene } from '#core/stance';
import { SIDES } from '#core/sweep';
import { capital } from '#core/text';
import { formatNumber } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { cornerWords } from './cornerWords';
import { gapsOf, pokeWords } from './figureMarks';
import '../parts/partsTable.css';
import './stance.css';

interface CornersProps {
  scene: StanceScene;
  report: SetupReport;
  /** What is looked at beside, with its name. */
  beside: { name: string; report: SetupReport } | null;
  id: string;
}

/** What the picture shows of each corner, in figures, and in a sentence for who does not see it. */
export function Corners({ scene, report, beside, id }: CornersProps) {
  const lengths = useLengths();
  const placesOf = (axle: string, side: string) => scene.corners.find((one) => one.axle === axle && one.side === side);
  const corners = AXLES.flatMap((axle) => SIDES.flatMap((side) => placesOf(axle, side) ?? []));
  const poke = (of: SetupReport, corner: CornerPlaces) => {
    const { pokeMm } = gapsOf(of, corner);
    return pokeMm === null ? '—' : pokeWords(pokeMm, lengths.figure);
  };
  return (
    <section aria-label="Corners">
      <h2 className="label">Corners</h2>
      <table className="parts-table stance-corners">
        <thead>
          <tr>
            <th scope="col">
              <span className="visually-hidden">Corner</span>
            </th>
            <th scope="col">Poke</th>
            {beside && <th scope="col">{`Poke, ${beside.name}`}</th>}
            {!beside && <th scope="col">Under fender</th>}
            {!beside && <th scope="col">Fender height</th>}
          </tr>
        </thead>
        <tbody>
          {corners.map((corner) => (
            <tr key={`${corner.axle}-${corner.side}`}>
              <th scope="row">{capital(`${corner.axle} ${corner.side}`)}</th>
              <td className="figure">{poke(report, corner)}</td>
              {beside && <td className="figure soft">{poke(beside.report, corner)}</td>}
              {!beside && <td className="figure">{lengths.figure(gapsOf(report, corner).archGapMm)}</td>}
              {!beside && <td className="figure">{lengths.figure(corner.lip?.[1])}</td>}
            </tr>
          ))}
        </tbody>
        <caption className="soft">
          In {lengths.sign}.{!beside && ' Fender height: from the ground to the lip, as the wheels are held.'}
        </caption>
      </table>
      <ul id={id} className="visually-hidden">
        {corners.map((corner) => (
          <li key={`${corner.axle}-${corner.side}`}>{cornerWords(report, corner, lengths.text)}</li>
        ))}
      </ul>
      <Ride scene={scene} report={report} />
    </section>
  );
}

/** How the body stands against now: at either axle, and how it leans. */
function Ride({ scene, report }: { scene: StanceScene; report: SetupReport }) {
  const lengths = useLengths();
  const [front, rear] = [report.front.bodyHeightChangeMm, report.rear.bodyHeightChangeMm];
  if (front === null || rear === null) return null;
  const rakeDeg = (Math.atan((rear - front) / scene.wheelbaseMm) * 180) / Math.PI;
  const isLevel = formatNumber(Math.abs(rakeDeg), 1) === formatNumber(0, 1);
  return (
    <p className="stance-ride">
      Body against now: front <b className="figure">{lengths.text(front, true)}</b>, rear{' '}
      <b className="figure">{lengths.text(rear, true)}</b>
      {isLevel ? ', rake as now.' : `, ${formatNumber(Math.abs(rakeDeg), 1)}° nose ${rakeDeg > 0 ? 'down' : 'up'}.`}
    </p>
  );
}
