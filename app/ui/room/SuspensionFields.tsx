import type { AxleName } from '#core/job';
import { kindOn, resolveGeometry, type GeometryKey, type SuspensionKind } from '#core/suspension';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { useEditAt } from '../parts/useEditAt';
import { useFieldOver } from '../parts/useFieldOver';
import { GEOMETRY_FIELDS } from './geometryFields';
import './room.css';

const KINDS: Record<AxleName, readonly (readonly [SuspensionKind, string])[]> = {
  front: [
    ['strut', 'strut'],
    ['wishbone', 'double wishbone'],
    ['axle', 'live steering axle'],
  ],
  rear: [
    ['rear-independent', 'independent'],
    ['rear-twist-beam', 'twist beam'],
    ['rear-axle', 'rigid axle, live or dead'],
    ['strut', 'strut'],
    ['wishbone', 'double wishbone'],
  ],
};

/** Ranges of the file by key; locks and stops share theirs. */
const RANGE = {
  lockOutDeg: 'lockDeg',
  lockInDeg: 'lockDeg',
  bumpMm: 'stopMm',
  droopMm: 'stopMm',
  kingpinInclinationDeg: 'kingpinInclinationDeg',
  casterDeg: 'casterDeg',
  kingpinOffsetMm: 'kingpinOffsetMm',
  kingpinForeMm: 'kingpinForeMm',
  camberDeg: 'camberDeg',
  camberGainDegPer100: 'camberGainDegPer100',
  lateralPerMm: 'lateralPerMm',
  lateralPerMm2: 'lateralPerMm2',
} as const satisfies Record<GeometryKey, string>;

/** How the wheels of an axle move; what nobody measured shows the usual value of its kind, marked as assumed. */
export function SuspensionFields({ axle }: { axle: AxleName }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const editAt = useEditAt();
  const over = useFieldOver();
  const suspension = job.vehicle[axle]?.suspension ?? {};
  const resolved = resolveGeometry(suspension, axle);
  const usual = resolved.geometry;
  const path = (key: string) => ['vehicle', axle, 'suspension', key];
  return (
    <form className="part-form" aria-label={`Suspension, ${axle}`} onSubmit={(event) => event.preventDefault()}>
      <ChoiceField
        label="Kind of suspension"
        choices={KINDS[axle]}
        width={190}
        value={kindOn(suspension, axle) ?? null}
        commit={(kind) => editAt(path('kind'), kind)}
      />
      {resolved.geometry !== null && resolved.kindAssumed && (
        <p className="soft">Kind of rear axle not given: independent (assumed).</p>
      )}
      {resolved.geometry === null && (
        <p className="soft">
          Without the kind of suspension, parts are checked at rest only: clearance at lock and in travel is not known.
        </p>
      )}
      <div className="field-wrap suspension-fields">
        {(Object.keys(GEOMETRY_FIELDS) as GeometryKey[]).map((key) => {
          const { short, unit } = GEOMETRY_FIELDS[key];
          const value = suspension[key] == null ? usual?.[key] : undefined;
          const field = {
            ...over(path(key), suspension[key]),
            label: short,
            range: RANGE[key],
            width: 5,
            assumed: resolved.geometry && resolved.assumed.includes(key) ? 'usual' : undefined,
          };
          const placeholder = (text: string) => (value === undefined ? '—' : text);
          return unit === 'length' ? (
            <LengthField key={key} {...field} placeholder={placeholder(lengths.figure(value))} />
          ) : (
            <NumberField
              key={key}
              {...field}
              {...(unit === '' ? {} : { unit })}
              placeholder={placeholder(String(value))}
            />
          );
        })}
      </div>
    </form>
  );
}
