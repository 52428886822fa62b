import { useId, useState } from 'react';
import type { SetupReport } from '#core/evaluate';
import { AXLES, type AxleName, type Setup } from '#core/job';
import type { SuspensionChangeKind } from '#core/suspension';
import { Choice } from '../controls/Choice';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { useEditAt } from '../parts/useEditAt';
import './car.css';

const KINDS: readonly { value: SuspensionChangeKind; label: string }[] = [
  { value: 'spring', label: 'at the spring' },
  { value: 'strut-top', label: 'strut spacer' },
  { value: 'body', label: 'body lift' },
];

/** What stops and parts do under each kind, in a line. */
const EFFECT: Record<SuspensionChangeKind, string> = {
  spring: 'ride height moves, the stops stay: more travel one way, less the other',
  'strut-top': 'ride height and both stops move together',
  body: 'wheels and stops stay, the body rises',
};

/** How a setup raises or lowers the car, axle by axle, and what that does to height, arch and rake. */
export function SuspensionChangeFields({ setup, report }: { setup: Setup; report: SetupReport }) {
  const lengths = useLengths();
  const changed = AXLES.some((axle) => setup.suspensionChange?.[axle]);
  const { rakeChangeMm } = report;
  return (
    <section className="field-group" aria-label="Suspension change">
      <h2 className="label">Raised or lowered</h2>
      {AXLES.map((axle) => (
        <AxleChange key={axle} setup={setup} axle={axle} />
      ))}
      <dl className="change-effects">
        {AXLES.map((axle) => (
          <div key={axle}>
            <dt>{axle === 'front' ? 'Front' : 'Rear'}</dt>
            <dd>
              body <b className="figure">{lengths.text(report[axle].bodyHeightChangeMm, true)}</b>
              {', fender clearance '}
              <b className="figure">{lengths.text(report[axle].archGapMm)}</b>
            </dd>
          </div>
        ))}
        <div>
          <dt>Rake</dt>
          <dd>
            {rakeChangeMm === null
              ? 'not known'
              : Math.abs(rakeChangeMm) < 0.05
                ? 'as now'
                : `nose ${lengths.text(Math.abs(rakeChangeMm))} ${rakeChangeMm > 0 ? 'higher' : 'lower'} against` +
                  ' the tail than now'}
          </dd>
        </div>
      </dl>
      {changed && (
        <p className="caution-note">
          Springs on a strut are under load: use a spring compressor, and licensed work where the law asks for it. Align
          the wheels afterwards; re-aim headlamps and driver-assist sensors. Lifts are regulated differently in every
          place: check your local code.
        </p>
      )}
    </section>
  );
}

function AxleChange({ setup, axle }: { setup: Setup; axle: AxleName }) {
  const editAt = useEditAt();
  const id = useId();
  const change = setup.suspensionChange?.[axle];
  const [chosen, setChosen] = useState<SuspensionChangeKind>('spring');
  const kind = change?.kind ?? chosen;
  const path = ['setups', setup.id, 'suspensionChange', axle];
  const name = axle === 'front' ? 'Front' : 'Rear';
  return (
    <div className="field-wrap">
      <LengthField
        name={`${path.join('/')}/mm`}
        label={`${name} raised by`}
        range="suspensionChangeMm"
        width={5}
        placeholder="0"
        value={change?.mm ?? null}
        commit={(mm) => editAt(path, mm === null ? null : { kind, mm })}
      />
      <div className="field">
        <label className="label" htmlFor={id}>
          {name}, how
        </label>
        <Choice<SuspensionChangeKind>
          id={id}
          value={kind}
          options={[...KINDS]}
          style={{ width: '10rem' }}
          onChange={(next) => {
            setChosen(next);
            if (change) editAt(path, { ...change, kind: next });
          }}
        />
      </div>
      {change && <p className="soft change-effect">{EFFECT[kind]}</p>}
    </div>
  );
}
