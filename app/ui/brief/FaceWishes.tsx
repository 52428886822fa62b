import type { BriefContradiction } from '#core/evaluate';
import { AXLES, type FaceRange } from '#core/job';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { briefLine } from '../frame/briefLine';
import { useFieldOver } from '../parts/useFieldOver';
import { WishScale } from './WishScale';
import './brief.css';

/** Where the face should stand: a range for both axles, and one of its own for either. */
export function FaceWishes({ contradictions }: { contradictions: readonly BriefContradiction[] }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const wish = job.brief?.pokeMm ?? {};
  return (
    <section>
      <h2>Where the face should stand</h2>
      <p className="soft">
        Against the fender&apos;s lip: 0 is level, minus is tucked inside, plus is proud. Now:{' '}
        {briefLine(job.brief, lengths)}.
      </p>
      <WishScale min={wish.min ?? null} max={wish.max ?? null} />
      <div className="face-rows">
        <FaceRow
          label="Both axles"
          path={['brief', 'pokeMm']}
          range={wish}
          open={lengths.figure(0)}
          contradictions={contradictions}
        />
        {AXLES.map((axle) => (
          <FaceRow
            key={axle}
            label={`${axle === 'front' ? 'Front' : 'Rear'} only`}
            path={['brief', 'pokeMm', axle]}
            range={wish[axle] ?? {}}
            open="as both"
            contradictions={contradictions}
          />
        ))}
      </div>
    </section>
  );
}

interface FaceRowProps {
  label: string;
  path: string[];
  range: FaceRange;
  /** What stands in an outer end that is left out. */
  open: string;
  contradictions: readonly BriefContradiction[];
}

function FaceRow({ label, path, range, open, contradictions }: FaceRowProps) {
  const over = useFieldOver();
  const { min, max } = range;
  const end = (key: 'min' | 'max') => ({
    ...over([...path, key], range[key]),
    range: 'pokeMm' as const,
    width: 8,
  });
  const contradicted = contradictions.some((one) => one.path === [...path, 'min'].join('.'));
  return (
    <fieldset className="face-row" aria-label={`Wish, ${label.toLowerCase()}`} data-contradicted={contradicted}>
      <legend>{label}</legend>
      <LengthField
        {...end('min')}
        label="Not further in than"
        placeholder={path.length > 2 ? 'as both' : 'open'}
        check={(mm) => (max != null && mm > max ? 'lies outside the outer end' : null)}
      />
      <LengthField
        {...end('max')}
        label="Not further out than"
        placeholder={open}
        check={(mm) => (min != null && mm < min ? 'lies inside the inner end' : null)}
      />
      {contradicted && <span className="is-fail face-fault">proud of a fender that must cover it</span>}
    </fieldset>
  );
}
