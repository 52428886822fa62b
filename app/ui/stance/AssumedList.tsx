import { memo } from 'react';
import { AXLES, type AxleName, type Setup } from '#core/job';
import { USUAL_FRAME, type StanceAssumed } from '#core/stance';
import { capital } from '#core/text';
import { USUAL_SPOKES, type WheelStyle } from '#core/wheel';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { ToStation } from '../parts/ToStation';
import { useFieldOver } from '../parts/useFieldOver';
import './stance.css';

const STYLES: readonly (readonly [WheelStyle, string])[] = [
  ['single', 'single spokes'],
  ['paired', 'paired spokes'],
  ['split', 'split spokes'],
  ['steel', 'steel disc'],
];

interface AssumedListProps {
  setup: Setup | null;
  assumed: readonly StanceAssumed[];
}

function AllAssumed({ setup, assumed }: AssumedListProps) {
  const { job } = useDocument();
  const lengths = useLengths();
  const over = useFieldOver();
  const { vehicle } = job;
  const mark = (value: unknown) => (value == null ? { assumed: 'assumed' } : {});
  const others = assumed.filter(({ what }) => what === 'lip' || what === 'caliper' || what === 'steer');
  return (
    <section aria-label="The body and what is assumed">
      <h2 className="label">The body</h2>
      <div className="field-wrap">
        <LengthField
          {...over(['vehicle', 'wheelbaseMm'], vehicle.wheelbaseMm)}
          {...mark(vehicle.wheelbaseMm)}
          label="Wheelbase"
          range="wheelbaseMm"
          placeholder={lengths.figure(USUAL_FRAME.wheelbaseMm)}
        />
        {AXLES.map((axle) => (
          <LengthField
            key={axle}
            {...over(['vehicle', axle, 'trackMm'], vehicle[axle]?.trackMm)}
            {...mark(vehicle[axle]?.trackMm)}
            label={`${capital(axle)} track`}
            range="trackMm"
            placeholder={lengths.figure(USUAL_FRAME.trackMm)}
          />
        ))}
        {AXLES.map((axle) => (
          <NumberField
            key={axle}
            {...over(['vehicle', axle, 'panelFallDeg'], vehicle[axle]?.panelFallDeg)}
            {...mark(vehicle[axle]?.panelFallDeg)}
            label={`${capital(axle)} fender leans in`}
            range="panelFallDeg"
            unit="°"
            width={4}
            placeholder={String(USUAL_FRAME.panelFallDeg)}
          />
        ))}
      </div>
      <h2 className="label">Look of the wheels</h2>
      <div className="field-wrap">
        {AXLES.map((axle) => (
          <WheelLook key={axle} setup={setup} axle={axle} />
        ))}
      </div>
      {others.length > 0 && (
        <>
          <h2 className="label">Assumed as well</h2>
          <ul className="stance-assumed">
            {others.map(({ text }) => (
              <li key={text}>{capital(text)}</li>
            ))}
            {others.some(({ what }) => what === 'lip') && (
              <li>
                <ToStation station="room">Measure the lips at the Room</ToStation>
              </li>
            )}
          </ul>
        </>
      )}
    </section>
  );
}

const textsOf = (assumed: readonly StanceAssumed[]): string => assumed.map(({ text }) => text).join();

/**
 * What of the picture nobody measured, where it is entered; and the looks of the wheels. Drawn again only where
 * something else is assumed: not for a wheel that moves.
 */
export const AssumedList = memo(
  AllAssumed,
  (one, other) => one.setup === other.setup && textsOf(one.assumed) === textsOf(other.assumed),
);

/** The style of an axle's wheels, and how many spokes they have: of the setup, or of what is on the car. */
function WheelLook({ setup, axle }: { setup: Setup | null; axle: AxleName }) {
  const { job } = useDocument();
  const over = useFieldOver();
  const path = setup ? ['setups', setup.id, axle, 'wheel'] : ['vehicle', axle, 'baseline', 'wheel'];
  const wheel = setup ? setup[axle]?.wheel : job.vehicle[axle]?.baseline?.wheel;
  const style = wheel?.style ?? null;
  return (
    <>
      <ChoiceField
        {...over([...path, 'style'], style)}
        label={`${capital(axle)} style`}
        choices={STYLES}
        width={200}
        placeholder="single spokes (assumed)"
      />
      <NumberField
        {...over([...path, 'spokeCount'], wheel?.spokeCount)}
        {...(wheel?.spokeCount == null ? { assumed: 'assumed' } : {})}
        label={style === 'steel' ? `${capital(axle)} holes` : `${capital(axle)} spokes`}
        range="spokeCount"
        whole
        width={4}
        placeholder={String(USUAL_SPOKES[style ?? 'single'])}
      />
    </>
  );
}
