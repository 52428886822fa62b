import { useState } from 'react';
import { FIND_WEIGHTS, USUAL_WEIGHTS, type Finds, type FindWeight } from '#core/find';
import { Button } from '../controls/Button';
import { Slider } from '../controls/Slider';
import { useDocument } from '../../job/DocumentContext';
import { reasonText, WEIGHT_NAMES, weightWord } from './findWords';
import '../parts/partsTable.css';
import './find.css';

const STEP = 0.1;
/** How many single limits are told that would let most in. */
const SHOWN_LIMITS = 4;

const count = (of: number): string => of.toLocaleString('en-US');

/** What ranks the finds: four weights, kept with the brief. */
export function Weights() {
  const { job, edit } = useDocument();
  const kept = job.brief?.find;
  return (
    <section className="find-weights" aria-label="Ranking">
      <h2 className="label">Ranked by verdict, then by</h2>
      {FIND_WEIGHTS.map((key) => (
        <WeightSlider
          key={`${key} ${kept?.[key] ?? ''}`}
          of={key}
          value={kept?.[key] ?? USUAL_WEIGHTS[key]}
          put={(value) => edit({ op: 'set', path: ['brief', 'find', key], value })}
        />
      ))}
      {kept !== undefined && (
        <Button size="small" kind="text" onClick={() => edit({ op: 'clear', path: ['brief', 'find'] })}>
          As usual
        </Button>
      )}
    </section>
  );
}

function WeightSlider({ of, value, put }: { of: FindWeight; value: number; put(value: number): void }) {
  const [at, setAt] = useState(value);
  return (
    <div className="find-weight">
      <span>
        {WEIGHT_NAMES[of]} <small className="soft">{weightWord(at)}</small>
      </span>
      <Slider
        min={0}
        max={1}
        step={STEP}
        value={at}
        onChange={setAt}
        onEnd={put}
        label={WEIGHT_NAMES[of]}
        says={weightWord}
      />
    </div>
  );
}

/** How many were tried, why the rest fell out, and which single limit would let most of them in. */
export function Counts({ finds }: { finds: Finds }) {
  const { tried, fit, fellOut, relaxations } = finds;
  return (
    <>
      <section aria-label="Tried">
        <h2 className="label">Tried</h2>
        <p>
          <b className="figure">{count(tried)}</b> combinations, <b className="figure">{count(fit)}</b> not ruled out.
        </p>
        <table className="parts-table find-counts" aria-label="Why the rest fell out">
          <tbody>
            {Object.entries(fellOut).map(([code, fell]) => (
              <tr key={code}>
                <th scope="row">{reasonText(code)}</th>
                <td className="figure">{count(fell)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      {relaxations.length > 0 && (
        <section aria-label="One limit alone">
          <h2 className="label">Held back by one limit alone</h2>
          <table className="parts-table find-counts" aria-label="What would let most in">
            <tbody>
              {relaxations.slice(0, SHOWN_LIMITS).map(({ code, count: held }) => (
                <tr key={code}>
                  <th scope="row">{reasonText(code)}</th>
                  <td className="figure">{count(held)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </>
  );
}
