import { poseWords, type ObstacleReport, type SetupReport, usedShare, verdictWord } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import type { Pose } from '#core/kinematics';
import { wordsIn } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { RingMark } from '../parts/Ring';
import '../parts/partsTable.css';
import '../parts/swept.css';
import './sweep.css';

interface PartsTableProps {
  parts: readonly ObstacleReport[];
  numbers: Readonly<Record<string, number>>;
  /** How far each is in the pose of the drawings. */
  here: Readonly<Record<string, number>>;
  /** Null while the map shows the worst of all. */
  chosen: string | null;
  choose(id: string | null): void;
  move(pose: Pose): void;
  /** Where the setup rests, mm of travel. */
  restMm: number;
}

/**
 * The parts of a corner with what each leaves: least clearance and its pose, and what there is in the pose of the
 * drawings.
 */
export function PartsTable({ parts, numbers, here, chosen, choose, move, restMm }: PartsTableProps) {
  const lengths = useLengths();
  const words = wordsIn(lengths.units);
  const pick = ({ id, steerDeg, travelMm, mount }: ObstacleReport) => {
    choose(mount === 'knuckle' ? null : id);
    if (mount !== 'knuckle' && steerDeg !== null && travelMm !== null) move({ steerDeg, travelMm });
  };
  return (
    <table className="parts-table" aria-label="Parts">
      <thead>
        <tr>
          <th scope="col">Part</th>
          <th scope="col">here</th>
          <th scope="col">least</th>
          <th scope="col">trim</th>
        </tr>
      </thead>
      <tbody>
        {parts.map((part) => (
          <tr key={part.id} data-part={part.id} data-chosen={part.id === chosen}>
            <td>
              <button
                type="button"
                className="parts-button"
                aria-pressed={part.id === chosen}
                onClick={() => pick(part)}
              >
                <RingMark verdict={part.verdict} used={usedOf(part)} word={wordOf(part)} />
                <span>
                  <b>
                    {numbers[part.id] !== undefined && <span className="figure">{numbers[part.id]} </span>}
                    {part.label}
                  </b>
                  {part.assumed && <em className="assumed"> assumed</em>}
                  <small>
                    {wordOf(part)}
                    {part.clearanceMm !== null && part.mount === 'knuckle' && ' · moves with the wheel'}
                    {part.clearanceMm !== null &&
                      part.mount !== 'knuckle' &&
                      part.swept &&
                      ` · ${poseWords({ steerDeg: part.steerDeg!, travelMm: part.travelMm! }, words, restMm)}`}
                    {part.clearanceMm !== null && !part.swept && ' · at rest only'}
                  </small>
                </span>
              </button>
            </td>
            <td className="figure">{lengths.figure(here[part.id])}</td>
            <td
              className={`figure is-${part.verdict}`}
              title={`limit ${lengths.text(part.limitMm)}; now ${lengths.text(part.baselineClearanceMm)}`}
            >
              {lengths.figure(part.clearanceMm)}
            </td>
            <td className="figure">{part.trimMm ? lengths.figure(part.trimMm) : ''}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const wordOf = ({ id, verdict }: ObstacleReport): string => verdictWord({ code: `obstacle:${id}`, verdict });

/** The share of a part's room that is used, for its ring. */
const usedOf = ({ id, clearanceMm, limitMm, verdict }: ObstacleReport): number | null =>
  usedShare({
    code: `obstacle:${id}`,
    value: clearanceMm,
    limit: limitMm,
    margin: clearanceMm === null ? null : clearanceMm - limitMm,
    verdict,
  });

interface BesideProps {
  setups: readonly { setup: Setup; report: SetupReport }[];
  present: SetupReport;
  axle: AxleName;
  parts: readonly ObstacleReport[];
  numbers: Readonly<Record<string, number>>;
  current: string;
  /** Whether what is known of a setup is from before a change. */
  isStale(setup: Setup): boolean;
  raise(id: string): void;
}

/** Least clearances of every setup side by side, and of the present car. */
export function SetupsBeside({ setups, present, axle, parts, numbers, current, isStale, raise }: BesideProps) {
  const lengths = useLengths();
  const cell = (report: SetupReport, id: string, stale: boolean) => {
    const part = report[axle].obstacles.find((one) => one.id === id);
    return (
      <td
        key={report.id}
        className={`figure may-be-stale is-${part?.verdict ?? 'unknown'}`}
        data-stale={stale}
        title={part ? wordOf(part) : ''}
      >
        {part?.verdict === 'fail' && <span aria-label="touches">×</span>}
        {lengths.figure(part?.clearanceMm)}
      </td>
    );
  };
  return (
    <section className="sweep-beside" aria-label="Setups side by side" tabIndex={0}>
      <table className="parts-table" aria-label="Setups side by side">
        <thead>
          <tr>
            <th scope="col">Least, {lengths.sign}</th>
            <th scope="col">now</th>
            {setups.map(({ setup }) => (
              <th scope="col" key={setup.id}>
                <button
                  type="button"
                  className="sweep-raise"
                  aria-pressed={setup.id === current}
                  onClick={() => raise(setup.id)}
                >
                  {setup.id.toUpperCase()}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {parts.map(({ id, label }) => (
            <tr key={id}>
              <td>
                <span className="sweep-name" title={`${numbers[id]} ${label}`}>
                  {numbers[id]} {label}
                </span>
              </td>
              {cell(present, id, false)}
              {setups.map(({ setup, report }) => cell(report, id, isStale(setup)))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
