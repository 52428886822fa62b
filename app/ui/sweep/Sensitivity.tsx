import type { Sensitivity as Found } from '#core/advice';
import type { AxleName, Setup } from '#core/job';
import { formatNumber } from '#core/units';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { useAsked } from '../../job/useAsked';
import { AskedStatus } from '../parts/AskedStatus';
import { GEOMETRY_NAMES } from '#core/suspension';
import { GEOMETRY_FIELDS } from '../room/geometryFields';
import '../parts/partsTable.css';

/** Which of the values nobody measured matters most for this setup: each tried at both ends of what it may be. */
export function Sensitivity({ setup, axle, assumed }: { setup: Setup; axle: AxleName; assumed: number }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const asked = useAsked<Found[]>({
    ask: (work, call, progress) => work.sensitivity(call, { job, setup, axle }, progress),
    of: `${setup.id} ${axle}`,
    about: [job.vehicle, setup, axle],
    byItself: false,
  });
  const found = asked.name === 'done' ? asked.value : null;
  const value = (key: Found['key'], of: number) => {
    const { unit } = GEOMETRY_FIELDS[key];
    return unit === 'length' ? lengths.text(of) : `${formatNumber(of, 2)}${unit}`;
  };
  return (
    <section aria-label="Most important assumptions">
      <h2 className="label">Most important assumptions</h2>
      {assumed === 0 && <p className="soft">Everything about how the wheel moves was measured.</p>}
      {assumed > 0 && asked.name === 'idle' && (
        <p className="soft">
          {assumed} {assumed === 1 ? 'value is' : 'values are'} assumed from the kind of suspension. Each is varied by
          how far off it may be, and listed by its effect on the least clearance.
        </p>
      )}
      {assumed > 0 && <AskedStatus asked={asked} doing="Trying assumed values" again="Try them" />}
      {found && telling(found).length === 0 && (
        <p className="soft">None changes the least clearance by as much as {lengths.text(TELLS_MM)}.</p>
      )}
      {found && telling(found).length > 0 && (
        <table className="parts-table" aria-label="Assumed values by effect on the least clearance">
          <thead>
            <tr>
              <th scope="col">Assumed</th>
              <th scope="col">less</th>
              <th scope="col">more</th>
            </tr>
          </thead>
          <tbody>
            {telling(found).map(({ key, value: of, span, lessMm, moreMm, decides }) => (
              <tr key={key}>
                <td>
                  {GEOMETRY_NAMES[key]}
                  <small className="soft figure">
                    {' '}
                    {value(key, of)} ± {value(key, span)}
                  </small>
                  {decides && <b className="is-caution"> decides</b>}
                </td>
                <td className="figure">{lengths.figure(lessMm, true)}</td>
                <td className="figure">{lengths.figure(moreMm, true)}</td>
              </tr>
            ))}
          </tbody>
          <caption className="soft">
            Least margin to a limit, in {lengths.sign}, with the value lower and higher.
          </caption>
        </table>
      )}
    </section>
  );
}

/** What moves the room by less than this is not told, mm. */
const TELLS_MM = 0.1;
const telling = (found: readonly Found[]): Found[] => found.filter(({ mattersMm }) => mattersMm >= TELLS_MM);
