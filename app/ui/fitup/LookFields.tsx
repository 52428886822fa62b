import type { Corner, Fitting } from '#core/fitting';
import { LengthField } from '../fields/LengthField';
import { TextField } from '../fields/TextField';
import { useEditAt } from '../parts/useEditAt';

/** How a corner looks, by eye: what a mock-up is for. */
export function LookFields({ fitting, corner, isClosed }: { fitting: Fitting; corner: Corner; isClosed: boolean }) {
  const editAt = useEditAt();
  const look = fitting.corners[corner]?.look;
  const path = ['fittings', fitting.id, 'corners', corner, 'look'];
  if (isClosed && !look) return null;
  return (
    <section aria-label="By eye">
      <h2 className="label">By eye</h2>
      <div className="field-wrap">
        <TextField
          name={`fitting/${fitting.id}/${corner}/look`}
          label="It looks"
          width={16}
          most={200}
          placeholder="right"
          value={look?.verdict ?? null}
          commit={(text) => editAt([...path, 'verdict'], text)}
        />
        <LengthField
          name={`fitting/${fitting.id}/${corner}/lookBy`}
          label="Further out by"
          range={[-200, 200]}
          width={5}
          value={look?.byMm ?? null}
          commit={(mm) => editAt([...path, 'byMm'], mm)}
        />
      </div>
    </section>
  );
}
