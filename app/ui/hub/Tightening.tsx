import { starOrder, torqueStages } from '#core/fastener';
import { formatMeasure } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { HubFace, type Face } from './HubFace';
import './hub.css';

/** In which order and in which stages the fasteners are tightened. */
export function Tightening({ face, torqueNm }: { face: Face; torqueNm: number | null }) {
  const { units } = useLengths();
  const { lugCount } = face;
  if (lugCount === null) return <p className="soft finder-hint">The order needs the lug count.</p>;
  const order = starOrder(lugCount);
  return (
    <div className="finder">
      <HubFace face={face} name="Star order" order={order} />
      <div className="tightening">
        <p>
          <span className="label">Star order</span>{' '}
          <b className="figure">{order.map((place) => place + 1).join(' – ')}</b>{' '}
          <span className="soft">clockwise from the top stud; the drawing counts the turns</span>
        </p>
        {torqueNm === null ? (
          <p className="soft">Torque in stages needs the maker&apos;s figure.</p>
        ) : (
          <ol className="torque-stages" aria-label="Torque stages">
            {torqueStages(torqueNm).map((stage, index) => (
              <li key={index}>
                <span className="label">{['half', 'most', 'full'][index]}</span>
                <b className="figure">{formatMeasure({ quantity: 'torque', value: stage, unit: units })}</b>
              </li>
            ))}
          </ol>
        )}
        <p className="soft">
          Wheel off the ground for the first stage, on the ground for the last. Retorque after 50 to 100 km. Never by
          feel: it cannot be checked afterwards.
        </p>
      </div>
    </div>
  );
}
