import type { BriefContradiction } from '#core/evaluate';
import { AXLES, type FaceRange } from '#core/job';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { briefLine } from '../frame/briefLine';
import { useFieldOver } from '../parts/useFieldOver';
import { TargetScale } from './TargetScale';
import './brief.css';

/** Poke target: a range for both axles, and one of its own for either. */
export function PokeTargets({ contradictions }: { contradictions: readonly BriefContradiction[] }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const target = job.brief?.pokeMm ?? {};
  return (
    <section>
      <h2>Poke target</h2>
      <p className="soft">
        From the fender lip: 0 is flush, minus is tuck, plus is poke. Now: {briefLine(job.brief, lengths)}.
      </p>
      <TargetScale min={target.min ?? null} max={target.max ?? null} />
      <div className="face-rows">
        <FaceRow
          label="Both axles"
          path={['brief', 'pokeMm']}
          range={target}
          open={lengths.figure(0)}
          contradictions={contradictions}
        />
        {AXLES.map((axle) => (
          <FaceRow
            key={axle}
            label={`${axle === 'front' ? 'Front' : 'Rear'} only`}
            path={['brief', 'pokeMm', axle]}
            range={target[axle] ?? {}}
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
    <fieldset className="face-row" aria-label={`Target, ${label.toLowerCase()}`} data-contradicted={contradicted}>
      <legend>{label}</legend>
      <LengthField
        {...end('min')}
        label="No further in than"
        placeholder={path.length > 2 ? 'as both' : 'open'}
        check={(mm) => (max != null && mm > max ? 'is beyond the outer end' : null)}
      />
      <LengthField
        {...end('max')}
        label="No further out than"
        placeholder={open}
        check={(mm) => (min != null && mm < min ? 'is short of the inner end' : null)}
      />
      {contradicted && <span className="is-fail face-fault">poke past a fender that must cover it</span>}
    </fieldset>
  );
}
