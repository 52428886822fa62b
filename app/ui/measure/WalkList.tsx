import { AXLES } from '#core/job';
import { capital } from '#core/text';
import { useLengths } from '../../preferences/PreferencesContext';
import { CheckOutlined } from '../controls/icons';
import { ENTRIES } from './entries';
import type { Measure } from './useMeasure';
import type { WalkCard } from './cards/card';
import './measure.css';

/** That it is read; or on which car it was. */
const Read = ({ of: { fromJob } }: { of: WalkCard }) =>
  fromJob === null ? <CheckOutlined aria-label="read" /> : <small>{fromJob}</small>;

/** Every reading of the walk, with what is there; each leads to its card. */
export function WalkList({ measure: { walk, card, skipped, choose } }: { measure: Measure }) {
  const { units } = useLengths();
  return (
    <>
      {AXLES.map((axle) => (
        <section key={axle} aria-label={`Readings, ${axle}`}>
          <h2 className="label">{capital(axle)}</h2>
          <ul className="walk-list">
            {walk
              .filter((one) => one.axle === axle)
              .map((one) => (
                <li key={one.id}>
                  <button type="button" aria-pressed={one.id === card.id} onClick={() => choose(one)}>
                    <span>
                      {one.title}
                      {one.side && `, ${one.side}`}
                    </span>
                    <span className="figure">
                      {one.value === null
                        ? skipped.has(one.id)
                          ? 'skipped'
                          : one.like === null
                            ? '—'
                            : 'as right'
                        : ENTRIES[one.entry].show(one.value, units)}
                    </span>
                    {one.value === null ? <span /> : <Read of={one} />}
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </>
  );
}
