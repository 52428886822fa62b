import { axleParts, fitPresent, obstacleLimit } from '#core/evaluate';
import type { AxleName } from '#core/job';
import type { Pose } from '#core/kinematics';
import { SURFACES } from '#core/section';
import type { SuspensionGeometry } from '#core/suspension';
import { mountOf, type Mount, type ObstacleKind, type Obstacle, type ObstacleGap, type Side } from '#core/sweep';
import { INSTRUMENT_UNCERTAINTY_MM, type Instrument } from '#core/uncertainty';
import { INSTRUMENT_NAMES } from '#formats/fields';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { DeleteOutlined } from '../controls/icons';
import { Segments } from '../controls/Segments';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { SURFACE_NAMES, takenWords } from '#formats/fields';
import { useInstruments } from '../../instruments/InstrumentsContext';
import { takenBy } from '../help/useTool';
import { asGap, asPoints, KIND_NAMES, readHere, type PartDraft } from './partDraft';
import { PointRows } from './PointRows';
import type { Parts } from './useParts';
import './room.css';

const KINDS = Object.entries(KIND_NAMES) as [ObstacleKind, string][];
const MOUNTS: readonly (readonly [Mount, string])[] = [
  ['body', 'the body'],
  ['knuckle', 'the wheel, steering too'],
  ['arm', 'the wheel, not steering'],
];
const SIDES_OF: readonly (readonly [Side, string])[] = [
  ['right', 'right only'],
  ['left', 'left only'],
];

interface PartFormProps {
  axle: AxleName;
  side: Side;
  part: PartDraft;
  parts: Parts;
  geometry: SuspensionGeometry | null;
}

/**
 * One part around the wheel: what it is, the gap to the nearest place on the wheel with the pose it was read in, or
 * coordinates.
 */
export function PartForm({ axle, side, part, parts, geometry }: PartFormProps) {
  const { job } = useDocument();
  const lengths = useLengths();
  const name = `parts/${axle}/${part.id ?? `begun-${part.kind}`}`;
  const over = <T,>(key: keyof PartDraft, value: T | null | undefined) => ({
    name: `${name}/${key}`,
    value: value ?? null,
    commit: (next: T | null) => parts.change(changed(part, key, next)),
  });
  const other: Side = side === 'left' ? 'right' : 'left';
  const { overallDiameterMm } = fitPresent(job.vehicle, axle);
  const placed = axleParts(job.vehicle, axle).parts.find(({ obstacle }) => obstacle.id === part.id)?.placed ?? null;
  const limit = obstacleLimit({
    obstacle: { ...part, id: part.id ?? 'begun', limitMm: null } as Obstacle,
    terms: job,
    axle,
    placed,
    tireRadiusMm: overallDiameterMm === null ? null : overallDiameterMm / 2,
  });
  return (
    <form className="part-form" aria-label={part.label || 'Part'} onSubmit={(event) => event.preventDefault()}>
      <div className="field-wrap">
        <ChoiceField
          label="Kind"
          choices={KINDS}
          width={140}
          {...over('kind', part.kind)}
          commit={(kind) => parts.change(ofKind(part, kind))}
        />
        <TextField {...over('label', part.label)} label="Name" width={14} />
        <Segments<'gap' | 'points'>
          aria-label="Placed by"
          options={[
            { value: 'gap', label: 'a gap' },
            { value: 'points', label: 'coordinates' },
          ]}
          value={part.points ? 'points' : 'gap'}
          onChange={(way) => parts.change(way === 'points' ? asPoints(part) : asGap(part))}
        />
      </div>
      {part.points ? (
        <PointRows name={name} points={part.points} change={(points) => parts.change({ ...part, points })} />
      ) : (
        <GapFields name={name} part={part} parts={parts} geometry={geometry} />
      )}
      <div className="field-wrap">
        <ChoiceField
          label="Moves with"
          choices={MOUNTS}
          width={172}
          placeholder={MOUNTS.find(([key]) => key === mountOf(part))![1]}
          {...over('mount', part.mount)}
        />
        <ChoiceField
          label="Side"
          choices={SIDES_OF}
          width={112}
          placeholder="both sides"
          {...over('side', part.side)}
        />
        <LengthField
          {...over('limitMm', part.limitMm)}
          label="Limit"
          range="partLimitMm"
          width={5}
          placeholder={lengths.figure(limit.value)}
        />
      </div>
      <div className="field-wrap">
        <Check
          checked={part.removable ?? false}
          onChange={({ target }) => parts.change(changed(part, 'removable', target.checked ? true : null))}
        >
          Held only by clips or screws
        </Check>
        {part.removable && (
          <TextField
            {...over('leavesOpen', part.leavesOpen)}
            label="Removing it leaves open"
            width={20}
            placeholder="what it kept out"
          />
        )}
      </div>
      <div className="part-tools">
        {part.id !== null ? (
          <>
            {part.side !== other && (
              <Button size="small" onClick={() => parts.copyTo(part.id!, other)}>
                Copy to the {other}
              </Button>
            )}
            <Button size="small" icon={<DeleteOutlined />} onClick={() => parts.remove(part.id!)}>
              Delete
            </Button>
          </>
        ) : (
          <>
            <span className="soft">Saved as soon as {part.points ? 'its coordinates are' : 'its gap is'} there.</span>
            <Button size="small" onClick={parts.drop}>
              Discard it
            </Button>
          </>
        )}
      </div>
    </form>
  );
}

/** The gap, where on the wheel it goes to, and the pose. */
function GapFields({
  name,
  part,
  parts,
  geometry,
}: {
  name: string;
  part: PartDraft;
  parts: Parts;
  geometry: SuspensionGeometry | null;
}) {
  const gap = part.gap ?? {};
  const over = <K extends keyof ObstacleGap>(key: K) => ({
    name: `${name}/gap/${key}`,
    value: (gap[key] ?? null) as NonNullable<ObstacleGap[K]> | null,
    commit: (next: NonNullable<ObstacleGap[K]> | null) => parts.change({ ...part, gap: changed(gap, key, next) }),
  });
  const { inHand } = useInstruments();
  // Read with an instrument of the shop it says so; with a kind of tool it says that.
  const taken = inHand && takenBy(inHand);
  const from = gap.fromJob || gap.shopInstrument ? takenWords({ ...gap, instrument: null }) : null;
  const to = (pose: Partial<Pose>) => parts.change({ ...part, gap: { ...gap, ...pose } });
  return (
    <>
      <div className="field-wrap">
        <LengthField
          {...over('gapMm')}
          commit={(gapMm) => parts.change({ ...part, gap: { ...changed(readHere(gap), 'gapMm', gapMm), ...taken } })}
          label="Gap"
          range="gapMm"
          width={6}
          aside={from && <span className="soft">{from}</span>}
        />
        <ChoiceField
          label="to"
          choices={SURFACES.map((surface) => [surface, SURFACE_NAMES[surface]] as const)}
          width={156}
          {...over('surface')}
        />
        <NumberField {...over('clockDeg')} label="Clock position" range="clockDeg" unit="°" width={4} />
        {gap.surface === 'tread' && (
          <LengthField {...over('axialMm')} label="From the tread's center" range="axialMm" width={5} placeholder="0" />
        )}
        {gap.surface === 'barrel' && (
          <LengthField
            {...over('axialMm')}
            label="From the rim's center, + outboard"
            range="axialMm"
            width={6}
            placeholder="narrowest"
          />
        )}
        {gap.surface === 'spokes' && (
          <LengthField
            {...over('radiusMm')}
            label="At a radius of"
            range="wheelRadiusMm"
            width={6}
            placeholder="halfway up"
          />
        )}
      </div>
      <div className="field-wrap">
        <NumberField {...over('steerDeg')} label="Steering angle" range="steerDeg" unit="°" width={4} placeholder="0" />
        <LengthField {...over('travelMm')} label="Wheel travel" range="travelMm" width={5} placeholder="0" />
        <ChoiceField
          label="Measured with"
          choices={(Object.keys(INSTRUMENT_NAMES) as Instrument[]).map(
            (tool) => [tool, INSTRUMENT_NAMES[tool]] as const,
          )}
          width={124}
          {...over('instrument')}
          commit={(instrument) =>
            parts.change({
              ...part,
              gap: {
                ...changed(gap, 'shopInstrument', null),
                instrument,
                uncertaintyMm: instrument && INSTRUMENT_UNCERTAINTY_MM[instrument],
              },
            })
          }
        />
      </div>
      {geometry && (
        <div className="part-poses" role="group" aria-label="Wheel position when measured">
          {geometry.lockInDeg + geometry.lockOutDeg > 0 && (
            <>
              <Button size="small" onClick={() => to({ steerDeg: 0 })}>
                straight
              </Button>
              <Button size="small" onClick={() => to({ steerDeg: geometry.lockOutDeg })}>
                lock, leading edge out
              </Button>
              <Button size="small" onClick={() => to({ steerDeg: -geometry.lockInDeg })}>
                lock, in
              </Button>
            </>
          )}
          <Button size="small" onClick={() => to({ travelMm: 0 })}>
            at rest
          </Button>
          <Button size="small" onClick={() => to({ travelMm: -geometry.droopMm })}>
            full droop
          </Button>
          <span className="soft">on a block: type its lift</span>
        </div>
      )}
    </>
  );
}

/** An object with one key set, or taken away where nothing is left of it. */
function changed<T extends object>(target: T, key: keyof T, value: unknown): T {
  const { [key]: _, ...rest } = target;
  return (value === null ? rest : { ...rest, [key]: value }) as T;
}

/** A part becomes another kind; a name nobody gave follows. */
function ofKind(part: PartDraft, kind: ObstacleKind | null): PartDraft {
  const named = part.label && !Object.values(KIND_NAMES).includes(part.label);
  const next = changed(part, 'kind', kind);
  return named || !kind ? next : { ...next, label: KIND_NAMES[kind] };
}
