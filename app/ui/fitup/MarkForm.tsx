import { SURFACES } from '#core/section';
import { Button } from '../controls/Button';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { DeleteOutlined } from '../controls/icons';
import { SURFACE_NAMES } from '#formats/fields';
import type { MarkDraft, Marks } from './useMarks';
import './fitup.css';

const PLACES = SURFACES.map((surface) => [surface, SURFACE_NAMES[surface]] as const);

/** One mark: where on the wheel, in which pose, how long. */
export function MarkForm({ name, mark, marks }: { name: string; mark: MarkDraft; marks: Marks }) {
  const over = <K extends keyof MarkDraft>(key: K) => ({
    name: `${name}/${key}`,
    value: (mark[key] ?? null) as NonNullable<MarkDraft[K]> | null,
    commit: (value: NonNullable<MarkDraft[K]> | null) => marks.change({ ...mark, [key]: value ?? undefined }),
  });
  const kept = marks.marks.find(({ id }) => id === mark.id);
  return (
    <form className="mark-form" aria-label="Mark" onSubmit={(event) => event.preventDefault()}>
      <div className="field-wrap">
        <ChoiceField label="On" choices={PLACES} width={156} {...over('surface')} />
        <NumberField {...over('clockDeg')} label="Clock position" range="clockDeg" unit="°" width={4} />
        {mark.surface === 'tread' && (
          <LengthField {...over('axialMm')} label="From the tread’s center" range="axialMm" width={5} placeholder="0" />
        )}
        <NumberField {...over('steerDeg')} label="Steering angle" range="steerDeg" unit="°" width={4} placeholder="0" />
        <LengthField {...over('travelMm')} label="Wheel travel" range="travelMm" width={5} placeholder="0" />
      </div>
      <div className="field-wrap">
        <LengthField {...over('lengthMm')} label="Length of the mark" range={[0, 3000]} width={5} />
        <TextField {...over('note')} label="Note" width={18} most={2000} />
        {kept && (
          <Button icon={<DeleteOutlined />} onClick={() => marks.remove(kept)}>
            Delete the mark
          </Button>
        )}
      </div>
      {!kept && <p className="soft">Kept as soon as it says where: surface and clock position.</p>}
    </form>
  );
}
