import { AXLES, requiredBackspacing } from '#core/job';
import { Segments } from '../controls/Segments';
import { useDocument } from '../../job/DocumentContext';
import { LengthField } from '../fields/LengthField';
import { useEditAt } from '../parts/useEditAt';

/** The most backspacing that the paper of a lift allows, axle by axle, and by which convention it is meant. */
export function RequiredBackspacing() {
  const { job } = useDocument();
  const editAt = useEditAt();
  const { brief } = job;
  const asked = brief?.requiredBackspacingMm;
  const own = { front: requiredBackspacing(brief, 'front')?.mostMm, rear: requiredBackspacing(brief, 'rear')?.mostMm };
  const put = (axle: 'front' | 'rear', mm: number | null) => {
    // One figure for both axles becomes one for each as soon as either is changed.
    if (typeof asked === 'number') editAt(['brief', 'requiredBackspacingMm'], { ...own, [axle]: mm ?? undefined });
    else editAt(['brief', 'requiredBackspacingMm', axle], mm);
    if (mm !== null && brief?.requiredBackspacingConvention === undefined)
      editAt(['brief', 'requiredBackspacingConvention'], 'overall');
  };
  return (
    <div className="field-columns">
      {AXLES.map((axle) => (
        <LengthField
          key={axle}
          name={`brief/requiredBackspacingMm/${axle}`}
          value={own[axle] ?? null}
          commit={(mm) => put(axle, mm)}
          label={`Most backspacing, ${axle}`}
          range="backspacingMm"
          width={7}
          placeholder="none asked"
        />
      ))}
      <Segments<'overall' | 'nominal'>
        aria-label="Convention of the required backspacing"
        options={[
          { value: 'overall', label: 'overall', title: 'straightedge across the back flange to the pad' },
          { value: 'nominal', label: 'nominal', title: 'on the nominal width' },
        ]}
        value={brief?.requiredBackspacingConvention ?? 'overall'}
        onChange={(convention) => editAt(['brief', 'requiredBackspacingConvention'], convention)}
      />
    </div>
  );
}
