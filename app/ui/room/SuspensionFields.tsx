import type { AxleName } from '#core/job';
import { resolveGeometry, USUAL_GEOMETRY, type GeometryKey, type SuspensionKind } from '#core/suspension';
import { useJob } from '../../job/JobContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { useEditAt } from '../parts/useEditAt';

const KINDS: readonly (readonly [SuspensionKind, string])[] = [
  ['strut', 'strut'],
  ['wishbone', 'double wishbone'],
  ['axle', 'live steering axle'],
  ['rear', 'rear, does not steer'],
];

/** The values of a geometry with their names; lengths in the reader's unit. */
export const GEOMETRY_NAMES: Record<GeometryKey, { name: string; short: string; unit: 'length' | '°' | '' }> = {
  lockOutDeg: { name: 'lock, leading edge out', short: 'Lock, out', unit: '°' },
  lockInDeg: { name: 'lock, leading edge in', short: 'Lock, in', unit: '°' },
  bumpMm: { name: 'travel up to the stop', short: 'Travel, up', unit: 'length' },
  droopMm: { name: 'travel down', short: 'Travel, down', unit: 'length' },
  kingpinInclinationDeg: { name: 'kingpin inclination', short: 'Kingpin incl.', unit: '°' },
  casterDeg: { name: 'caster', short: 'Caster', unit: '°' },
  kingpinOffsetMm: { name: 'steering axis inboard of the hub face', short: 'Axis inboard', unit: 'length' },
  kingpinForeMm: { name: 'steering axis behind the hub', short: 'Axis behind', unit: 'length' },
  camberDeg: { name: 'camber at rest', short: 'Camber', unit: '°' },
  camberGainDegPer100: { name: 'camber over 100 mm up', short: 'Camber a 100', unit: '°' },
  lateralPerMm: { name: 'outward movement a mm up', short: 'Out a mm up', unit: '' },
  lateralPerMm2: { name: 'outward movement, second order', short: 'Out a mm²', unit: '' },
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
  const { job } = useJob();
  const lengths = useLengths();
  const editAt = useEditAt();
  const suspension = job.vehicle[axle]?.suspension ?? {};
  const resolved = resolveGeometry(suspension);
  const usual = suspension.kind ? USUAL_GEOMETRY[suspension.kind] : null;
  const path = (key: string) => ['vehicle', axle, 'suspension', key];
  return (
    <form className="part-form" aria-label={`Suspension, ${axle}`} onSubmit={(event) => event.preventDefault()}>
      <ChoiceField
        label="Kind of suspension"
        choices={KINDS}
        width={190}
        value={suspension.kind ?? null}
        commit={(kind) => editAt(path('kind'), kind)}
      />
      {resolved.geometry === null && (
        <p className="soft">
          Without its kind the wheel only stands: parts are judged at rest, and what it does at lock and over bumps is
          not known.
        </p>
      )}
      <div className="piece-fields suspension-fields">
        {(Object.keys(GEOMETRY_NAMES) as GeometryKey[]).map((key) => {
          const { short, unit } = GEOMETRY_NAMES[key];
          const value = usual?.[key];
          const field = {
            name: path(key).join('/'),
            value: suspension[key] ?? null,
            commit: (next: number | null) => editAt(path(key), next),
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
