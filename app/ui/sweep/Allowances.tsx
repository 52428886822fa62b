import { Check } from '../controls/Check';
import { useDocument } from '../../job/DocumentContext';
import { LengthField } from '../fields/LengthField';
import { useEditAt } from '../parts/useEditAt';
import './sweep.css';

/** What the sweep allows for beside the tire as it is new and unloaded. */
export function Allowances() {
  const { job } = useDocument();
  const editAt = useEditAt();
  const { growth = false, bulgeMm } = job.brief?.sweep ?? {};
  return (
    <section className="sweep-options" aria-label="Allowances">
      <Check
        checked={growth}
        onChange={({ target }) => editAt(['brief', 'sweep', 'growth'], target.checked ? true : null)}
      >
        Grown in service (4 %, UNECE R30)
      </Check>
      <LengthField
        name="brief/sweep/bulgeMm"
        label="Bulge under load, a side"
        range="bulgeMm"
        width={5}
        placeholder="none"
        value={bulgeMm ?? null}
        commit={(value) => editAt(['brief', 'sweep', 'bulgeMm'], value)}
      />
    </section>
  );
}
